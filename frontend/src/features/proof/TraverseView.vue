<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, reactive, ref, watch } from 'vue';
import type { Proof } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import NoticeBar from '../../ui/NoticeBar.vue';
import AskMeter from './AskMeter.vue';
import type { Came } from './meters';
import OutletGrid from './OutletGrid.vue';
import type { Measuring } from './queries';
import TraverseForm from './TraverseForm.vue';
import { day, latest } from './words';

/** Air speeds over the outlet: where to hold the meter, the readings on their places, mean and flow with how sure they are. */
const props = defineProps<{ proof: Proof; measuring: Measuring }>();
const { measure, show } = useMeasure();
const { telling } = props.measuring;
const survey = computed(() => latest(props.proof.surveys, 'traverse'));
const result = computed(() => survey.value?.traverse);
const isNew = ref(false);
const written = reactive<Record<string, string>>({});
watch(
    () => survey.value?.id,
    (id) => {
        isNew.value = id === undefined;
        Object.keys(written).forEach((place) => delete written[place]);
        survey.value?.readings.forEach(({ place, entered }) => (written[place] = entered));
    },
    { immediate: true },
);
/** Read with another meter at the same speed, the filters likewise: how far both are apart. */
const others = computed(() =>
    props.proof.surveys.flatMap((one) =>
        one.kind === 'traverse' && one.id !== survey.value?.id && !one.replaced && one.traverse?.flow && sameWay(one.setting)
            ? [{ id: one.id, at: one.at, name: one.setting.name ?? '', flow: one.traverse.flow.value, apart: apart(one.traverse.mean_m_s) }]
            : [],
    ),
);
function sameWay(setting: Record<string, string>): boolean {
    return setting.speed === survey.value?.setting.speed && (setting.filters ?? 'on') === (survey.value?.setting.filters ?? 'on');
}
const apart = (mean: number | null): string =>
    mean && result.value?.mean_m_s
        ? `${Math.abs(100 * (result.value.mean_m_s / mean - 1)).toFixed(1)} % ${result.value.mean_m_s < mean ? 'lower' : 'higher'}`
        : 'the same';
const faults = ref<Record<string, string>>({});

/** The next point that is not read, from below, left to right. */
const next = computed(() => {
    const rows = result.value?.rows ?? [];
    for (const [r, row] of rows.entries()) for (const [c, share] of row.entries()) if (share === null) return `${r}-${c}`;
    return null;
});
async function take(entered: string, came: Came): Promise<void> {
    const place = next.value;
    if (place === null) return;
    written[place] = entered;
    await tell(place, entered, came);
}
async function tell(place: string, text: string, came: Came = { source: 'typed' }): Promise<void> {
    if (!survey.value || text.trim() === '' || survey.value.readings.some((one) => one.place === place && one.entered === text)) return;
    const told = await telling.run({ survey: survey.value.id, readings: [{ place, entered: text, ...came }] });
    const said = telling.refused.value?.errors['readings.0.entered']?.[0];
    faults.value = { ...faults.value, [place]: told ? '' : (said ?? telling.message.value) || '' };
}
const firstFault = computed(() => Object.values(faults.value).find((said) => said));
const unit = computed(() => (measure.value === 'imperial' ? 'fpm' : 'm/s'));
</script>

<template>
    <section class="traverse" aria-label="Air speed">
        <TraverseForm v-if="isNew || !survey" :proof="proof" :measuring="measuring" @done="isNew = false" />
        <template v-else-if="result">
            <NoticeBar v-if="firstFault" kind="error">{{ firstFault }}</NoticeBar>
            <div class="columns">
                <div>
                    <p class="task">
                        Hold the meter flat at each mark, a hand’s width off the grille, until it settles. Air that flows backwards is
                        negative. Readings in {{ unit }} unless you write another unit.
                    </p>
                    <AskMeter
                        v-if="proof.may_build && next"
                        :programme="proof.programme_id"
                        tells="air-speed"
                        label="Next point from"
                        @reading="take"
                    />
                    <OutletGrid
                        :result="result"
                        :written="written"
                        :faults="faults"
                        :disabled="!proof.may_build"
                        @write="(place, text) => (written[place] = text)"
                        @tell="tell"
                    />
                </div>
                <div class="says">
                    <template v-if="result.flow">
                        <h3>Flow of the fan</h3>
                        <p class="big figure">{{ show(result.flow.value) }}</p>
                        <p>{{ show(result.flow.low) }} to {{ show(result.flow.high) }}, mean speed {{ show(result.mean!) }}</p>
                        <p>
                            Forecast: <b class="figure">{{ show(result.forecast) }}</b>
                            <template v-if="!result.filters"> without filters</template>
                        </p>
                        <p v-if="result.reversed">At {{ result.reversed }} points air flows backwards: the corners of the fan are open.</p>
                    </template>
                    <p v-else>
                        <b>{{ result.left }}</b> points are left. Mean and flow come once every point is read.
                    </p>
                    <p v-for="other in others" :key="other.id">
                        {{ day(other.at) }}{{ other.name ? `, ${other.name}` : '' }}: {{ show(other.flow) }}; this one reads
                        {{ other.apart }}.
                    </p>
                    <p class="aside">
                        {{ survey.setting.name ? `${survey.setting.name}, speed` : 'Speed' }} {{ survey.setting.speed }}, filters
                        {{ result.filters ? 'on' : 'off' }}, {{ day(survey.at) }}, {{ survey.by }}
                    </p>
                    <Button v-if="proof.may_build" @click="isNew = true">Measure again</Button>
                </div>
            </div>
        </template>
    </section>
</template>

<style scoped>
.traverse {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 10px;
}
.columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 260px;
    gap: 18px;
    padding: 16px;
    background: var(--sheet);
    border: 1px solid var(--line);
}
.says {
    display: grid;
    gap: 8px;
    align-content: start;
    justify-items: start;
}
p {
    margin: 0;
}
h3 {
    font-size: 15px;
}
.task {
    margin-bottom: 10px;
    line-height: 1.35;
}
.big {
    font-size: 26px;
    font-weight: 700;
}
.aside {
    color: var(--pencil);
    font-size: 14px;
}
@media (max-width: 900px) {
    .columns {
        grid-template-columns: minmax(0, 1fr);
        padding: 12px;
    }
}
</style>
