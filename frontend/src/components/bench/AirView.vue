<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useAir, type Question } from '../../api/queries';
import { Refused } from '../../api/client';
import { useMeasure } from '../../composables/useMeasure';
import PlotAxes from '../PlotAxes.vue';
import FieldFault from '../room/FieldFault.vue';

const props = defineProps<{ question: Question }>();
const { show } = useMeasure();

const TYPING_PAUSE = 300;
const HOURS = [1, 24] as const;
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
const percent = (share: number): string => `${share * 100}%`;
</script>

<template>
    <figure class="air" aria-label="The air of the room in time">
        <form @submit.prevent>
            <label
                >From
                <input
                    v-model="written"
                    class="figure"
                    :placeholder="question.room.outdoor === '' ? '100 µg/m³' : 'as outdoors'"
                    aria-label="In the air at the beginning"
                    :aria-invalid="fault !== undefined"
                    data-start
            /></label>
            <span v-if="air && written === '' && question.room.outdoor !== ''" class="begin">{{ show(air.start) }}</span>
            <span class="hours" role="group" aria-label="How long">
                <button v-for="one in HOURS" :key="one" type="button" :aria-pressed="hours === one" :data-hours="one" @click="hours = one">
                    {{ one === 1 ? 'one hour' : 'one day' }}
                </button>
            </span>
            <FieldFault :said="fault" />
        </form>
        <PlotAxes v-if="air" :across="air.across" :up="air.up" class="plotted">
            <svg viewBox="0 0 1 1" preserveAspectRatio="none" role="img" aria-label="Concentration with and without what stands there">
                <path :d="air.range" class="range" />
                <path v-if="air.goal !== null" :d="`M0 ${air.goal}H1`" class="goal" />
                <path :d="air.without" class="without" />
                <path :d="air.with" class="with" />
                <path v-for="one in air.gone" :key="one.at" :d="`M${one.at} 0V1`" class="gone" />
            </svg>
            <span
                v-for="one in air.gone"
                :key="one.at"
                class="mark"
                :class="{ far: one.at > 0.55 }"
                :style="{ left: percent(one.at) }"
                data-test="gone"
                ><b>{{ show(one.share) }}</b> gone in {{ show(one.time) }}</span
            >
            <span v-if="air.goal !== null" class="mark of-goal" :style="{ top: percent(air.goal) }">the goal</span>
        </PlotAxes>
        <figcaption v-if="air">
            <span class="key with-key"
                >with what stands there: <b class="figure">{{ show(air.end) }}</b> in the end</span
            >
            <span class="key without-key"
                >without it: <b class="figure">{{ show(air.endWithout) }}</b></span
            >
            <span class="key range-key">90 % range of the clean air, and how well the room’s air mixes</span>
        </figcaption>
    </figure>
</template>

<style scoped>
.air {
    margin: 0;
    padding: 62px 34px 14px;
    display: grid;
    grid-template-rows: auto minmax(0, 1fr) auto;
    gap: 10px;
    min-height: 0;
    font-size: 14px;
    color: var(--pencil);
}
form {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 14px;
    align-items: center;
}
input {
    font: inherit;
    width: 9em;
    padding: 4px 8px;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--kraft-edge);
}
input[aria-invalid='true'] {
    border-color: var(--short);
    background: var(--short-soft);
}
.hours {
    display: inline-flex;
}
button {
    font: inherit;
    padding: 4px 12px;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--kraft-edge);
    cursor: pointer;
}
button + button {
    border-left: 0;
}
button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--sheet);
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
.range {
    fill: var(--clean);
    opacity: 0.2;
}
.with {
    stroke: var(--clean);
    stroke-width: 3.2;
}
.without {
    stroke: var(--kraft-edge);
    stroke-width: 2.4;
    stroke-dasharray: 7 5;
}
.goal {
    stroke: var(--ink);
    stroke-width: 1.6;
}
.gone {
    stroke: var(--ink);
    stroke-width: 1.2;
    stroke-dasharray: 2 4;
}
.mark {
    position: absolute;
    top: 6px;
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
.mark + .mark {
    top: 38px;
}
.of-goal,
.mark + .of-goal {
    top: auto;
    right: 6px;
    margin: 0;
    transform: translateY(-100%);
    background: none;
    border: 0;
}
figcaption {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 18px;
}
figcaption b {
    color: var(--ink);
}
.key::before {
    content: '';
    display: inline-block;
    width: 22px;
    height: 0;
    margin-right: 7px;
    vertical-align: middle;
    border-top: 3px solid var(--clean);
}
.without-key::before {
    border-top: 3px dashed var(--kraft-edge);
}
.range-key::before {
    height: 10px;
    border: 0;
    background: color-mix(in oklab, var(--clean), transparent 80%);
}
.plotted {
    min-height: 280px;
}
@media (max-width: 900px) {
    .air {
        padding: 8px 18px 14px;
    }
}
</style>
