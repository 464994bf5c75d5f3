<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import type { Proof } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import NoticeBar from '../../ui/NoticeBar.vue';
import type { Measuring } from './queries';
import PointPhoto from './PointPhoto.vue';
import TissueDrawing from './TissueDrawing.vue';
import { day, FINDINGS, latest, nextPoint, task, type Finding } from './words';

/** The tissue test: every point of this very unit one after another, with big buttons or on the drawing; what leaks, and what to patch first. */
const props = defineProps<{ proof: Proof; measuring: Measuring }>();
const { show } = useMeasure();
const { beginning, telling } = props.measuring;
const survey = computed(() => latest(props.proof.surveys, 'tissue'));
const rounds = computed(() => props.proof.surveys.filter(({ kind }) => kind === 'tissue').length);
const points = computed(() => survey.value?.tissue?.points ?? []);
const chosen = ref('');
watch(
    () => survey.value?.id,
    () => (chosen.value = points.value.find(({ answer }) => answer === null)?.id ?? points.value[0]?.id ?? ''),
    { immediate: true },
);
const point = computed(() => points.value.find(({ id }) => id === chosen.value));
const place = computed(() => points.value.findIndex(({ id }) => id === chosen.value));
const result = computed(() => survey.value?.tissue);
const fault = computed(() => beginning.message.value || telling.message.value);

async function begin(): Promise<void> {
    await beginning.run({ kind: 'tissue', setting: { speed: props.proof.speeds.at(-1) ?? '' } });
}
async function tell(finding: Finding): Promise<void> {
    if (!survey.value || !point.value) return;
    const next = nextPoint(points.value, chosen.value);
    const told = await telling.run({
        survey: survey.value.id,
        readings: [{ place: point.value.id, entered: finding, source: 'typed' }],
    });
    if (told) chosen.value = next;
}
/** A photo goes with what was told of the point: the same again, and what it shows. */
async function addPhoto(photo: number): Promise<void> {
    if (!survey.value || !point.value?.answer) return;
    await telling.run({
        survey: survey.value.id,
        readings: [{ place: point.value.id, entered: point.value.answer, source: 'typed', photo }],
    });
}
function go(by: number): void {
    const next = points.value[(place.value + by + points.value.length) % points.value.length];
    if (next) chosen.value = next.id;
}
</script>

<template>
    <section class="tissue" aria-label="Tissue test">
        <NoticeBar v-if="fault" kind="error">{{ fault }}</NoticeBar>
        <div v-if="!survey" class="empty">
            <h2>Find the leaks with a strip of tissue</h2>
            <p>
                Run the unit at its fastest speed. Hold a strip of tissue, a hand long and a finger wide, to every seam, corner and face.
                Where it is drawn in and there is no filter, air gets past.
            </p>
            <Button v-if="proof.may_build" type="primary" size="large" :loading="beginning.busy.value" @click="begin">Begin</Button>
        </div>
        <template v-else>
            <div class="table">
                <TissueDrawing :unit="proof.unit_id" :points="points" :chosen="chosen" @choose="(id) => (chosen = id)" />
                <div v-if="point" class="now">
                    <p class="count">Point {{ place + 1 }} of {{ points.length }} · {{ result!.answered }} told</p>
                    <h2>{{ point.name }}</h2>
                    <p class="task">{{ task(point) }}</p>
                    <div v-if="proof.may_build" class="answers" role="group" aria-label="What the tissue does">
                        <Button
                            v-for="one in FINDINGS"
                            :key="one.value"
                            size="large"
                            :type="point.answer === one.value ? 'primary' : 'default'"
                            :aria-pressed="point.answer === one.value"
                            :loading="telling.busy.value"
                            :data-finding="one.value"
                            @click="tell(one.value)"
                            >{{ one.label }}</Button
                        >
                    </div>
                    <p v-if="point.leaks && point.gap" class="gap">
                        Open by about {{ show(point.gap.value) }} ({{ show(point.gap.low) }} to {{ show(point.gap.high) }}).
                    </p>
                    <div class="turn">
                        <Button @click="go(-1)">Back</Button>
                        <Button @click="go(1)">Next point</Button>
                        <PointPhoto
                            :unit="proof.unit_id"
                            :photo="survey.readings.find((one) => one.place === chosen)?.photo ?? null"
                            :may-add="proof.may_build && point.answer !== null"
                            @added="addPhoto"
                        />
                    </div>
                </div>
            </div>
            <NoticeBar v-for="odd in result!.odd" :key="odd" kind="warning">{{ odd }}</NoticeBar>
            <div class="found">
                <div>
                    <h3>Open in all</h3>
                    <p>
                        <b class="figure">{{ show(result!.leak_area.value) }}</b> ({{ show(result!.leak_area.low) }} to
                        {{ show(result!.leak_area.high) }})
                    </p>
                </div>
                <div v-if="result!.ranking.length" class="ranking">
                    <h3>Patch first</h3>
                    <ol>
                        <li v-for="one in result!.ranking.slice(0, 5)" :key="one.point">
                            <Button type="link" size="small" @click="chosen = one.point">{{ one.name }}</Button>
                            wins back {{ show(one.gain.value) }}, {{ one.minutes }} min
                        </li>
                    </ol>
                </div>
                <div class="rounds">
                    <p class="aside">Round {{ rounds }}, {{ day(survey.at) }}, {{ survey.by }}</p>
                    <Button v-if="proof.may_build && result!.answered" :loading="beginning.busy.value" @click="begin"
                        >Another round after patching</Button
                    >
                </div>
            </div>
        </template>
    </section>
</template>

<style scoped>
.tissue {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 12px;
}
.table {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 290px;
    background: var(--sheet);
    border: 1px solid var(--line);
}
.now {
    display: grid;
    gap: 10px;
    align-content: start;
    padding: 16px;
    border-left: 1px solid var(--line);
}
.count,
.aside {
    color: var(--pencil);
    font-size: 14px;
}
h2 {
    font-size: 21px;
}
h3 {
    font-size: 15px;
}
p {
    margin: 0;
}
.task {
    font-size: 17px;
    line-height: 1.35;
    min-height: 2.8em;
}
.answers {
    display: grid;
    gap: 8px;
}
.answers :deep(.ant-btn) {
    height: 54px;
    font-size: 18px;
}
.turn {
    display: flex;
    gap: 8px;
}
.found {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr) auto;
    gap: 8px 34px;
    align-items: start;
}
.found ol {
    margin: 0;
    padding-left: 20px;
}
.rounds {
    display: grid;
    gap: 6px;
    grid-column: 3;
    justify-items: end;
}
.empty {
    display: grid;
    gap: 10px;
    justify-items: start;
    padding: 26px;
    background: var(--sheet);
    border: 1px solid var(--line);
    max-width: 640px;
}
@media (max-width: 900px) {
    .table {
        grid-template-columns: minmax(0, 1fr);
    }
    .found {
        grid-template-columns: minmax(0, 1fr);
    }
    .rounds {
        grid-column: 1;
        justify-items: start;
    }
    .now {
        border-left: 0;
        border-top: 1px solid var(--line);
    }
}
</style>
