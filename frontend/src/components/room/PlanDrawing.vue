<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue';
import type { Corner, Furnishing, Plan } from '../../api/client';
import { useMeasure } from '../../composables/useMeasure';
import { useSize } from '../../composables/useSize';
import { apart, inLine, isRightWayRound, moveCorner, moveWall, nameOf, rectangle, removeCorner, STEP, steadied, type Picked } from './plan';

const props = defineProps<{
    plan: Plan | undefined;
    /** Corners as they are drawn just now; of a plain rectangle those of the plan. */
    corners: Corner[];
    furnishings: Furnishing[];
    picked: Picked | null;
    /** Rooms that a door may lead to. */
    neighbours: { id: number; name: string }[];
    /** What a reading beside a wall takes up, px. */
    reading: { width: number; height: number };
    /** Room around the plan for its readings, px. */
    margin: { left: number; right: number; top: number; bottom: number };
}>();
const emit = defineEmits<{
    outline: [corners: Corner[]];
    furnishings: [furnishings: Furnishing[]];
    pick: [picked: Picked | null];
    hold: [held: boolean];
}>();
defineSlots<{ wall(props: { index: number }): unknown }>();
const { measure, show } = useMeasure();

/** Metres across the mat while nothing is drawn. */
const EMPTY = 14;
/** How far a tape field stands off its wall, px. */
const OFF = 16;
/** On a phone there is no room for ceilings beside their corners: a sign tells that there is one. */
const isNarrow = window.innerWidth <= 700;
/** How far from a wall it can be taken hold of, px. */
const GRIP = 8;
/** Walls shorter than this on the sheet show their length only when they are picked, px. */
const SHORT = 60;

const host = ref<HTMLElement>();
const size = useSize(host);

interface View {
    scale: number;
    x: number;
    y: number;
}

/** The sheet stays as it lies while something is held. */
const frozen = shallowRef<View | null>(null);
const fitted = computed<View>(() => {
    const { width, height } = size.value;
    if (props.corners.length === 0) return { scale: width / EMPTY, x: 0, y: height };
    const xs = props.corners.map((corner) => corner.x);
    const ys = props.corners.map((corner) => corner.y);
    const [left, right, front, back] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
    const scale = Math.min(
        Math.max(40, width - props.margin.left - props.margin.right) / Math.max(0.5, right - left),
        Math.max(40, height - props.margin.top - props.margin.bottom) / Math.max(0.5, back - front),
    );
    const [x, y] = [(width + props.margin.left - props.margin.right) / 2, (height + props.margin.top - props.margin.bottom) / 2];
    return { scale, x: x - (scale * (left + right)) / 2, y: y + (scale * (front + back)) / 2 };
});
const view = computed(() => frozen.value ?? fitted.value);
const px = (x: number): number => view.value.x + view.value.scale * x;
const py = (y: number): number => view.value.y - view.value.scale * y;

/** Lines of the mat, a metre or two feet apart. */
const grid = computed(() => {
    const step = measure.value === 'imperial' ? 0.6096 : 1;
    const { scale, x, y } = view.value;
    return scale === 0 ? { size: 1, x: 0, y: 0 } : { size: step * scale, x: x % (step * scale), y: y % (step * scale) };
});

