<script setup lang="ts">
import { Form, Skeleton } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import { Refused } from '../../api/client';
import { DataPlot, type Plot } from '../../plot/plot';
import { useMeasure } from '../../session/useMeasure';
import EntryField from '../../ui/EntryField.vue';
import OptionSwitch from '../../ui/OptionSwitch.vue';
import type { Question } from '../work/queries';
import { useAir } from './queries';

/** The air of the room over an hour or a day, with and without what stands there. */
const props = defineProps<{ question: Question }>();
const { measure, show } = useMeasure();

const TYPING_PAUSE = 300;
const HOURS = [
    { value: 1, label: 'one hour' },
    { value: 24, label: 'one day' },
] as const;
const hours = ref<1 | 24>(1);
const written = ref('');
const start = ref('');
let pause: ReturnType<typeof setTimeout> | undefined;
watch(written, (text) => {
    clearTimeout(pause);
    pause = setTimeout(() => (start.value = text), TYPING_PAUSE);
});
const asked = useAir(
    computed(() => props.question),
    start,
    hours,
);
const air = computed(() => asked.data.value);
const fault = computed(() =>
    asked.error.value instanceof Refused ? (asked.error.value.errors.start?.[0] ?? asked.error.value.message) : undefined,
);
const isOutdoor = computed(() => props.question.room.outdoor !== '');

const plot = computed<Plot | null>(() => {
    if (!air.value) return null;
    const { across, up, range, goal, gone } = air.value;
    return {
        title: 'The air of the room in time',
        across,
        up,
        lines: [
            { key: 'with', name: 'With what stands there', line: air.value.with, look: 'clean' },
            { key: 'without', name: 'Without it', line: air.value.without, look: 'loaded' },
            ...(goal ? [{ key: 'goal', name: 'Goal', line: goal, look: 'goal' as const, isSilent: true }] : []),
            ...gone.map((one) => ({ key: `gone ${one.share.metric}`, name: '', line: one.mark, look: 'mark' as const, isSilent: true })),
        ],
        areas: [{ key: 'range', name: '90 % range of the clean air, and how well the room’s air mixes', line: range, look: 'range' }],
    };
});
/** A mark that stands in the right half carries its words on its left. */
const isFar = (at: number[] | undefined): boolean => (at?.[0] ?? 0) > (air.value?.across[measure.value].most ?? 1) / 2;
</script>

<template>
    <div class="air">
        <Form layout="vertical" class="asks" @submit.prevent>
            <EntryField
                v-model="written"
                label="In the air at the beginning"
                :hint="isOutdoor ? 'as outdoors' : '100 µg/m³'"
                :fault="fault"
                class="figure"
                data-start
            />
            <OptionSwitch :value="hours" :options="[...HOURS]" label="How long" @choose="(next) => (hours = next)" />
            <span v-if="air && written === '' && isOutdoor">{{ show(air.start) }} at the beginning</span>
        </Form>
        <Skeleton v-if="!plot || !air" active />
        <template v-else>
            <DataPlot :plot="plot">
                <template #over="{ place }">
                    <span
                        v-for="(one, index) in air.gone"
                        :key="one.share.metric"
                        class="mark"
                        :class="{ far: isFar(one.mark[measure][1]) }"
                        :style="{ left: place(one.mark[measure][1]).left, top: `${6 + 32 * index}px` }"
                        data-test="gone"
                        ><b>{{ show(one.share) }}</b> gone in {{ show(one.time) }}</span
                    >
                    <span v-if="air.goal" class="mark of-goal" :style="{ top: place(air.goal[measure][0]).top }">the goal</span>
                </template>
            </DataPlot>
            <p class="says">
                In the end <b class="figure">{{ show(air.end) }}</b> with what stands there,
                <b class="figure">{{ show(air.end_without) }}</b>
                without it.
            </p>
        </template>
    </div>
</template>

<style scoped>
.air {
    padding: 10px 24px 12px;
    display: grid;
    grid-template-rows: auto minmax(0, 1fr) auto;
    gap: 8px;
    min-height: 0;
    font-size: 14px;
}
.asks {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 14px;
    align-items: end;
}
.mark {
    position: absolute;
    padding: 2px 7px;
    margin-left: 4px;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--line);
    white-space: nowrap;
    font-size: 13px;
}
.mark.far {
    transform: translateX(calc(-100% - 8px));
}
.of-goal {
    right: 6px;
    margin: 0;
    transform: translateY(-100%);
    background: none;
    border: 0;
}
</style>
