<script setup lang="ts">
import { computed, ref } from 'vue';
import type { BuildDay, DayTask } from '../../api/client';
import { useSize } from '../../drawing/useSize';
import { barsOf, clockAt, hueOf, lanesOf, markEvery, rowsOf, type By } from './picture';

/** The day as a picture: tables, or people, against time. Tasks are pulled to another time, and to somebody else. */
const props = defineProps<{ day: BuildDay; by: By; picked: string; mayMove: boolean }>();
const emit = defineEmits<{ pick: [task: string]; move: [task: DayTask, start: number, person: string] }>();

const LEFT = 118;
const TOP = 26;
const ROW = 46;
const host = ref<HTMLElement>();
const size = useSize(host);
const plan = computed(() => props.day.plan!);
const rows = computed(() => rowsOf(plan.value.tasks, props.day.people, props.by));
const length = computed(() => Math.max(plan.value.length, props.day.minute, 30));
const scale = computed(() => Math.max(2.4, (size.value.width - LEFT - 16) / length.value));
const width = computed(() => LEFT + length.value * scale.value + 16);
const height = computed(() => TOP + rows.value.length * ROW + 8);
const bars = computed(() => barsOf(plan.value.tasks, rows.value, props.by, scale.value));
const lanes = computed(() => lanesOf(bars.value));
const marks = computed(() => {
    const every = markEvery(scale.value);
    return Array.from({ length: Math.floor(length.value / every) + 1 }, (_, index) => index * every);
});
const isOn = computed(() => props.day.begun_at !== null);
const y = (index: number): number =>
    TOP + bars.value[index]!.row * ROW + 4 + (lanes.value[index]!.lane * (ROW - 8)) / lanes.value[index]!.lanes;
const high = (index: number): number => (ROW - 8) / lanes.value[index]!.lanes - 1;

const pulled = ref<{ index: number; fromX: number; fromY: number; dx: number; dy: number } | null>(null);
function hold(event: PointerEvent, index: number): void {
    emit('pick', bars.value[index]!.task.id);
    if (!props.mayMove || bars.value[index]!.task.done) return;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    pulled.value = { index, fromX: event.clientX, fromY: event.clientY, dx: 0, dy: 0 };
}
function pull(event: PointerEvent): void {
    if (pulled.value)
        pulled.value = {
            ...pulled.value,
            dx: event.clientX - pulled.value.fromX,
            dy: props.by === 'person' ? event.clientY - pulled.value.fromY : 0,
        };
}
function drop(): void {
    const held = pulled.value;
    pulled.value = null;
    if (!held || Math.hypot(held.dx, held.dy) < 5) return;
    put(held.index, Math.round(held.dx / scale.value), Math.round(held.dy / ROW));
}
/** Puts a task some minutes on and some rows down. */
function put(index: number, minutes: number, down: number): void {
    const { task, row } = bars.value[index]!;
    const person = props.by === 'person' ? rows.value[Math.min(rows.value.length - 1, Math.max(0, row + down))]! : task.people[0]!;
    emit('move', task, Math.max(0, task.start + minutes), person);
}
function press(event: KeyboardEvent, index: number): void {
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (!by || !props.mayMove || (by[1] && props.by !== 'person')) return;
    event.preventDefault();
    put(index, by[0]! * (event.shiftKey ? 10 : 1), by[1]!);
}
const shift = (index: number): string | undefined =>
    pulled.value?.index === index ? `translate(${pulled.value.dx} ${pulled.value.dy})` : undefined;
const said = (task: DayTask): string =>
    `${task.clock}, unit ${task.unit}: ${task.action} ${task.people.join(' and ')}, ${task.place}${task.done ? ', done' : task.late ? `, ${task.late} minutes late` : ''}`;
</script>

