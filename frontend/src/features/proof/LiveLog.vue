<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import type { Axis } from '../../api/client';
import { DataPlot, type Plot } from '../../plot/plot';
import { useLive, useMeters } from './meters';

/** A particle counter that is logged live, as the room clears. */
const props = defineProps<{ programme: number }>();
const emit = defineEmits<{ done: [log: number, name: string] }>();
const meters = useMeters(() => props.programme);
const counters = computed(() => (meters.data.value ?? []).filter(({ tells }) => tells === 'pm25'));
const { meter, points, missed, isOn, fault, start, stop } = useLive();
const latest = computed(() => points.value.at(-1));

/** Round marks of an axis that ends a little beyond. */
function axis(name: string, unit: string, most: number): Axis {
    const rough = Math.max(most, 1e-6) / 5;
    const power = 10 ** Math.floor(Math.log10(rough));
    const step = power * ([1, 2, 5].find((by) => by * power >= rough) ?? 10);
    const scale = { most: step * Math.ceil((most * 1.05) / step), step };
    return { name, unit: { imperial: unit, metric: unit }, imperial: scale, metric: scale };
}
const plot = computed<Plot>(() => ({
    title: 'What the counter tells',
    across: axis('Time', 'min', latest.value?.[0] ?? 1),
    up: axis('In the air', 'µg/m³', Math.max(10, ...points.value.map(([, value]) => value))),
    lines: [{ key: 'live', name: 'Readings', line: { imperial: points.value, metric: points.value }, look: 'reading' }],
}));
function finish(): void {
    const name = meter.value?.name ?? '';
    const log = stop();
    if (log !== null) emit('done', log, name);
}
</script>

<template>
    <div v-if="counters.length" class="live">
        <template v-if="!isOn">
            <span>Or log live:</span>
            <Button v-for="one in counters" :key="one.id" @click="start(one)">{{ one.name }}</Button>
        </template>
        <template v-else>
            <p class="now">
                <b class="figure" data-test="live">{{ latest ? `${latest[1].toFixed(1)} µg/m³` : '…' }}</b> {{ meter!.name }}
                <span v-if="missed" class="aside">{{ missed }} readings were missed</span>
                <span v-if="fault" class="aside">{{ fault }}</span>
                <Button type="primary" size="small" @click="finish">Stop and use it</Button>
            </p>
            <DataPlot v-if="points.length > 1" :plot="plot" class="plot" />
        </template>
    </div>
</template>

<style scoped>
.live {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
}
.now {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 14px;
    align-items: center;
    margin: 0;
}
.now b {
    font-size: 22px;
}
.plot {
    flex: 1 1 100%;
    height: 260px;
}
.aside {
    font-size: 14px;
    color: var(--pencil);
}
</style>
