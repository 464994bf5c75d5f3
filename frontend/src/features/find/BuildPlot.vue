<script setup lang="ts">
import { Slider } from 'ant-design-vue';
import { computed } from 'vue';
import type { Find, Found } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import type { Brush } from './brush';

/** All builds as lines through their measures, the best of each on top; a stretch of a measure leaves what lies within. */
const props = defineProps<{ axes: Find['axes']; builds: Found[]; brush: Brush; inside: (build: Found) => boolean; lit: string }>();
const emit = defineEmits<{ brush: [brush: Brush]; light: [code: string] }>();
const { show } = useMeasure();

/** A stretch is moved by as much with the keyboard; the slider counts in hundredths. */
const STEP = 5;
const WHOLE = 100;
const lines = computed(() =>
    props.builds.map((build) => ({
        build,
        path: props.axes.map((axis, index) => `${index === 0 ? 'M' : 'L'}${index} ${1 - (build.places[axis.key] ?? 0)}`).join(''),
        inside: props.inside(build),
    })),
);
const stretch = (key: string): [number, number] => props.brush[key] ?? [0, 1];
const isBrushed = (key: string): boolean => stretch(key)[0] > 0 || stretch(key)[1] < 1;
const shown = (key: string): [number, number] => stretch(key).map((place) => Math.round(place * WHOLE)) as [number, number];

function set(key: string, value: unknown): void {
    if (!Array.isArray(value)) return;
    const [low, high] = value.map((place) => Number(place) / WHOLE) as [number, number];
    emit('brush', { ...props.brush, [key]: [low, high] });
}
</script>

<template>
    <div class="sideways">
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
                @keydown.esc.prevent="set(axis.key, [0, WHOLE])"
            >
                <b>{{ axis.name }}</b>
                <Slider
                    class="track"
                    vertical
                    range
                    :value="shown(axis.key)"
                    :step="STEP"
                    :tooltip-open="false"
                    :aria-label-group-for-handles="[`${axis.name}, worst that is shown`, `${axis.name}, best that is shown`]"
                    @change="(value: unknown) => set(axis.key, value)"
                />
                <span v-for="mark in axis.marks" :key="mark.place" class="mark figure" :style="{ '--place': mark.place }">{{
                    show(mark.label)
                }}</span>
            </div>
        </figure>
    </div>
</template>

<style scoped>
/* On a phone the axes keep the room that their figures need. */
.sideways {
    overflow-x: auto;
    overflow-y: hidden;
}
.axes {
    --top: 26px;
    --foot: 12px;
    position: relative;
    margin: 0;
    height: 232px;
    padding: var(--top) calc(100% / var(--axes) / 2) var(--foot);
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
    white-space: nowrap;
}
.axis :deep(.track) {
    position: absolute;
    top: var(--top);
    bottom: var(--foot);
    left: 50%;
    height: auto;
    margin: 0;
    translate: -50%;
}
.axis :deep(.ant-slider-rail) {
    background: var(--pencil);
    width: 3px;
    margin-left: 1px;
}
.axis :deep(.ant-slider-track) {
    background: color-mix(in oklab, var(--tape), transparent 35%) !important;
    width: 10px;
    margin-left: -3px;
}
.axis:not(.brushed) :deep(.ant-slider-track) {
    opacity: 0.4;
}
.mark {
    position: absolute;
    left: calc(50% + 12px);
    bottom: calc(var(--foot) + (100% - var(--top) - var(--foot)) * var(--place));
    translate: 0 50%;
    font-size: 12px;
    color: var(--pencil);
    background: color-mix(in oklab, var(--sheet), transparent 20%);
    pointer-events: none;
    white-space: nowrap;
}
@media (max-width: 900px) {
    .axes {
        --wide: 660px;
        width: var(--wide);
        padding-inline: calc(var(--wide) / var(--axes) / 2);
    }
}
</style>