const walls = computed(() =>
    props.corners.map((from, index) => {
        const to = props.corners[(index + 1) % props.corners.length] as Corner;
        const [x1, y1, x2, y2] = [px(from.x), py(from.y), px(to.x), py(to.y)];
        const length = Math.max(1, Math.hypot(x2 - x1, y2 - y1));
        // The room lies on the left of its walls; on the sheet y goes down, so outwards is this side.
        const [ox, oy] = [-(y2 - y1) / length, (x2 - x1) / length];
        return {
            index,
            isShort: length < SHORT,
            band: [
                [x1, y1, -1],
                [x2, y2, -1],
                [x2, y2, 1],
                [x1, y1, 1],
            ]
                .map(([x, y, side]) => `${x! + GRIP * side! * ox},${y! + GRIP * side! * oy}`)
                .join(' '),
            x: (x1 + x2) / 2 + ox * (OFF + props.reading.width / 2),
            y: (y1 + y2) / 2 + oy * (OFF + props.reading.height / 2),
            dx: (x2 - x1) / length,
            dy: (y2 - y1) / length,
        };
    }),
);
/** Readings as they are shown, clear of each other. */
const readings = computed(() =>
    apart(
        walls.value.filter((wall) => !wall.isShort || isPicked('wall', wall.index)),
        props.reading,
    ),
);
const guide = computed(() => props.corners.map((corner) => `${px(corner.x)},${py(corner.y)}`).join(' '));
/** From each corner into the room, on the sheet. */
const inwards = computed(() =>
    walls.value.map((wall, index) => {
        const before = walls.value[(index - 1 + walls.value.length) % walls.value.length]!;
        // Inwards of a wall is to its left, which on the sheet is up from one that runs to the right.
        return { x: Math.sign(wall.dy + before.dy) || 1, y: -Math.sign(wall.dx + before.dx) || 1 };
    }),
);
/** Ceilings stand at the corners where they are not that of the room. */
const sloped = computed(() => props.corners.map((corner) => corner.height.trim() !== ''));

/** A sign lies where the answer put it, and moves along at once while it is dragged. */
const signs = computed(() =>
    props.furnishings.map((one, index) => {
        const sign = props.plan?.signs[index];
        const moved = held.value?.kind === 'furnishing' && held.value.index === index;
        const [x, y] = sign && !moved ? [sign.x, sign.y] : [one.x, one.y];
        return {
            index,
            name: sign?.name ?? nameOf(one.kind),
            leadsTo: props.neighbours.find((room) => String(room.id) === one.leads_to)?.name,
            x: px(x),
            y: py(y),
            strokes: sign?.strokes ?? [],
            by: sign ? [1000 * (x - sign.x), -1000 * (y - sign.y)] : [0, 0],
        };
    }),
);

type Held = Picked & { atX: number; atY: number; fromX: number; fromY: number; corners: Corner[]; moved: boolean };
const held = shallowRef<Held | null>(null);
const dragged = shallowRef<{ x: number; y: number } | null>(null);

function where(event: PointerEvent): { x: number; y: number } {
    const box = host.value?.getBoundingClientRect();
    return {
        x: (event.clientX - (box?.left ?? 0) - view.value.x) / view.value.scale,
        y: (view.value.y - (event.clientY - (box?.top ?? 0))) / view.value.scale,
    };
}

/** Takes hold of something: what was being written is done, and the sheet lies still. */
function take(event: PointerEvent): void {
    if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    frozen.value = fitted.value;
    emit('hold', true);
}

function begin(event: PointerEvent, picked: Picked): void {
    const { x, y } = where(event);
    const one =
        picked.kind === 'furnishing' ? (props.plan?.signs[picked.index] ?? props.furnishings[picked.index]) : props.corners[picked.index];
    if (!one) return;
    take(event);
    held.value = { ...picked, atX: x, atY: y, fromX: one.x, fromY: one.y, corners: props.corners, moved: false };
    emit('pick', picked);
}

/** Moved less far than this it was a click, px. */
const CLICK = 4;
/** A hand that draws a corner into line with others is helped within this, px. */
const NEAR = 6;

function drag(event: PointerEvent): void {
    if (!held.value) return;
    const { x, y } = where(event);
    const [dx, dy] = [x - held.value.atX, y - held.value.atY];
    if (!held.value.moved && Math.hypot(dx, dy) * view.value.scale < CLICK) return;
    held.value = { ...held.value, moved: true };
    move(held.value, held.value.corners, held.value.fromX + dx, held.value.fromY + dy, dx, dy, NEAR / view.value.scale);
}

/** @param near within which a corner is drawn into line with others, m */
function move(what: Picked, corners: Corner[], x: number, y: number, dx: number, dy: number, near: number): void {
    const steady = (value: number): number => steadied(value, measure.value);
    if (what.kind === 'furnishing') {
        emit(
            'furnishings',
            props.furnishings.map((one, index) => (index === what.index ? { ...one, x: steady(x), y: steady(y) } : one)),
        );
        return;
    }
    const drawn =
        what.kind === 'wall'
            ? moveWall(corners, what.index, steady(dx), steady(dy))
            : moveCorner(
                  corners,
                  what.index,
                  inLine(steady(x), 'x', corners, what.index, near),
                  inLine(steady(y), 'y', corners, what.index, near),
              );
    if (isRightWayRound(drawn)) emit('outline', drawn);
}

