<script setup lang="ts">
import { Button, Popconfirm } from 'ant-design-vue';
import type { DayTask } from '../../api/client';

/** The task that is picked: when, who, where; once the day has begun the way to its guide, and out of it for a unit that cannot go on. */
defineProps<{ task: DayTask; unit: number | undefined; maySetAside: boolean }>();
const emit = defineEmits<{ aside: [unit: number] }>();
</script>

<template>
    <section class="task" aria-label="The task">
        <p>
            <b class="figure">{{ task.clock }}</b> · unit {{ task.unit }} · {{ Math.round(task.end - task.start) }} min<template
                v-if="task.wait"
                >, then {{ Math.round(task.wait) }} min until it holds</template
            >
            · <b>{{ task.people.join(' and ') }}</b> · {{ task.place }}
            <b v-if="task.adults_only" class="mark">Adults only</b>
            <b v-if="task.is_check" class="mark">A check</b>
            <b v-if="task.done" class="mark">Done</b>
            <b v-else-if="task.late" class="mark late">{{ task.late }} min late</b>
        </p>
        <p class="action">{{ task.action }} <RouterLink v-if="unit" :to="{ name: 'unit', params: { unit } }">Open its guide</RouterLink></p>
        <Popconfirm
            v-if="maySetAside"
            :title="`A dead fan, a part that is missing: unit ${task.unit} waits, and the rest is planned anew from now.`"
            ok-text="Set it aside"
            @confirm="emit('aside', task.unit)"
        >
            <Button size="small">Unit {{ task.unit }} cannot go on</Button>
        </Popconfirm>
    </section>
</template>

<style scoped>
.task {
    padding: 9px 14px;
    background: var(--sheet);
    border: 1px solid var(--line);
}
.task p:first-child {
    color: var(--pencil);
}
.task b {
    color: var(--ink);
}
.action {
    font-size: 17px;
}
.mark {
    margin-left: 6px;
    padding: 0 7px;
    background: color-mix(in oklab, var(--kraft), var(--sheet) 62%);
}
.mark.late {
    background: var(--bypass-soft);
}
a {
    color: var(--clean);
    text-decoration: underline;
}
</style>