<template>
    <div ref="host" class="picture">
        <svg
            :width="width"
            :height="height"
            role="group"
            :aria-label="by === 'person' ? 'Who does what when' : 'What is done where when'"
            @pointermove="pull"
            @pointerup="drop"
            @pointercancel="pulled = null"
        >
            <rect
                v-for="(pause, index) in day.breaks"
                :key="index"
                class="break"
                :x="LEFT + pause.from * scale"
                :y="TOP"
                :width="Math.max(0, (Math.min(pause.to, length) - pause.from) * scale)"
                :height="rows.length * ROW"
            />
            <g v-for="(row, index) in rows" :key="row">
                <line class="rule" :x1="0" :x2="width" :y1="TOP + (index + 1) * ROW" :y2="TOP + (index + 1) * ROW" />
                <text class="row" x="4" :y="TOP + index * ROW + ROW / 2 + 5">{{ row.length > 14 ? `${row.slice(0, 13)}…` : row }}</text>
            </g>
            <g v-for="mark in marks" :key="mark">
                <line class="tick" :x1="LEFT + mark * scale" :x2="LEFT + mark * scale" :y1="TOP - 4" :y2="height - 8" />
                <text class="clock" :x="LEFT + mark * scale" :y="TOP - 9">{{ clockAt(day, mark) }}</text>
            </g>
            <g
                v-for="(bar, index) in bars"
                :key="`${bar.task.id} ${bar.row}`"
                class="bar"
                :class="{
                    picked: bar.task.id === picked,
                    done: bar.task.done,
                    late: bar.task.late > 0,
                    check: bar.task.is_check,
                    fixed: !mayMove || bar.task.done,
                }"
                :transform="shift(index)"
                tabindex="0"
                role="button"
                :aria-label="said(bar.task)"
                :data-task="bar.task.id"
                @pointerdown="(event) => hold(event, index)"
                @focus="emit('pick', bar.task.id)"
                @keydown="(event) => press(event, index)"
            >
                <rect
                    :x="LEFT + bar.x"
                    :y="y(index)"
                    :width="Math.max(2, bar.width - 1)"
                    :height="high(index)"
                    :style="{ fill: hueOf(bar.task.unit) }"
                />
                <text v-if="high(index) > 13" :x="LEFT + bar.x + 5" :y="y(index) + high(index) / 2 + 4.5">
                    {{ bar.task.done ? '✓' : '' }}{{ bar.text }}
                </text>
            </g>
            <line v-if="isOn" class="now" :x1="LEFT + day.minute * scale" :x2="LEFT + day.minute * scale" :y1="TOP - 6" :y2="height - 6" />
        </svg>
    </div>
</template>

<style scoped>
.picture {
    --unit-1: color-mix(in oklab, var(--kraft), var(--sheet) 35%);
    --unit-2: color-mix(in oklab, var(--clean), var(--sheet) 62%);
    --unit-3: color-mix(in oklab, var(--tape), var(--sheet) 25%);
    --unit-4: color-mix(in oklab, var(--housing), var(--sheet) 58%);
    --unit-5: color-mix(in oklab, var(--bypass), var(--sheet) 68%);
    --unit-6: color-mix(in oklab, var(--mat), var(--pencil) 34%);
    overflow-x: auto;
    background: var(--sheet);
    border: 1px solid var(--line);
}
svg {
    display: block;
    font-family: var(--text);
    touch-action: pan-y;
}
.rule {
    stroke: var(--line);
}
.tick {
    stroke: var(--line);
    stroke-dasharray: 2 4;
}
.row {
    font-size: 15px;
    font-weight: 700;
    fill: var(--ink);
}
.clock {
    font: 12px var(--figures);
    text-anchor: middle;
    fill: var(--pencil);
}
.break {
    fill: color-mix(in oklab, var(--line), transparent 45%);
}
.bar {
    cursor: grab;
    outline: none;
}
.bar.fixed {
    cursor: pointer;
}
.bar rect {
    stroke: color-mix(in oklab, var(--ink), transparent 55%);
    stroke-width: 1;
}
.bar text {
    font-size: 13px;
    fill: var(--ink);
    pointer-events: none;
}
.bar.check rect {
    stroke-dasharray: 4 2;
    stroke-width: 2;
}
.bar.done {
    opacity: 0.5;
}
.bar.late rect {
    stroke: var(--bypass);
    stroke-width: 3;
}
.bar.picked rect,
.bar:focus-visible rect {
    stroke: var(--ink);
    stroke-width: 2.6;
}
.now {
    stroke: var(--bypass);
    stroke-width: 2;
    pointer-events: none;
}
</style>