function end(): void {
    frozen.value = null;
    held.value = null;
    emit('hold', false);
}

/** On an empty mat a rectangle is dragged. */
function beginFloor(event: PointerEvent): void {
    if (props.corners.length > 0) {
        emit('pick', null);
        return;
    }
    take(event);
    dragged.value = where(event);
}
function dragFloor(event: PointerEvent): void {
    if (!dragged.value) return;
    const { x, y } = where(event);
    const [from, to] = [dragged.value, { x, y }].map((point) => ({
        x: steadied(point.x, measure.value),
        y: steadied(point.y, measure.value),
    }));
    if (from && to && Math.abs(to.x - from.x) >= 1 && Math.abs(to.y - from.y) >= 1) emit('outline', rectangle(from.x, from.y, to.x, to.y));
}
function endFloor(): void {
    if (dragged.value) end();
    dragged.value = null;
}

const STEPS: Record<string, [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };

function key(event: KeyboardEvent, picked: Picked): void {
    const step = STEPS[event.key];
    if (event.key === 'Enter' || event.key === ' ') {
        event.preventDefault();
        emit('pick', picked);
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
        event.preventDefault();
        if (picked.kind === 'corner') emit('outline', removeCorner(props.corners, picked.index));
        if (picked.kind === 'furnishing')
            emit(
                'furnishings',
                props.furnishings.filter((_, index) => index !== picked.index),
            );
        emit('pick', null);
    } else if (step) {
        event.preventDefault();
        const by = STEP[measure.value] * (event.shiftKey ? 8 : 1);
        const [dx, dy] = [step[0] * by, step[1] * by];
        const one =
            picked.kind === 'furnishing'
                ? (props.plan?.signs[picked.index] ?? props.furnishings[picked.index])
                : props.corners[picked.index];
        if (one) move(picked, props.corners, one.x + dx, one.y + dy, dx, dy, 0);
    }
}
const isPicked = (kind: Picked['kind'], index: number): boolean => props.picked?.kind === kind && props.picked.index === index;
/** What makes something on the plan a thing to be picked, pulled and stepped. */
const grip = (kind: Picked['kind'], index: number, label: string) => ({
    class: { picked: isPicked(kind, index) },
    role: 'button',
    tabindex: 0,
    'aria-label': label,
    'aria-pressed': isPicked(kind, index),
    [`data-${kind}`]: index,
    onPointerdown: (event: PointerEvent) => begin(event, { kind, index }),
    onPointermove: drag,
    // Let go of, or taken away by the system.
    onLostpointercapture: end,
    onKeydown: (event: KeyboardEvent) => key(event, { kind, index }),
});
const ceiling = (index: number): string => show(props.plan?.ceilings[index]);
</script>

