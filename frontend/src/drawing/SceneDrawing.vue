<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Drawing } from '../api/client';
import { useMeasure } from '../session/useMeasure';
import { labelHeight, layLabels, type Box } from './labels';
import { useSize } from './useSize';

const props = withDefaults(
    defineProps<{
        drawing: Drawing;
        title: string;
        picked?: string;
        /** Parts that it is about; the rest steps back. */
        lit?: string[];
        labelled?: boolean;
        extents?: boolean;
        keepFree?: number;
        margin?: number;
        /** Kept free above it, px. */
        above?: number;
    }>(),
    { picked: '', lit: () => [], labelled: false, extents: true, keepFree: 0, margin: 18, above: 24 },
);
const emit = defineEmits<{ pick: [part: string]; turn: [degrees: number] }>();
const { show } = useMeasure();

const COLUMN = 186;
/** Room for half a length's label beside the drawing and for the tip of an arrow above it, px. */
const BESIDE = 14;
const ABOVE = 24;
const host = ref<HTMLElement>();
const size = useSize(host);

/** Everything that must be seen, mm. */
const bounds = computed<Box>(() => {
    const { frame, arrows, extents } = props.drawing;
    const xs = [frame.x, frame.x + frame.width];
    const ys = [frame.y, frame.y + frame.height];
    for (const arrow of arrows) {
        xs.push(arrow.x1, arrow.x2);
        ys.push(arrow.y1, arrow.y2);
    }
    if (props.extents) {
        for (const extent of extents) {
            xs.push(extent.x1 + extent.dx * 1.4, extent.x2 + extent.dx * 1.4);
            ys.push(extent.y1 + extent.dy * 1.4, extent.y2 + extent.dy * 1.4);
        }
    }
    return { left: Math.min(...xs), top: Math.min(...ys), right: Math.max(...xs), bottom: Math.max(...ys) };
});

const columns = computed(() => props.labelled && size.value.width > 620);
const above = computed(() => Math.min(props.above, props.margin * 3));
const below = computed(() => Math.min(ABOVE, props.margin * 2));
const view = computed(() => {
    const side = columns.value ? COLUMN + BESIDE : props.margin;
    const { left, top, right, bottom } = bounds.value;
    const room = {
        width: Math.max(40, size.value.width - 2 * side),
        height: Math.max(40, size.value.height - above.value - below.value),
    };
    const scale = Math.min(room.width / (right - left), room.height / (bottom - top));
    return {
        scale,
        x: size.value.width / 2 - (scale * (left + right)) / 2,
        y: (size.value.height + above.value - below.value) / 2 - (scale * (top + bottom)) / 2,
    };
});
/** Degrees that the viewer walks round for a pixel that the drawing is pulled. */
const DEGREES = 0.6;
/** Pulled less far than this it was a click. */
const CLICK = 6;
let pulledFrom: number | null = null;
let pulled = false;
function beginTurn(event: PointerEvent): void {
    pulledFrom = event.clientX;
    pulled = false;
}
function pull(event: PointerEvent): void {
    if (pulledFrom === null || event.buttons === 0) return;
    const far = pulledFrom - event.clientX;
    if (!pulled && Math.abs(far) < CLICK) return;
    pulled = true;
    pulledFrom = event.clientX;
    emit('turn', far * DEGREES);
}
function pick(part: string): void {
    if (!pulled) emit('pick', part);
}
const px = (x: number): number => view.value.x + view.value.scale * x;
const py = (y: number): number => view.value.y + view.value.scale * y;

const labels = computed(() =>
    columns.value
        ? layLabels(
              props.drawing.labels.map((label) => ({ label, x: px(label.x), y: py(label.y), height: labelHeight(label.lines.map(show)) })),
              size.value,
              COLUMN,
              props.keepFree,
          )
        : [],
);
const extents = computed(() =>
    props.drawing.extents.map((extent) => {
        // The line stands a fixed distance off on the screen, whatever the scale.
        const length = Math.hypot(extent.dx, extent.dy);
        const [ox, oy] = [(extent.dx / length) * 26, (extent.dy / length) * 26];
        const [x1, y1, x2, y2] = [px(extent.x1) + ox, py(extent.y1) + oy, px(extent.x2) + ox, py(extent.y2) + oy];
        return { ...extent, x1, y1, x2, y2, x: (x1 + x2) / 2, y: (y1 + y2) / 2, upright: Math.abs(x2 - x1) < 2 };
    }),
);
const arrows = computed(() =>
    props.drawing.arrows.map((arrow) => ({
        ...arrow,
        path: `M${px(arrow.x1)} ${py(arrow.y1)}L${px(arrow.x2)} ${py(arrow.y2)}`,
        // Streams are as wide as their flow; the least of them can still be seen. They keep their weight on the bench and thin out where the unit is small.
        width: Math.max(1.5, 14 * arrow.share) * Math.min(1, view.value.scale * 2),
    })),
);
</script>

