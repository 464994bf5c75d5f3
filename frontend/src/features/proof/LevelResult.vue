<script setup lang="ts">
import { computed } from 'vue';
import type { Survey } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import FoldAway from '../../ui/FoldAway.vue';

/** What a level that was measured means at other speeds, at the seats, and beside other fans. */
const props = defineProps<{ level: NonNullable<Survey['level']> }>();
const { show } = useMeasure();
/** As many as can be compared at a glance. */
const SHOWN = 8;
const fans = computed(() => {
    const own = props.level.fans.findIndex((fan) => fan.own);
    return props.level.fans.filter((_, place) => place < SHOWN || place === own);
});
</script>

<template>
    <div class="result">
        <p>
            At 1 m:
            <span v-for="one in level.speeds" :key="one.name" class="one"
                >speed {{ one.name }} <b class="figure">{{ one.level }}</b></span
            >
        </p>
        <p v-if="level.seats.length">
            At the seats: <b class="figure">{{ level.seats.join(', ') }}</b>
        </p>
        <p v-if="level.limit">
            <template v-if="level.loudest"
                >Speed {{ level.loudest }} is the fastest that keeps to the room’s limit of {{ level.limit }}.</template
            >
            <template v-else>No speed keeps to the room’s limit of {{ level.limit }}.</template>
        </p>
        <FoldAway title="Fans at the same flow, at the same level">
            <table>
                <thead>
                    <tr>
                        <th>Fan</th>
                        <th>Level at the same flow</th>
                        <th>Flow at the same level</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="fan in fans" :key="fan.name" :class="{ own: fan.own }">
                        <td>{{ fan.name }}</td>
                        <td class="figure">{{ fan.level }}{{ fan.reaches ? '' : ' *' }}</td>
                        <td class="figure">{{ show(fan.flow) }}</td>
                    </tr>
                </tbody>
            </table>
            <p class="aside">Free flow, by the fan laws. * It does not reach that flow at any speed of its own.</p>
        </FoldAway>
    </div>
</template>

<style scoped>
.result {
    display: grid;
    gap: 6px;
}
p {
    margin: 0;
}
.one + .one::before {
    content: ', ';
}
table {
    width: 100%;
    border-collapse: collapse;
    font-size: 14px;
}
th,
td {
    padding: 3px 8px 3px 0;
    text-align: left;
    border-bottom: 1px solid var(--line);
}
.own td {
    font-weight: 700;
    background: var(--clean-soft);
}
.aside {
    font-size: 13px;
    color: var(--pencil);
}
</style>
