<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import type { Proof, Survey } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';

/** The plan of the room with its unit and seats: a click, or the arrow keys, mark where the meter is held. */
const props = defineProps<{ plan: Proof['plan']; level: Survey['level']; distance: string }>();
const mark = defineModel<{ x: number; y: number } | null>({ required: true });
const { show } = useMeasure();

/** Of the picture, in m: room for the walls and what is written beside a place. */
const EDGE = 0.25;
/** How far an arrow key goes, m. */
const STEP = 0.1;
const WAYS: Record<string, [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };
const frame = computed(() => {
    const [xs, ys] = [props.plan.corners.map(({ x }) => x), props.plan.corners.map(({ y }) => y)];
    return { left: Math.min(...xs), right: Math.max(...xs), front: Math.min(...ys), back: Math.max(...ys) };
});
const box = computed(() => {
    const { left, right, front, back } = frame.value;
    return `${left - EDGE} ${-EDGE} ${right - left + 2 * EDGE} ${back - front + 2 * EDGE}`;
});
/** The back of the room is at the top of the picture. */
const down = (y: number): number => frame.value.back - y;
const walls = computed(() => props.plan.corners.map(({ x, y }) => `${x},${down(y)}`).join(' '));
const size = computed(() => Math.max(frame.value.right - frame.value.left, frame.value.back - frame.value.front) / 22);
const hundredth = (length: number): number => Math.round(length * 100) / 100;

function put(x: number, y: number): void {
    const { left, right, front, back } = frame.value;
    mark.value = { x: hundredth(Math.min(right, Math.max(left, x))), y: hundredth(Math.min(back, Math.max(front, y))) };
}
function click(event: MouseEvent): void {
    const svg = event.currentTarget as SVGSVGElement;
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM()!.inverse());
    put(at.x, frame.value.back - at.y);
}
function move(event: KeyboardEvent): void {
    const way = WAYS[event.key];
    if (!way) return;
    event.preventDefault();
    const from = mark.value ?? props.plan.unit;
    put(from.x + way[0] * STEP, from.y + way[1] * STEP);
}
</script>

<template>
    <div class="plan">
        <svg
            :viewBox="box"
            role="application"
            tabindex="0"
            aria-label="Plan of the room. Click, or use the arrow keys, to mark where the meter is held."
            @click="click"
            @keydown="move"
        >
            <polygon :points="walls" class="room" :stroke-width="size / 4" />
            <g v-for="(seat, number) in plan.seats" :key="`seat-${number}`">
                <circle :cx="seat.x" :cy="down(seat.y)" :r="size * 0.7" class="seat" :stroke-width="size / 8" />
                <text :x="seat.x" :y="down(seat.y) - size" :font-size="size" text-anchor="middle">
                    {{ level?.seats[number] ?? `Seat ${number + 1}` }}
                </text>
            </g>
            <rect
                :x="plan.unit.x - size * 0.8"
                :y="down(plan.unit.y) - size * 0.8"
                :width="size * 1.6"
                :height="size * 1.6"
                class="unit"
                :stroke-width="size / 6"
            />
            <text :x="plan.unit.x" :y="down(plan.unit.y) - size * 1.1" :font-size="size" text-anchor="middle">Unit</text>
            <g v-for="place in level?.places ?? []" :key="`${place.x},${place.y}`">
                <circle :cx="place.x" :cy="down(place.y)" :r="size * 0.4" class="read" />
                <text :x="place.x" :y="down(place.y) + size * 2" :font-size="size" text-anchor="middle">
                    {{ place.on ?? 'off only' }}
                </text>
            </g>
            <g v-if="mark" class="mark" :stroke-width="size / 5">
                <circle :cx="mark.x" :cy="down(mark.y)" :r="size * 0.7" />
                <path :d="`M${mark.x - size} ${down(mark.y)}h${2 * size}M${mark.x} ${down(mark.y) - size}v${2 * size}`" data-test="mark" />
            </g>
        </svg>
        <div class="places">
            <p class="teach">The meter is held</p>
            <Button v-for="(seat, number) in plan.seats" :key="number" size="small" @click="mark = { ...seat }"
                >at seat {{ number + 1 }}</Button
            >
            <Button size="small" :type="mark ? 'default' : 'primary'" :aria-pressed="!mark" @click="mark = null"
                >{{ distance }} from it</Button
            >
            <p v-if="mark" aria-live="polite">Marked on the plan.</p>
            <ul v-if="level?.places.length">
                <li v-for="place in level.places" :key="`${place.x},${place.y}`">
                    <b class="figure">{{ place.on ?? 'not yet' }}</b> on, <span class="figure">{{ place.off ?? 'not yet' }}</span> off,
                    {{ show(place.distance) }} from it
                </li>
            </ul>
        </div>
    </div>
</template>

<style scoped>
.plan {
    display: grid;
    grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
    gap: 14px;
    align-items: start;
}
svg {
    width: 100%;
    max-height: 260px;
    cursor: crosshair;
    background: var(--mat);
}
.room {
    fill: var(--sheet);
    stroke: var(--ink);
}
.seat {
    fill: var(--paper);
    stroke: var(--pencil);
}
.unit {
    fill: var(--kraft);
    stroke: var(--kraft-edge);
}
.read {
    fill: var(--clean);
}
.mark {
    fill: none;
    stroke: var(--bypass);
}
text {
    fill: var(--ink);
    font-family: var(--figures);
}
.places {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
}
.places p,
.places ul {
    flex: 1 0 100%;
    margin: 0;
    padding: 0;
    list-style: none;
    font-size: 14px;
    line-height: 1.4;
}
@media (max-width: 620px) {
    .plan {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
