<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Find, Found } from '../../api/client';
import { useMeasure } from '../../composables/useMeasure';

export type Brush = Record<string, [number, number]>;

const props = defineProps<{ axes: Find['axes']; builds: Found[]; brush: Brush; inside: (build: Found) => boolean; lit: string }>();
const emit = defineEmits<{ brush: [brush: Brush]; light: [code: string] }>();
const { show } = useMeasure();

const STEP = 0.05;
const tracks = ref<HTMLElement[]>([]);
const lines = computed(() =>
    props.builds.map((build) => ({
        build,
        path: props.axes.map((axis, index) => `${index === 0 ? 'M' : 'L'}${index} ${1 - (build.places[axis.key] ?? 0)}`).join(''),
        inside: props.inside(build),
    })),
);
const range = (key: string): [number, number] => props.brush[key] ?? [0, 1];
const isBrushed = (key: string): boolean => range(key)[0] > 0 || range(key)[1] < 1;

function set(key: string, low: number, high: number): void {
    const clip = (place: number): number => Math.min(1, Math.max(0, place));
    emit('brush', { ...props.brush, [key]: [clip(Math.min(low, high)), clip(Math.max(low, high))] });
}

/** Which end of which axis is dragged; of a new stretch the place where it began. */
let dragged: { key: string; from: number } | null = null;
function place(event: PointerEvent, index: number): number {
    const box = tracks.value[index]?.getBoundingClientRect();
    return box ? 1 - (event.clientY - box.top) / box.height : 0;
}
function begin(event: PointerEvent, index: number, key: string, end: 0 | 1 | null): void {
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    dragged = { key, from: end === null ? place(event, index) : range(key)[end === 0 ? 1 : 0] };
    event.stopPropagation();
}
function drag(event: PointerEvent, index: number): void {
    if (dragged) set(dragged.key, dragged.from, place(event, index));
}
function finish(event: PointerEvent, index: number, key: string): void {
    // A click without a stretch takes the brush off.
    if (dragged && Math.abs(place(event, index) - dragged.from) < 0.02 && (event.target as HTMLElement).dataset.track) set(key, 0, 1);
    dragged = null;
}
function nudge(key: string, end: 0 | 1, by: number): void {
    const [low, high] = range(key);
    if (end === 0) set(key, Math.min(high, low + by), high);
    else set(key, low, Math.max(low, high + by));
}
</script>

<template>
    <figure class="axes" :style="{ '--axes': axes.length }">
        <svg
            :viewBox="`0 0 ${axes.length - 1} 1`"
            preserveAspectRatio="none"
            role="img"
            :aria-label="`${builds.length} builds along ${axes.length} measures, the best of each on top`"
        >
            <path
                v-for="line in lines"
                :key="line.build.code"
                :d="line.path"
                :class="{ inside: line.inside, lit: line.build.code === lit }"
                @mouseenter="emit('light', line.build.code)"
                @mouseleave="emit('light', '')"
            />
        </svg>
        <div
            v-for="(axis, index) in axes"
            :key="axis.key"
            class="axis"
            :class="{ brushed: isBrushed(axis.key) }"
            :style="{ left: `${(100 * index) / axes.length}%` }"
        >
            <b>{{ axis.name }}</b>
            <span
                ref="tracks"
                class="track"
                data-track="yes"
                @pointerdown="begin($event, index, axis.key, null)"
                @pointermove="drag($event, index)"
                @pointerup="finish($event, index, axis.key)"
            >
                <span class="stretch" :style="{ bottom: `${range(axis.key)[0] * 100}%`, top: `${(1 - range(axis.key)[1]) * 100}%` }" />
                <span
                    v-for="end in [1, 0] as const"
                    :key="end"
                    class="handle"
                    role="slider"
                    tabindex="0"
                    aria-orientation="vertical"
                    :aria-label="`${axis.name}, ${end === 1 ? 'best' : 'worst'} that is shown`"
                    aria-valuemin="0"
                    aria-valuemax="100"
                    :aria-valuenow="Math.round(range(axis.key)[end] * 100)"
                    :style="{ bottom: `${range(axis.key)[end] * 100}%` }"
                    @pointerdown="begin($event, index, axis.key, end)"
                    @pointermove="drag($event, index)"
                    @pointerup="finish($event, index, axis.key)"
                    @keydown.up.prevent="nudge(axis.key, end, STEP)"
                    @keydown.down.prevent="nudge(axis.key, end, -STEP)"
                    @keydown.esc.prevent="set(axis.key, 0, 1)"
                />
                <span v-for="mark in axis.marks" :key="mark.place" class="mark figure" :style="{ bottom: `${mark.place * 100}%` }">{{
                    show(mark.label)
                }}</span>
            </span>
        </div>
    </figure>
</template>

<style scoped>
.axes {
    position: relative;
    margin: 0;
    height: 232px;
    padding: 26px calc(100% / var(--axes) / 2) 12px;
}
svg {
    width: 100%;
    height: 100%;
    overflow: visible;
}
path {
    fill: none;
    stroke: var(--pleat-edge);
    stroke-width: 1;
    opacity: 0.25;
    vector-effect: non-scaling-stroke;
}
path.inside {
    stroke: var(--clean);
    stroke-width: 1.3;
    opacity: 0.38;
}
path.lit {
    stroke: var(--bypass);
    stroke-width: 4;
    opacity: 1;
}
.axis {
    position: absolute;
    top: 0;
    bottom: 0;
    width: calc(100% / var(--axes));
}
.axis b {
    position: absolute;
    top: 0;
    left: 50%;
    translate: -50%;
    font-size: 14px;
}
.track {
    position: absolute;
    top: 26px;
    bottom: 12px;
    left: 50%;
    width: 26px;
    translate: -50%;
    cursor: ns-resize;
    touch-action: none;
}
.track::before {
    content: '';
    position: absolute;
    inset: 0 12px;
    background: var(--pencil);
}
.stretch {
    position: absolute;
    left: 8px;
    right: 8px;
    background: color-mix(in oklab, var(--tape), transparent 35%);
    border: 1px solid var(--tape-edge);
    pointer-events: none;
}
.axis:not(.brushed) .stretch {
    opacity: 0.35;
}
.handle {
    position: absolute;
    left: 2px;
    right: 2px;
    height: 10px;
    translate: 0 50%;
    background: var(--sheet);
    border: 2px solid var(--ink);
    touch-action: none;
}
.mark {
    position: absolute;
    left: 30px;
    translate: 0 50%;
    font-size: 12px;
    color: var(--pencil);
    background: color-mix(in oklab, var(--sheet), transparent 20%);
    pointer-events: none;
    white-space: nowrap;
}
</style>
