<script setup lang="ts">
import { Skeleton } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { Working } from '../../api/client';
import { DataPlot, type Plot } from '../../plot/plot';
import { useMeasure } from '../../session/useMeasure';
import { useWorking } from '../work/queries';
import { useLedger, useWork } from '../work/useWork';

/** The unit's fans against its filters; the point where they meet is dragged from speed to speed. */
const { draft, bench } = useWork();
const ledger = useLedger();
const { measure, show } = useMeasure();
const working = useWorking(
    bench.question,
    computed(() => true),
);
const told = computed(() => working.data.value);
const chosen = computed(() => ledger.value.unit?.speeds[ledger.value.unit.chosen]?.name ?? '');
const present = computed(() => told.value?.speeds.find(({ name }) => name === chosen.value));
const point = (one: Working['speeds'][number]) => one.clean.at[measure.value][0];

const plot = computed<Plot | null>(() => {
    if (!told.value) return null;
    const { across, up, speeds, box, loaded_box, band } = told.value;
    return {
        title: 'Fan against filters',
        across,
        up,
        lines: [
            ...speeds.map(({ name, line }) => ({
                key: `fan ${name}`,
                name: `Fan on ${name}`,
                inKey: 'Fan at each speed',
                line,
                look: name === chosen.value ? ('fan-chosen' as const) : ('fan' as const),
            })),
            { key: 'box', name: 'Filters and leaks, clean', line: box, look: 'filters' },
            { key: 'loaded', name: 'The same with filters that are due', line: loaded_box, look: 'loaded' },
        ],
        areas: [{ key: 'band', name: '90 % range', line: band, look: 'range' }],
    };
});

const pulled = ref<HTMLElement>();
let dragging = false;
function speed(name: string): void {
    if (name !== chosen.value) draft.choices = { ...draft.choices, speed: name };
}
/** The speed whose point is the nearest to the pointer. */
function follow(event: PointerEvent): void {
    const points = [...(pulled.value?.querySelectorAll<HTMLElement>('[data-speed]') ?? [])];
    if (!dragging || points.length === 0) return;
    const far = (one: HTMLElement): number => {
        const box = one.getBoundingClientRect();
        return Math.hypot(box.left + box.width / 2 - event.clientX, box.top + box.height / 2 - event.clientY);
    };
    speed(points.reduce((best, one) => (far(one) < far(best) ? one : best)).dataset.speed ?? '');
}
function begin(event: PointerEvent): void {
    dragging = true;
    pulled.value?.setPointerCapture(event.pointerId);
    follow(event);
}
function step(by: number): void {
    const names = told.value?.speeds.map(({ name }) => name) ?? [];
    const next = names[names.indexOf(chosen.value) + by];
    if (next !== undefined) speed(next);
}
</script>

<template>
    <div class="curves">
        <Skeleton v-if="!plot || !told" active />
        <template v-else>
            <DataPlot :plot="plot">
                <template #over="{ place }">
                    <div ref="pulled" class="pulled" @pointerdown="begin" @pointermove="follow" @pointerup="dragging = false">
                        <span
                            v-for="one in told.speeds"
                            :key="`dust-${one.name}`"
                            class="dust"
                            :style="place(one.loaded.at[measure][0])"
                            aria-hidden="true"
                        />
                        <span
                            v-for="one in told.speeds"
                            :key="one.name"
                            class="point figure"
                            :class="{ chosen: one.name === chosen, loud: !one.keeps_quiet }"
                            :data-speed="one.name"
                            :style="place(point(one))"
                            :title="`Speed ${one.name}: ${show(one.clean.flow)} at ${show(one.clean.pressure)}; with filters that are due ${show(one.loaded.flow)}`"
                            >{{ one.name }}</span
                        >
                        <span
                            v-if="present"
                            class="handle"
                            role="slider"
                            tabindex="0"
                            aria-label="Speed"
                            aria-valuemin="1"
                            :aria-valuemax="told.speeds.length"
                            :aria-valuenow="told.speeds.indexOf(present) + 1"
                            :aria-valuetext="`${present.name}: ${show(present.clean.flow)} through the filters at ${show(present.clean.pressure)}`"
                            :style="place(point(present))"
                            @keydown.right.prevent.stop="step(1)"
                            @keydown.up.prevent.stop="step(1)"
                            @keydown.left.prevent.stop="step(-1)"
                            @keydown.down.prevent.stop="step(-1)"
                        />
                    </div>
                </template>
            </DataPlot>
            <p v-if="present" class="says">
                On {{ present.name }}: <b class="figure">{{ show(present.clean.flow) }}</b> through the filters at
                <b class="figure">{{ show(present.clean.pressure) }}</b>; <b class="figure">{{ show(present.loaded.flow) }}</b> when they
                are due. Drag the point to change the speed.
            </p>
        </template>
    </div>
</template>

<style scoped>
.curves {
    padding: 10px 24px 12px;
    display: grid;
    grid-template-rows: minmax(0, 1fr) auto;
    gap: 4px;
    min-height: 0;
}
.pulled {
    position: absolute;
    inset: 0;
    touch-action: none;
    cursor: ew-resize;
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
.says {
    font-size: 14px;
}
</style>
