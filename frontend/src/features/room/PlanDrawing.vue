<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Corner, Furnishing, Plan, RoomEntries } from '../../api/client';
import { useSize } from '../../drawing/useSize';
import { useMeasure } from '../../session/useMeasure';
import { apart, sides, type Picked } from './plan';
import type { PlanEdits } from './usePlanEdits';
import { usePlanHold } from './usePlanHold';
import { usePlanSigns } from './usePlanSigns';
import { usePlanView } from './usePlanView';

const props = defineProps<{
    plan: Plan | undefined;
    /** Corners as they are drawn just now; of a plain rectangle those of the plan. */
    corners: Corner[];
    furnishings: Furnishing[];
    picked: Picked | null;
    entries: RoomEntries;
    edits: PlanEdits;
    /** Rooms that a door may lead to. */
    neighbours: { id: number; name: string }[];
    /** What a reading beside a wall takes up, px. */
    reading: { width: number; height: number };
    /** Room around the plan for its readings, px. */
    margin: { left: number; right: number; top: number; bottom: number };
}>();
const emit = defineEmits<{
    pick: [picked: Picked | null];
    remove: [picked: Picked];
    hold: [held: boolean];
}>();
defineSlots<{ wall(props: { index: number }): unknown }>();
const { show } = useMeasure();

/** On a phone there is no room for ceilings beside their corners: a sign tells that there is one. */
const isNarrow = window.innerWidth <= 700;
const host = ref<HTMLElement>();
const size = useSize(host);
const sheet = usePlanView({ size, corners: () => props.corners, margin: () => props.margin, reading: () => props.reading });
const { view, px, py, grid, walls, inwards } = sheet;
const { held, isPicked, grip, beginFloor, dragFloor, endFloor } = usePlanHold(host, sheet, props, {
    pick: (picked) => emit('pick', picked),
    remove: (picked) => emit('remove', picked),
    hold: (holds) => emit('hold', holds),
});

/** Readings as they are shown, clear of each other. */
const readings = computed(() =>
    apart(
        walls.value.filter((wall) => !wall.isShort || isPicked('wall', wall.index)),
        props.reading,
    ),
);
const guide = computed(() => props.corners.map((corner) => `${px(corner.x)},${py(corner.y)}`).join(' '));
/** Ceilings stand at the corners where they are not that of the room. */
const sloped = computed(() => props.corners.map((corner) => corner.height.trim() !== ''));

const signs = usePlanSigns(sheet, held, props);
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
                        :x="px(corner.x) + 9 * inwards[index]!.x"
                        :y="py(corner.y) + 5 + 16 * inwards[index]!.y"
                        :text-anchor="inwards[index]!.x < 0 ? 'end' : 'start'"
                        class="figure"
                    >
                        {{ isNarrow ? '↥' : `↥${ceiling(index)}` }}
                    </text>
                </g>
            </template>
        </svg>
        <div
            v-for="wall in readings"
            :key="`tape-${wall.index}`"
            class="tape"
            :class="[sides(wall, size), { picked: isPicked('wall', wall.index) }]"
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
/* What is said of a reading lies over all that stands on the sheet. */
.tape:has(.below-tape) {
    z-index: 4;
}
</style>