<template>
    <div ref="host" class="plan scene">
        <svg
            :width="size.width"
            :height="size.height"
            role="group"
            aria-label="Plan of the room, true to scale"
            :class="{ empty: corners.length === 0 }"
            @pointerdown.self="beginFloor"
            @pointermove="dragFloor"
            @lostpointercapture.self="endFloor"
        >
            <defs>
                <pattern id="mat-grid" :width="grid.size" :height="grid.size" :x="grid.x" :y="grid.y" patternUnits="userSpaceOnUse">
                    <path :d="`M${grid.size} 0H0V${grid.size}`" />
                </pattern>
            </defs>
            <rect class="lines" :width="size.width" :height="size.height" fill="url(#mat-grid)" />
            <template v-if="corners.length">
                <g v-if="plan" :transform="`translate(${view.x} ${view.y}) scale(${view.scale / 1000})`" class="drawn">
                    <path
                        v-for="(stroke, index) in plan.strokes"
                        :key="index"
                        :d="stroke.path"
                        :class="['stroke', stroke.kind]"
                        style="--s: 0"
                    />
                </g>
                <polygon class="guide" :points="guide" />
                <polygon
                    v-for="wall in walls"
                    :key="`wall-${wall.index}`"
                    :points="wall.band"
                    class="wall-grip"
                    v-bind="grip('wall', wall.index, `Wall ${wall.index + 1}, ${show(plan?.walls[wall.index])}`)"
                />
                <g
                    v-for="sign in signs"
                    :key="`sign-${sign.index}`"
                    class="sign"
                    v-bind="grip('furnishing', sign.index, sign.leadsTo ? `${sign.name} to ${sign.leadsTo}` : sign.name)"
                >
                    <circle :cx="sign.x" :cy="sign.y" r="15" class="grip" />
                    <text v-if="sign.leadsTo" :x="sign.x" :y="sign.y + 26" text-anchor="middle">to {{ sign.leadsTo }}</text>
                    <g :transform="`translate(${view.x} ${view.y}) scale(${view.scale / 1000}) translate(${sign.by[0]} ${sign.by[1]})`">
                        <path
                            v-for="(stroke, index) in sign.strokes"
                            :key="index"
                            :d="stroke.path"
                            :class="['stroke', stroke.kind]"
                            style="--s: 0"
                        />
                    </g>
                </g>
                <g
                    v-for="(corner, index) in corners"
                    :key="`corner-${index}`"
                    class="corner"
                    v-bind="grip('corner', index, `Corner ${index + 1}, ceiling ${ceiling(index)}`)"
                >
                    <circle :cx="px(corner.x)" :cy="py(corner.y)" r="16" class="grip" />
                    <circle :cx="px(corner.x)" :cy="py(corner.y)" r="6" class="dot" />
                    <text
                        v-if="sloped[index]"
                        :x="px(corner.x) + 14 * inwards[index]!.x"
                        :y="py(corner.y) + 5 + 16 * inwards[index]!.y"
                        :text-anchor="inwards[index]!.x < 0 ? 'end' : 'start'"
                        class="figure"
                    >
                        ↥
                        <template v-if="!isNarrow">{{ ceiling(index) }}</template>
                    </text>
                </g>
            </template>
        </svg>
        <div
            v-for="wall in readings"
            :key="`tape-${wall.index}`"
            class="tape"
            :class="{ picked: isPicked('wall', wall.index) }"
            :style="{ left: `${wall.x}px`, top: `${wall.y}px` }"
        >
            <slot name="wall" :index="wall.index" />
        </div>
    </div>
</template>

<style scoped>
.plan {
    position: relative;
    width: 100%;
    height: 100%;
    min-height: 0;
    overflow: hidden;
    background: var(--mat);
}
svg {
    position: absolute;
    inset: 0;
    user-select: none;
}
/* A finger beside what can be pulled scrolls the page. */
.empty,
.corner,
.sign,
.wall-grip {
    touch-action: none;
}
.empty {
    cursor: crosshair;
}
.lines {
    pointer-events: none;
}
pattern path {
    fill: none;
    stroke: var(--mat-line);
    stroke-width: 1;
}
.drawn {
    pointer-events: none;
}
.guide {
    fill: none;
    stroke: var(--pencil);
    stroke-width: 1;
    stroke-dasharray: 4 4;
    pointer-events: none;
}
.wall-grip {
    fill: transparent;
    cursor: move;
    outline: none;
}
.wall-grip:hover,
.wall-grip:focus-visible,
.wall-grip.picked {
    fill: color-mix(in oklab, var(--clean), transparent 45%);
}
.grip {
    fill: transparent;
}
.corner,
.sign {
    cursor: grab;
    outline: none;
}
.dot {
    fill: var(--sheet);
    stroke: var(--ink);
    stroke-width: 2;
}
.corner:hover .dot,
.corner.picked .dot {
    fill: var(--clean);
    stroke: var(--clean);
}
.corner:focus-visible .grip,
.sign:focus-visible .grip,
.sign.picked .grip,
.corner.picked .grip {
    fill: color-mix(in oklab, var(--clean), transparent 75%);
    stroke: var(--clean);
    stroke-width: 2;
}
text {
    font-size: 12px;
    fill: var(--ink);
    pointer-events: none;
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 4px;
}
.tape {
    position: absolute;
    transform: translate(-50%, -50%);
}
.tape.picked {
    z-index: 2;
}
</style>
