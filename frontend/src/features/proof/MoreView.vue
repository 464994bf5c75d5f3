<script setup lang="ts">
import { Button, Form, Upload } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { Proof, SurveyKind } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import EntryField from '../../ui/EntryField.vue';
import NoticeBar from '../../ui/NoticeBar.vue';
import type { Measuring } from './queries';
import { FINDINGS, latest, refusal, type Finding } from './words';

/** Small tests: how far dust is drawn in, which way air goes at windows and doors, what carbon does for a vapour. */
const props = defineProps<{ proof: Proof; measuring: Measuring }>();
const { show } = useMeasure();
const { beginning, telling, adding } = props.measuring;
const reach = computed(() => latest(props.proof.surveys, 'reach'));
const ribbon = computed(() => latest(props.proof.surveys, 'ribbon'));
const vapour = computed(() => latest(props.proof.surveys, 'vapour'));
const distance = ref('');
const place = ref('');
const PUFFS = { in: 'drawn in', still: 'drifts', out: 'blown away' };
const RIBBON = { in: 'blows in', still: 'hangs still', out: 'blows out' };
const fault = computed(() => refusal(adding) ?? refusal(telling) ?? refusal(beginning));

async function ensure(kind: SurveyKind): Promise<number | undefined> {
    const there = latest(props.proof.surveys, kind);
    if (there) return there.id;
    const begun = await beginning.run({ kind, setting: { speed: props.proof.speed } });
    return begun && latest(begun.surveys, kind)?.id;
}
async function tell(kind: 'reach' | 'ribbon', at: string, entered: Finding): Promise<boolean> {
    const survey = at.trim() === '' ? undefined : await ensure(kind);
    return survey !== undefined && Boolean(await telling.run({ survey, readings: [{ place: at.trim(), entered, source: 'typed' }] }));
}
async function puff(finding: Finding): Promise<void> {
    if (await tell('reach', distance.value, finding)) distance.value = '';
}
async function wind(finding: Finding): Promise<void> {
    if (await tell('ribbon', place.value, finding)) place.value = '';
}
function addVapour(file: File): boolean {
    void (async () => {
        const log = await adding.run({ file });
        const survey = log && (await ensure('vapour'));
        if (log && survey !== undefined)
            await telling.run({ survey, readings: [{ place: 'log', entered: file.name.slice(0, 80), source: 'file', log: log.id }] });
    })();
    return false;
}
</script>

<template>
    <section class="more" aria-label="More tests">
        <NoticeBar v-if="fault" kind="error">{{ fault }}</NoticeBar>
        <div class="card">
            <h2>Reach</h2>
            <p>A pinch of dust or a puff of smoke at growing distances from the face: where is it still drawn in?</p>
            <Form layout="vertical" class="row" @submit.prevent>
                <EntryField v-model="distance" label="Distance from the face" hint="12 in" class="figure" />
            </Form>
            <div v-if="proof.may_build" class="row">
                <Button v-for="one in FINDINGS" :key="one.value" @click="puff(one.value)">{{ PUFFS[one.value] }}</Button>
            </div>
            <ul v-if="reach">
                <li v-for="one in reach.readings" :key="one.id">{{ one.place }}: {{ PUFFS[one.entered as Finding] }}</li>
            </ul>
            <p v-if="reach?.reach">
                Drawn in up to <b>{{ show(reach.reach.captured) }}</b><template v-if="reach.reach.lost"
                    >, lost from {{ show(reach.reach.lost) }} on</template
                >. A strong jet in a small room undoes it: point the fan into the box, or duct it across.
            </p>
        </div>
        <div class="card">
            <h2>Ribbon at windows and doors</h2>
            <p>
                A ribbon at the far window shows that air leaves there; at cracks and doors which way they leak. Try exhaust fans on and
                off.
            </p>
            <Form layout="vertical" class="row" @submit.prevent>
                <EntryField v-model="place" label="Where" hint="far window, exhaust on" :maxlength="60" />
            </Form>
            <div v-if="proof.may_build" class="row">
                <Button v-for="one in FINDINGS" :key="one.value" @click="wind(one.value)">{{ RIBBON[one.value] }}</Button>
            </div>
            <ul v-if="ribbon">
                <li v-for="one in ribbon.readings" :key="one.id">{{ one.place }}: {{ RIBBON[one.entered as Finding] }}</li>
            </ul>
        </div>
        <div class="card">
            <h2>Smells and vapour</h2>
            <p>A log round the use of carbon. Nobody can forecast how long carbon lasts: test again every month.</p>
            <Upload v-if="proof.may_build" accept=".csv,.txt,.tsv,text/*" :show-upload-list="false" :before-upload="addVapour">
                <span class="ant-btn ant-btn-default">{{ adding.busy.value ? 'Reading…' : 'Add a log' }}</span>
            </Upload>
            <p v-if="vapour?.vapour">
                Before {{ vapour.vapour.before }}, peak {{ vapour.vapour.peak }}, after {{ vapour.vapour.after }}
                {{ vapour.vapour.minutes }} minutes later<template v-if="vapour.vapour.gone !== null"
                    >: {{ (100 * vapour.vapour.gone).toFixed(0) }} % of the rise is gone</template
                >.
            </p>
        </div>
    </section>
</template>

<style scoped>
.more {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
    gap: 12px;
}
.more > :deep(.notice) {
    grid-column: 1 / -1;
}
.card {
    display: grid;
    gap: 10px;
    align-content: start;
    justify-items: start;
    padding: 16px;
    background: var(--sheet);
    border: 1px solid var(--line);
}
h2 {
    font-size: 18px;
}
p,
ul {
    margin: 0;
    line-height: 1.4;
}
.row {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
}
.row :deep(.entry) {
    margin: 0;
}
</style>
