<script setup lang="ts">
import { computed, ref } from 'vue';
import { labelOf, pathOf, ruler, type Moved, type PlacedPart, type PlanSheet } from './mat';

/** One sheet on the cutting mat, true to scale: its parts are hovered, picked and moved. */
const props = defineProps<{ sheet: PlanSheet; scale: number; imperial: boolean; lit: string; picked: string; mayMove: boolean }>();
const emit = defineEmits<{ light: [part: string]; pick: [piece: string]; moved: [moved: Moved] }>();

const EDGE = 22;
/** Farther than this a part was moved, nearer it was picked; mm on the sheet. */
const CLICK = 3;
/** A step by an arrow key, mm. */
const STEP = 25.4 / 8;

/** Height of a label, px: the smallest that is read, the largest that is wanted. */
const LETTERS = [11, 24] as const;
const least = (outline: number[][]): number =>
    Math.min(...[0, 1].map((side) => Math.max(...outline.map((at) => at[side] ?? 0)) - Math.min(...outline.map((at) => at[side] ?? 0))));

const mat = ref<SVGElement>();
const held = ref<{ piece: string; fromX: number; fromY: number; x: number; y: number } | null>(null);
const marks = computed(() => ({ along: ruler(props.sheet.width_mm, props.imperial), up: ruler(props.sheet.height_mm, props.imperial) }));
const parts = computed(() =>
    props.sheet.placed.map((part) => ({
        ...part,
        path: pathOf([part.outline, ...part.holes], props.sheet.height_mm),
        at: labelOf(part),
        size: Math.min(LETTERS[1], Math.max(LETTERS[0], (least(part.outline) * props.scale) / 3)) / props.scale,
    })),
);
const shift = (piece: string): string => (held.value?.piece === piece ? `translate(${held.value.x} ${-held.value.y})` : '');

function take(event: PointerEvent, part: PlacedPart): void {
    emit('pick', part.piece);
    if (!props.mayMove) return;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    held.value = { piece: part.piece, fromX: event.clientX, fromY: event.clientY, x: 0, y: 0 };
}
function pull(event: PointerEvent): void {
    if (!held.value) return;
    held.value.x = (event.clientX - held.value.fromX) / props.scale;
    held.value.y = -(event.clientY - held.value.fromY) / props.scale;
}
function drop(event: PointerEvent, part: PlacedPart): void {
    const pulled = held.value;
    held.value = null;
    if (!pulled || Math.hypot(pulled.x, pulled.y) <= CLICK) return;
    const own = mat.value?.getBoundingClientRect();
    const other = document.elementsFromPoint(event.clientX, event.clientY).find((one) => one.matches('svg.mat')) as SVGElement | undefined;
    const there = other?.getBoundingClientRect();
    if (!own || !there || !other || other === mat.value) return move(part, pulled.x, pulled.y);
    // Onto another sheet: all lie at the same scale, each measured from its lower left corner.
    emit('moved', {
        piece: part.piece,
        sheet: other.dataset.sheet ?? '',
        number: Number(other.dataset.number),
        x_mm: part.x_mm + pulled.x + (own.left - there.left) / props.scale,
        y_mm: part.y_mm + pulled.y + (there.bottom - own.bottom) / props.scale,
        turn: part.turn,
    });
}
function move(part: PlacedPart, x: number, y: number): void {
    const { id, number } = props.sheet;
    emit('moved', { piece: part.piece, sheet: id, number, x_mm: part.x_mm + x, y_mm: part.y_mm + y, turn: part.turn });
}
const STEPS: Record<string, [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };
function key(event: KeyboardEvent, part: PlacedPart): void {
    const step = STEPS[event.key];
    if (event.key === 'Enter' || event.key === ' ') emit('pick', part.piece);
    else if (step && props.mayMove) move(part, step[0] * STEP, step[1] * STEP);
    else return;
    event.preventDefault();
}
</script>

