<script setup lang="ts">
import type { CutPlan } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';

/** All parts to cut, with the labels that they carry on the mat, in the files and in the guide. */
defineProps<{ plan: CutPlan; lit: string }>();
const emit = defineEmits<{ light: [part: string] }>();
const { show } = useMeasure();
</script>

<template>
    <ul class="parts" aria-label="Parts to cut">
        <li
            v-for="part in plan.parts"
            :key="part.label"
            :class="{ lit: lit === part.part }"
            @pointerenter="emit('light', part.part)"
            @pointerleave="emit('light', '')"
        >
            <b class="figure">{{ part.label }}</b>
            <span>
                {{ part.name }}<template v-if="part.count > 1">, {{ part.count }} of them</template>
                <small>
                    {{ show(part.width) }} × {{ show(part.height) }}<template v-if="part.cut_into"> · cut into it, it stays whole</template
                    ><template v-else-if="!part.may_turn"> · along the grain</template>
                </small>
            </span>
        </li>
    </ul>
</template>

<style scoped>
.parts {
    margin: 0;
    padding: 0;
    list-style: none;
    background: var(--sheet);
    border: 1px solid var(--line);
}
li {
    display: grid;
    grid-template-columns: 34px 1fr;
    gap: 6px;
    padding: 5px 8px;
    font-size: 14.5px;
    line-height: 1.25;
    border-bottom: 1px solid var(--line);
}
li:last-child {
    border: 0;
}
li.lit {
    background: var(--clean-soft);
}
small {
    display: block;
    color: var(--pencil);
    font-size: 13px;
}
</style>
