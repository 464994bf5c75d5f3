<script setup lang="ts">
import { computed } from 'vue';
import type { Axis } from '../api/client';
import { useMeasure } from '../composables/useMeasure';

/** A pair of axes with round marks, numbers and units; what is drawn on them lies in the slot. */
const props = defineProps<{ across: Axis; up: Axis }>();
const { measure, show } = useMeasure();

const marks = (axis: Axis) => axis[measure.value];
const lines = computed(() => [
    ...marks(props.across).map(({ share }) => `M${share} 0V1`),
    ...marks(props.up).map(({ share }) => `M0 ${1 - share}H1`),
]);
</script>

<template>
    <div class="axes">
        <span class="up-name">{{ up.name }}, {{ show(up.unit) }}</span>
        <div class="up figure" aria-hidden="true">
            <span v-for="mark in marks(up)" :key="mark.text" :style="{ bottom: `${100 * mark.share}%` }">{{ mark.text }}</span>
        </div>
        <div class="plot">
            <svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true" class="lines">
                <path v-for="line in lines" :key="line" :d="line" />
            </svg>
            <slot />
        </div>
        <div class="across figure" aria-hidden="true">
            <span v-for="mark in marks(across)" :key="mark.text" :style="{ left: `${100 * mark.share}%` }">{{ mark.text }}</span>
        </div>
        <span class="across-name">{{ across.name }}, {{ show(across.unit) }}</span>
    </div>
</template>

<style scoped>
.axes {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    grid-template-rows: auto minmax(0, 1fr) auto auto;
    gap: 3px 6px;
    min-height: 0;
    font-size: 13px;
    color: var(--pencil);
}
.up-name {
    grid-area: 1 / 1 / 2 / 3;
}
.up {
    grid-area: 2 / 1;
    position: relative;
    min-width: 3.4em;
    font-size: 12px;
}
.up span {
    position: absolute;
    right: 0;
    transform: translateY(50%);
}
.plot {
    grid-area: 2 / 2;
    position: relative;
    min-height: 0;
    background: color-mix(in oklab, var(--sheet), transparent 12%);
    border-left: 2px solid var(--ink);
    border-bottom: 2px solid var(--ink);
}
.lines {
    position: absolute;
    width: 100%;
    height: 100%;
}
.lines path {
    fill: none;
    stroke: var(--mat-line);
    vector-effect: non-scaling-stroke;
}
.across {
    grid-area: 3 / 2;
    position: relative;
    height: 1.4em;
    font-size: 12px;
}
.across span {
    position: absolute;
    transform: translateX(-50%);
}
.across-name {
    grid-area: 4 / 1 / 5 / 3;
    text-align: right;
}
</style>
