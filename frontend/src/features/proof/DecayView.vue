<script setup lang="ts">
import { Button, Switch, Upload } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { Proof } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import NoticeBar from '../../ui/NoticeBar.vue';
import LiveLog from './LiveLog.vue';
import LogReading from './LogReading.vue';
import { useLog, type LogChoices, type Measuring } from './queries';
import RunPlot from './RunPlot.vue';
import { day, latest, refusal } from './words';

/** The decay test: how fast the room clears with the unit and without it, and so what clean air it gives. */
const props = defineProps<{ proof: Proof; measuring: Measuring }>();
const { show } = useMeasure();
const { beginning, telling, adding } = props.measuring;
const survey = computed(() => latest(props.proof.surveys, 'decay'));
const result = computed(() => survey.value?.decay);
const runs = computed(() => result.value?.runs ?? []);
const chosen = ref('');
const run = computed(() => runs.value.find(({ place }) => place === chosen.value) ?? runs.value.at(-1));
const isOn = ref(false);
const fault = computed(() => refusal(adding) ?? refusal(telling) ?? refusal(beginning));

async function add(file: File): Promise<void> {
    const log = await adding.run({ file });
    if (!log) return;
    files.set(log.id, file);
    await use(log.id, file.name);
}
/** Takes a log as a run of the test that is there, or begins one. */
async function use(log: number, name: string): Promise<void> {
    const begun = survey.value
        ? props.proof
        : await beginning.run({ kind: 'decay', setting: { speed: props.proof.speed, weights: 'meter' } });
    const id = (begun && latest(begun.surveys, 'decay')?.id) ?? survey.value?.id;
    if (id === undefined) return;
    const place = `run-${Date.now()}`;
    const told = await telling.run({
        survey: id,
        readings: [{ place, entered: name.slice(0, 80), source: 'file', log, unit_on: isOn.value }],
    });
    if (told) chosen.value = place;
    isOn.value = true;
}
/** The files of this visit: read again, they may be read otherwise. */
const files = new Map<number, File>();
const shown = useLog(
    () => run.value?.log ?? 0,
    computed(() =>
        run.value && run.value.from_min !== null && run.value.to_min !== null ? { from: run.value.from_min, to: run.value.to_min } : null,
    ),
);
async function readAgain(choices: LogChoices): Promise<void> {
    const one = run.value;
    const file = one && files.get(one.log);
    if (!survey.value || !one || !file) return;
    const log = await adding.run({ file, choices });
    if (!log) return;
    files.set(log.id, file);
    await telling.run({
        survey: survey.value.id,
        readings: [{ place: one.place, entered: one.name, source: 'file', log: log.id, unit_on: one.unit_on }],
    });
}
async function another(): Promise<void> {
    await beginning.run({ kind: 'decay', setting: { speed: props.proof.speed, weights: 'meter' } });
    isOn.value = false;
}
/** The list of files is ours, not the control's. */
function choose(file: File): boolean {
    void add(file);
    return false;
}
async function change(to: { from: number | null; to: number | null; unitOn?: boolean }): Promise<void> {
    const one = run.value;
    if (!survey.value || !one) return;
    await telling.run({
        survey: survey.value.id,
        readings: [
            {
                place: one.place,
                entered: one.name,
                source: 'file',
                log: one.log,
                unit_on: to.unitOn ?? one.unit_on,
                from_min: to.from,
                to_min: to.to,
            },
        ],
    });
}
</script>