<template>
    <div ref="host" class="scene">
        <svg
            :width="size.width"
            :height="size.height"
            role="img"
            :aria-label="title"
            @pointerdown="beginTurn"
            @pointermove="pull"
            @pointerup="pulledFrom = null"
        >
            <defs>
                <marker
                    v-for="kind in ['intake', 'outlet', 'bypass']"
                    :id="`tip-${kind}`"
                    :key="kind"
                    viewBox="0 0 10 10"
                    refX="4"
                    refY="5"
                    :markerWidth="kind === 'bypass' ? 4 : 2.6"
                    :markerHeight="kind === 'bypass' ? 4 : 2.6"
                    orient="auto"
                >
                    <path d="M0 0 10 5 0 10z" :class="`tip ${kind}`" />
                </marker>
            </defs>
            <path
                v-for="arrow in arrows.filter((one) => one.behind)"
                :key="`${arrow.part}-${arrow.kind}`"
                :d="arrow.path"
                :class="`air ${arrow.kind}`"
                :stroke-width="arrow.width"
                :marker-end="`url(#tip-${arrow.kind})`"
            />
            <g :transform="`translate(${view.x} ${view.y}) scale(${view.scale})`">
                <path
                    v-for="(stroke, index) in drawing.strokes"
                    :key="index"
                    v-memo="[stroke.path, stroke.kind, stroke.shade, stroke.part, stroke.part === picked, lit]"
                    :d="stroke.path"
                    :class="[
                        'stroke',
                        stroke.kind,
                        {
                            picked: stroke.part === picked,
                            lit: lit.includes(stroke.part),
                            rest: lit.length > 0 && !lit.includes(stroke.part),
                        },
                    ]"
                    :style="{ '--s': stroke.shade }"
                    :data-part="stroke.part"
                    @click="pick(stroke.part)"
                />
            </g>
            <path
                v-for="arrow in arrows.filter((one) => !one.behind)"
                :key="`${arrow.part}-${arrow.kind}`"
                :d="arrow.path"
                :class="`air ${arrow.kind}`"
                :stroke-width="arrow.width"
                :marker-end="`url(#tip-${arrow.kind})`"
            />
            <g v-for="one in labels" :key="one.label.part" class="leader">
                <path :d="`M${one.edge} ${one.top + 16}L${one.x} ${one.y}`" />
                <circle :cx="one.x" :cy="one.y" r="3.5" />
            </g>
            <g v-if="extents.length && props.extents" class="dimension">
                <path v-for="extent in extents" :key="extent.name" :d="`M${extent.x1} ${extent.y1}L${extent.x2} ${extent.y2}`" />
            </g>
        </svg>
        <slot name="over" :px="px" :py="py" />
        <slot v-for="one in labels" :key="one.label.part" name="label" v-bind="one" />
        <template v-if="props.extents">
            <div
                v-for="extent in extents"
                :key="extent.name"
                class="extent"
                :class="{ upright: extent.upright }"
                :style="{ left: `${extent.x}px`, top: `${extent.y}px` }"
            >
                <slot name="extent" :extent="extent" />
            </div>
        </template>
    </div>
</template>

<style scoped>
.scene {
    position: relative;
    width: 100%;
    height: 100%;
    min-height: 0;
    overflow: hidden;
}
svg {
    display: block;
    position: absolute;
    inset: 0;
}
.leader path {
    stroke: var(--ink);
    stroke-width: 1;
    fill: none;
}
.leader circle {
    fill: var(--sheet);
    stroke: var(--ink);
    stroke-width: 1.4;
}
.dimension path {
    stroke: var(--pencil);
    stroke-width: 1;
    stroke-dasharray: 5 3;
}
.extent {
    position: absolute;
    transform: translate(-50%, -50%);
    white-space: nowrap;
}
.upright {
    transform: translate(-90%, -50%);
}
</style>