<template>
    <svg
        ref="mat"
        class="mat"
        :data-sheet="sheet.id"
        :data-number="sheet.number"
        :width="sheet.width_mm * scale + EDGE + 8"
        :height="sheet.height_mm * scale + EDGE + 4"
        role="group"
        :aria-label="`${sheet.name}: ${sheet.placed.length} parts`"
    >
        <g class="ruler">
            <template v-for="mark in marks.along" :key="`x${mark.at}`">
                <path :d="`M${EDGE + mark.at * scale} ${EDGE - 2}v${mark.label ? -8 : -4}`" />
                <text v-if="mark.label" :x="EDGE + mark.at * scale + 2" y="11">{{ mark.label }}</text>
            </template>
            <template v-for="mark in marks.up" :key="`y${mark.at}`">
                <path :d="`M${EDGE - 2} ${EDGE + (sheet.height_mm - mark.at) * scale}h${mark.label ? -8 : -4}`" />
                <text v-if="mark.label && mark.at" x="1" :y="EDGE + (sheet.height_mm - mark.at) * scale + 11">{{ mark.label }}</text>
            </template>
        </g>
        <g :transform="`translate(${EDGE} ${EDGE}) scale(${scale})`">
            <rect class="board" :width="sheet.width_mm" :height="sheet.height_mm" />
            <path v-for="(zone, index) in sheet.zones" :key="`zone${index}`" class="zone" :d="pathOf([zone], sheet.height_mm)" />
            <path
                v-for="(fold, index) in sheet.folds"
                :key="`fold${index}`"
                class="fold"
                :d="pathOf([fold], sheet.height_mm).replace('Z', '')"
            />
            <g
                v-for="part in parts"
                :key="part.piece"
                class="part"
                :class="{ lit: lit === part.part, picked: picked === part.piece, pinned: part.pinned, held: held?.piece === part.piece }"
                :transform="shift(part.piece)"
                tabindex="0"
                role="button"
                :aria-label="`Part ${part.piece}${part.pinned ? ', stays where it is' : ''}`"
                :aria-pressed="picked === part.piece"
                :data-piece="part.piece"
                @pointerenter="emit('light', part.part)"
                @pointerleave="emit('light', '')"
                @pointerdown="(event) => take(event, part)"
                @pointermove="pull"
                @pointerup="(event) => drop(event, part)"
                @pointercancel="held = null"
                @focus="emit('light', part.part)"
                @keydown="(event) => key(event, part)"
            >
                <path :d="part.path" fill-rule="evenodd" />
                <text :x="part.at.x" :y="sheet.height_mm - part.at.y" :font-size="part.size" dy="0.35em">{{ part.label }}</text>
            </g>
        </g>
    </svg>
</template>

<style scoped>
.mat {
    display: block;
    overflow: visible;
    touch-action: pan-y;
}
.ruler path {
    stroke: var(--pencil);
    stroke-width: 1;
}
.ruler text {
    font: 10px var(--figures);
    fill: var(--pencil);
}
.board {
    fill: var(--kraft);
    fill-opacity: 0.28;
    stroke: var(--kraft-edge);
    stroke-width: 1.5;
    vector-effect: non-scaling-stroke;
}
.fold {
    fill: none;
    stroke: var(--kraft-edge);
    stroke-width: 1;
    stroke-dasharray: 6 4;
    vector-effect: non-scaling-stroke;
}
.zone {
    fill: var(--short-soft);
    stroke: var(--short);
    stroke-dasharray: 3 3;
    vector-effect: non-scaling-stroke;
}
.part {
    cursor: grab;
    outline: none;
}
.part path {
    fill: var(--kraft);
    stroke: var(--ink);
    stroke-width: 1.4;
    vector-effect: non-scaling-stroke;
}
.part text {
    text-anchor: middle;
    font-family: var(--figures);
    font-weight: 700;
    fill: var(--ink);
    pointer-events: none;
}
.part.lit path {
    fill: var(--clean-soft);
    stroke: var(--clean);
    stroke-width: 2.4;
}
.part.picked path,
.part:focus-visible path {
    stroke: var(--clean);
    stroke-width: 3.5;
}
.part.pinned path {
    stroke-dasharray: 7 3;
}
.part.held {
    cursor: grabbing;
    opacity: 0.85;
}
</style>