<template>
    <section class="decay" aria-label="Decay test">
        <NoticeBar v-if="fault" kind="error">{{ fault }}</NoticeBar>
        <div class="head">
            <div>
                <h2>How fast does the room clear?</h2>
                <p>
                    Let out smoke, mix it, log the particles until the air has cleared: once without the unit, once with it. The same door
                    and windows both times.
                </p>
            </div>
            <div v-if="proof.may_build" class="add">
                <label><Switch v-model:checked="isOn" size="small" /> the unit {{ isOn ? 'ran' : 'was off' }}</label>
                <Upload accept=".csv,.txt,.tsv,text/*" :show-upload-list="false" :before-upload="choose">
                    <span class="ant-btn ant-btn-primary">{{ adding.busy.value ? 'Reading…' : 'Add a log' }}</span>
                </Upload>
            </div>
        </div>
        <LiveLog v-if="proof.may_build" :programme="proof.programme_id" @done="use" />
        <p v-if="survey && !run">
            Another test is begun, {{ day(survey.at) }}: add its logs. What was measured before stays with the evidence.
        </p>
        <p v-if="result?.left" class="left">
            Since {{ day(result.left.since) }} <b>{{ (100 * result.left.share).toFixed(0) }} %</b> of the clean air is left ({{
                (100 * result.left.low).toFixed(0)
            }}
            to {{ (100 * result.left.high).toFixed(0) }} %)<template v-if="result.left.times"
                >; the room takes {{ result.left.times.toFixed(2) }} times as long to clear</template
            >.
        </p>
        <template v-if="survey && result && run">
            <div class="runs">
                <Button
                    v-for="one in runs"
                    :key="one.place"
                    class="run"
                    :class="{ refused: one.refused }"
                    :type="one.place === run.place ? 'primary' : 'default'"
                    @click="chosen = one.place"
                >
                    <b>{{ one.unit_on ? 'With the unit' : 'Without it' }}</b>
                    <span>{{ one.refused ? 'refused' : `${show(one.rate!.value)} · 90 % gone in ${show(one.minutes_90!.value)}` }}</span>
                </Button>
                <p v-if="result.clean_air" class="clean">
                    Clean air <b class="figure">{{ show(result.clean_air.value) }}</b><br />{{ show(result.clean_air.low) }} to
                    {{ show(result.clean_air.high) }}, forecast {{ show(result.forecast) }}
                </p>
            </div>
            <NoticeBar v-if="run.refused" kind="warning">
                {{ run.refused }}
                <template v-if="run.usable_from_min !== null && proof.may_build" #actions>
                    <Button size="small" @click="change({ from: run.usable_from_min, to: null })"
                        >Use from minute {{ run.usable_from_min.toFixed(1) }}</Button
                    >
                </template>
            </NoticeBar>
            <LogReading
                v-if="shown.data.value"
                :log="shown.data.value"
                :may-change="proof.may_build && files.has(run.log)"
                @read="readAgain"
            />
            <NoticeBar v-for="note in run.notes" :key="note">{{ note }}</NoticeBar>
            <RunPlot :key="run.place" :run="run" :may-change="proof.may_build" @stretch="(from, to) => change({ from, to })" />
            <Button v-if="proof.may_build && result.clean_air" class="another" @click="another">Test again after months of use</Button>
            <p class="aside">
                <template v-if="run.rate">
                    Rate {{ show(run.rate.value) }} ({{ show(run.rate.low) }} to {{ show(run.rate.high) }}), 99 % gone in
                    {{ show(run.minutes_99!.value) }}. The room was {{ run.is_even ? 'well mixed' : 'mixed unevenly' }}.
                </template>
                {{ run.name }}, {{ day(survey.at) }}, {{ survey.by }}.
                <Button v-if="proof.may_build" type="link" size="small" @click="change({ from: null, to: null, unitOn: !run.unit_on })"
                    >This run was {{ run.unit_on ? 'without' : 'with' }} the unit</Button
                >
            </p>
        </template>
    </section>
</template>

<style scoped>
.decay {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 10px;
    padding: 16px;
    background: var(--sheet);
    border: 1px solid var(--line);
}
.head {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 8px 24px;
}
.head > :first-child {
    flex: 1 1 380px;
}
h2 {
    font-size: 20px;
}
p {
    margin: 0;
    line-height: 1.4;
}
.add {
    display: grid;
    gap: 8px;
    justify-items: end;
    align-content: start;
}
.runs {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: stretch;
}
.run {
    height: auto;
    display: grid;
    justify-items: start;
    padding: 7px 14px;
    text-align: left;
}
.run span {
    display: block;
    font-size: 13px;
}
.clean {
    margin-left: auto;
    text-align: right;
}
.another {
    justify-self: start;
}
.left {
    padding: 8px 12px;
    background: var(--clean-soft);
}
.aside {
    color: var(--pencil);
    font-size: 14px;
}
</style>
