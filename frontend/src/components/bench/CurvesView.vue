<script setup lang="ts">
import { ref } from 'vue';
import type { Working } from '../../api/client';
import { useMeasure } from '../../composables/useMeasure';
import PlotAxes from '../PlotAxes.vue';

const props = defineProps<{ working: Working; chosen: string }>();
const emit = defineEmits<{ speed: [name: string] }>();
const { show } = useMeasure();

const plot = ref<HTMLElement>();
let dragging = false;

/** The speed whose point is the nearest to the pointer. */
function follow(event: PointerEvent): void {
    const box = plot.value?.getBoundingClientRect();
    if (!dragging || !box) return;
    const [x, y] = [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height];
    const far = ({ clean }: Working['speeds'][number]): number => Math.hypot(clean.x - x, clean.y - y);
    const nearest = props.working.speeds.reduce((best, one) => (far(one) < far(best) ? one : best));
    if (nearest.name !== props.chosen) emit('speed', nearest.name);
}
function begin(event: PointerEvent): void {
    dragging = true;
    plot.value?.setPointerCapture(event.pointerId);
    follow(event);
}
function step(by: number): void {
    const names = props.working.speeds.map(({ name }) => name);
    const next = names[names.indexOf(props.chosen) + by];
    if (next !== undefined) emit('speed', next);
}
const percent = (share: number): string => `${share * 100}%`;
</script>

<template>
    <figure class="curves" aria-label="Fan against filters">
        <PlotAxes :across="working.across" :up="working.up" class="plotted">
            <div ref="plot" class="pulled" @pointerdown="begin" @pointermove="follow" @pointerup="dragging = false">
                <svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true">
                    <rect
                        :x="working.band.x1"
                        :y="working.band.y1"
                        :width="Math.max(0, working.band.x2 - working.band.x1)"
                        :height="Math.max(0, working.band.y2 - working.band.y1)"
                        class="band"
                    />
                    <path :d="working.loadedBox" class="box loaded" />
                    <path :d="working.box" class="box" />
                    <path
                        v-for="one in working.speeds"
                        :key="one.name"
                        :d="one.path"
                        class="fan"
                        :class="{ chosen: one.name === chosen }"
                    />
                </svg>
                <span
                    v-for="one in working.speeds"
                    :key="`dust-${one.name}`"
                    class="dust"
                    :style="{ left: percent(one.loaded.x), top: percent(one.loaded.y) }"
                    aria-hidden="true"
                />
                <span
                    v-for="one in working.speeds"
                    :key="one.name"
                    class="point figure"
                    :class="{ chosen: one.name === chosen, loud: !one.keepsQuiet }"
                    :data-speed="one.name"
                    :style="{ left: percent(one.clean.x), top: percent(one.clean.y) }"
                    :title="`Speed ${one.name}: ${show(one.clean.flow)} at ${show(one.clean.pressure)}; with filters that are due ${show(one.loaded.flow)}`"
                    >{{ one.name }}</span
                >
                <span
                    v-for="one in working.speeds.filter(({ name }) => name === chosen)"
                    :key="`handle-${one.name}`"
                    class="handle"
                    role="slider"
                    tabindex="0"
                    aria-label="Speed"
                    aria-valuemin="1"
                    :aria-valuemax="working.speeds.length"
                    :aria-valuenow="working.speeds.indexOf(one) + 1"
                    :aria-valuetext="`${one.name}: ${show(one.clean.flow)} through the filters at ${show(one.clean.pressure)}`"
                    :style="{ left: percent(one.clean.x), top: percent(one.clean.y) }"
                    @keydown.right.prevent="step(1)"
                    @keydown.up.prevent="step(1)"
                    @keydown.left.prevent="step(-1)"
                    @keydown.down.prevent="step(-1)"
                />
            </div>
        </PlotAxes>
        <figcaption>
            <span class="key fan-key">fan at each speed</span><span class="key box-key">filters and leaks, clean</span
            ><span class="key dust-key">the same with filters that are due</span><span class="key band-key">90 % range</span>
            <span v-for="one in working.speeds.filter(({ name }) => name === chosen)" :key="one.name" class="says">
                On {{ one.name }}: <b class="figure">{{ show(one.clean.flow) }}</b> through the filters at
                <b class="figure">{{ show(one.clean.pressure) }}</b>; <b class="figure">{{ show(one.loaded.flow) }}</b> when they are due.
                Drag the point to change the speed.
            </span>
        </figcaption>
    </figure>
</template>

<style scoped>
.curves {
    margin: 0;
    padding: 62px 34px 14px;
    display: grid;
    grid-template-rows: minmax(0, 1fr) auto;
    gap: 4px;
    min-height: 0;
    font-size: 14px;
    color: var(--pencil);
}
.plotted {
    min-height: 260px;
}
.pulled {
    position: absolute;
    inset: 0;
    touch-action: none;
    cursor: ew-resize;
}
svg {
    position: absolute;
    width: 100%;
    height: 100%;
    overflow: hidden;
}
path {
    fill: none;
    vector-effect: non-scaling-stroke;
}
.fan {
    stroke: var(--housing);
    stroke-width: 1.6;
    opacity: 0.75;
}
.fan.chosen {
    stroke-width: 3.4;
    opacity: 1;
}
.box {
    stroke: var(--clean);
    stroke-width: 3;
}
.box.loaded {
    stroke: var(--kraft-edge);
    stroke-dasharray: 7 5;
    stroke-width: 2.4;
}
.band {
    fill: var(--clean);
    opacity: 0.2;
}
.point,
.handle,
.dust {
    position: absolute;
    translate: -50% -50%;
}
.point {
    display: grid;
    place-items: center;
    min-width: 26px;
    height: 26px;
    padding: 0 5px;
    font-size: 13px;
    font-weight: 700;
    color: var(--ink);
    background: var(--sheet);
    border: 2px solid var(--clean);
    border-radius: 13px;
    pointer-events: none;
    white-space: nowrap;
}
.point.loud {
    border-style: dashed;
    border-color: var(--short);
}
.point.chosen {
    color: var(--sheet);
    background: var(--clean);
    z-index: 2;
}
.handle {
    width: 40px;
    height: 40px;
    border-radius: 50%;
    cursor: grab;
}
.dust {
    width: 9px;
    height: 9px;
    background: var(--kraft-edge);
    border-radius: 50%;
}
figcaption {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 20px;
}
.key::before {
    content: '';
    display: inline-block;
    width: 22px;
    height: 0;
    margin-right: 6px;
    vertical-align: middle;
    border-top: 3px solid var(--housing);
}
.box-key::before {
    border-color: var(--clean);
}
.dust-key::before {
    border-top: 3px dashed var(--kraft-edge);
}
.band-key::before {
    height: 10px;
    border: 0;
    background: color-mix(in oklab, var(--clean), transparent 75%);
}
@media (max-width: 900px) {
    .curves {
        padding: 8px 14px 12px;
    }
}
.says {
    flex-basis: 100%;
    color: var(--ink);
}
</style>
