<script setup lang="ts">
import { Button, Skeleton } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import type { DecayResult } from '../../api/client';
import { DataPlot, type Plot } from '../../plot/plot';
import { useLog } from './queries';

/** A run over time with its fit, and what is left over; the ends of the stretch are dragged, or moved with the arrow keys. */
const props = defineProps<{ run: DecayResult['runs'][number]; mayChange: boolean }>();
const emit = defineEmits<{ stretch: [from: number | null, to: number | null] }>();
type End = 'from' | 'to';
/** Minutes that an arrow key moves an end by. */
const KEY = 0.5;
const moved = ref<{ from: number; to: number } | null>(null);
watch(
    () => [props.run.from_min, props.run.to_min],
    () => (moved.value = null),
);
const told = computed(() =>
    props.run.from_min !== null && props.run.to_min !== null ? { from: props.run.from_min, to: props.run.to_min } : null,
);
const asked = useLog(
    () => props.run.log,
    computed(() => told.value),
);
const log = computed(() => asked.data.value);
const stretch = computed(() => moved.value ?? told.value);
const most = computed(() => log.value?.across.metric.most ?? 1);

const plot = computed<Plot | null>(() =>
    log.value
        ? {
              title: 'Particles in the air',
              across: log.value.across,
              up: log.value.up,
              lines: [
                  { key: 'readings', name: 'Readings', line: log.value.readings, look: 'reading' },
                  ...(log.value.fitted.metric.length ? [{ key: 'fit', name: 'Fit', line: log.value.fitted, look: 'clean' as const }] : []),
              ],
          }
        : null,
);
const left = computed<Plot | null>(() =>
    log.value?.residuals.metric.length
        ? {
              title: 'What the fit leaves over',
              across: log.value.across,
              up: log.value.beside,
              isBoth: true,
              lines: [{ key: 'left', name: 'Reading less fit', line: log.value.residuals, look: 'reading' }],
          }
        : null,
);

function put(end: End, minute: number): void {
    if (!stretch.value) return;
    const { from, to } = stretch.value;
    const at = Math.min(most.value, Math.max(0, minute));
    moved.value = end === 'from' ? { from: Math.min(at, to - KEY), to } : { from, to: Math.max(at, from + KEY) };
}
function keep(): void {
    if (moved.value) emit('stretch', Number(moved.value.from.toFixed(3)), Number(moved.value.to.toFixed(3)));
}
function drag(end: End, event: PointerEvent): void {
    const handle = event.currentTarget as HTMLElement;
    if (!props.mayChange || event.buttons === 0) return;
    handle.setPointerCapture(event.pointerId);
    const { left: edge, width } = handle.parentElement!.getBoundingClientRect();
    put(end, ((event.clientX - edge) / width) * most.value);
}
function key(end: End, event: KeyboardEvent): void {
    const by = { ArrowLeft: -KEY, ArrowRight: KEY, PageDown: -10 * KEY, PageUp: 10 * KEY }[event.key];
    if (by === undefined || !stretch.value || !props.mayChange) return;
    event.preventDefault();
    event.stopPropagation();
    put(end, stretch.value[end] + by);
}
const ENDS: { end: End; name: string }[] = [
    { end: 'from', name: 'Beginning of the stretch' },
    { end: 'to', name: 'End of the stretch' },
];
</script>

<template>
    <div class="run-plot">
        <Skeleton v-if="!plot" active />
        <template v-else>
            <DataPlot :plot="plot" class="course">
                <template v-if="stretch" #over="{ place }">
                    <span
                        class="used"
                        :style="{ left: place([stretch.from, 0]).left, right: `${100 - (100 * stretch.to) / most}%` }"
                        aria-hidden="true"
                    />
                    <span
                        v-for="{ end, name } in ENDS"
                        :key="end"
                        class="handle"
                        :class="end"
                        :style="{ left: place([stretch[end], 0]).left }"
                        role="slider"
                        :tabindex="mayChange ? 0 : -1"
                        :aria-label="name"
                        :aria-valuemin="0"
                        :aria-valuemax="most"
                        :aria-valuenow="stretch[end]"
                        :aria-valuetext="`minute ${stretch[end].toFixed(1)}`"
                        :data-end="end"
                        @pointerdown="(event) => drag(end, event)"
                        @pointermove="(event) => drag(end, event)"
                        @pointerup="keep"
                        @keydown="(event) => key(end, event)"
                        @keyup="keep"
                        ><i>{{ stretch[end].toFixed(1) }}</i></span
                    >
                </template>
            </DataPlot>
            <DataPlot v-if="left" :plot="left" class="left" />
            <Button v-if="mayChange && stretch" type="link" size="small" class="again" @click="emit('stretch', null, null)"
                >Find the stretch by itself</Button
            >
        </template>
    </div>
</template>

<style scoped>
.run-plot {
    display: grid;
    gap: 4px;
}
.course {
    height: 330px;
}
.left {
    height: 210px;
}
.left :deep(.chart) {
    min-height: 160px;
}
.used {
    position: absolute;
    inset: 0 auto;
    height: 100%;
    background: var(--clean);
    opacity: 0.09;
    pointer-events: none !important;
}
.handle {
    position: absolute;
    top: 0;
    bottom: 0;
    width: 22px;
    margin-left: -11px;
    cursor: ew-resize;
    touch-action: none;
}
.handle::before {
    content: '';
    position: absolute;
    inset: 0 10px;
    background: var(--ink);
}
.handle i {
    position: absolute;
    top: 0;
    left: 50%;
    translate: -50% 0;
    padding: 1px 6px;
    font: 12px var(--figures);
    font-style: normal;
    color: var(--sheet);
    background: var(--ink);
}
.again {
    justify-self: end;
}
</style>
