<script setup lang="ts">
import { Button, Form } from 'ant-design-vue';
import { computed, reactive, ref } from 'vue';
import type { Proof } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import EntryField from '../../ui/EntryField.vue';
import NoticeBar from '../../ui/NoticeBar.vue';
import OptionSwitch from '../../ui/OptionSwitch.vue';
import AskMeter from './AskMeter.vue';
import LevelPlan from './LevelPlan.vue';
import LevelResult from './LevelResult.vue';
import type { Came } from './meters';
import PhoneMeter from './PhoneMeter.vue';
import type { Measuring } from './queries';
import { day, latest } from './words';

/** Level with the unit on and off, and watts at the plug by speed. */
const props = defineProps<{ proof: Proof; measuring: Measuring }>();
const { show } = useMeasure();
const { beginning, telling } = props.measuring;
const level = computed(() => latest(props.proof.surveys, 'level'));
const power = computed(() => latest(props.proof.surveys, 'power'));
const which = ref<'on' | 'off'>('on');
const distance = ref('1 m');
/** Where on the plan the next reading is made; null at the told distance. */
const mark = ref<{ x: number; y: number } | null>(null);
const written = ref('');
const watts = reactive<Record<string, string>>({});
const fault = (of: 'value' | 'distance'): string | undefined =>
    of === 'distance'
        ? beginning.refused.value?.errors['setting.distance']?.[0]
        : (telling.refused.value?.errors['readings.0.entered'] ?? telling.refused.value?.errors['readings.0.place'])?.[0];
const said = computed(() => (fault('value') || fault('distance') ? undefined : telling.message.value || beginning.message.value));
const readings = (side: string) => (level.value?.readings ?? []).filter(({ place }) => place.startsWith(side));

async function ensure(kind: 'level' | 'power'): Promise<number | undefined> {
    const there = latest(props.proof.surveys, kind);
    if (there) return there.id;
    const setting: Record<string, string> = kind === 'level' ? { speed: props.proof.speed, distance: distance.value } : {};
    const begun = await beginning.run({ kind, setting });
    return begun && latest(begun.surveys, kind)?.id;
}
async function tellLevel(entered: string, came: Came): Promise<void> {
    if (entered.trim() === '') return;
    const survey = await ensure('level');
    if (survey === undefined) return;
    const at = mark.value ? `@${mark.value.x.toFixed(2)},${mark.value.y.toFixed(2)}` : '';
    const place = `${which.value}-${readings(which.value).length + 1}${at}`;
    if (await telling.run({ survey, readings: [{ place, entered, ...came }] })) written.value = '';
}
async function tellWatts(speed: string, entered = watts[speed] ?? '', came: Came = { source: 'typed' }): Promise<void> {
    if (entered.trim() === '') return;
    const survey = await ensure('power');
    if (survey === undefined) return;
    if (await telling.run({ survey, readings: [{ place: speed, entered, ...came }] })) watts[speed] = '';
}
</script>

<template>
    <section class="sound" aria-label="Sound and power">
        <NoticeBar v-if="said" kind="error">{{ said }}</NoticeBar>
        <div class="card">
            <h2>How loud is it?</h2>
            <p>Read on several sides, out of the jet, with the unit on, then off: at one distance, or where you mark it on the plan.</p>
            <LevelPlan v-model="mark" :plan="proof.plan" :level="level?.level ?? null" :distance="level?.setting.distance ?? distance" />
            <Form layout="vertical" class="row" @submit.prevent="tellLevel(written, { source: 'typed' })">
                <OptionSwitch
                    :value="which"
                    :options="[
                        { value: 'on', label: 'Unit on' },
                        { value: 'off', label: 'Unit off' },
                    ]"
                    label="Whether the unit runs"
                    @choose="(next) => (which = next)"
                />
                <EntryField v-if="!level && !mark" v-model="distance" label="Distance" :fault="fault('distance')" class="figure short" />
                <EntryField v-model="written" label="Reading" hint="52.4 dBA" :fault="fault('value')" class="figure short" />
                <Button v-if="proof.may_build" type="primary" html-type="submit" :loading="telling.busy.value">Add</Button>
            </Form>
            <AskMeter v-if="proof.may_build" :programme="proof.programme_id" tells="level" @reading="tellLevel" />
            <PhoneMeter v-if="proof.may_build" @level="(decibels) => tellLevel(`${decibels.toFixed(1)} dBA`, { source: 'phone' })" />
            <dl v-if="level?.level">
                <dt>On</dt>
                <dd class="figure">
                    {{
                        readings('on')
                            .map(({ entered }) => entered)
                            .join(', ') || 'nothing yet'
                    }}
                </dd>
                <dt>Off</dt>
                <dd class="figure">
                    {{
                        readings('off')
                            .map(({ entered }) => entered)
                            .join(', ') || 'nothing yet'
                    }}
                </dd>
                <template v-if="level.level.on && level.level.off">
                    <dt>The unit alone</dt>
                    <dd v-if="level.level.unit">
                        <b class="figure">{{ level.level.unit }}</b> at {{ show(level.level.distance)
                        }}<template v-if="level.level.unit !== level.level.at_1m">, {{ level.level.at_1m }} at 1 m</template>, within
                        {{ level.level.within }} dB
                    </dd>
                    <dd v-else>On and off are less than 3 dB apart: it cannot be told. Read closer, or when it is quieter.</dd>
                </template>
            </dl>
            <LevelResult v-if="level?.level?.unit" :level="level.level" />
            <p v-if="level" class="aside">Speed {{ level.setting.speed }}, {{ day(level.at) }}, {{ level.by }}</p>
        </div>
        <div class="card">
            <h2>What does it draw?</h2>
            <p>Watts at the plug, at each speed.</p>
            <Form v-for="speed in proof.speeds" :key="speed" layout="vertical" class="row" @submit.prevent="tellWatts(speed)">
                <EntryField
                    :model-value="watts[speed] ?? ''"
                    :label="`Speed ${speed}`"
                    :hint="power?.watts?.find((one) => one.speed === speed)?.measured ?? 'W'"
                    class="figure short"
                    @update:model-value="(next) => (watts[speed] = next)"
                />
                <Button v-if="proof.may_build" html-type="submit">Save</Button>
                <AskMeter
                    v-if="proof.may_build"
                    :programme="proof.programme_id"
                    tells="power"
                    label="From"
                    @reading="(entered, came) => tellWatts(speed, entered, came)"
                />
                <span v-if="power?.watts" class="aside">
                    <b class="figure">{{ power.watts.find((one) => one.speed === speed)?.measured ?? 'not read' }}</b>, forecast
                    {{ power.watts.find((one) => one.speed === speed)?.forecast }}
                </span>
            </Form>
        </div>
    </section>
</template>

<style scoped>
.sound {
    display: grid;
    grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr);
    gap: 12px;
}
.sound > :deep(.notice) {
    grid-column: 1 / -1;
}
.card {
    display: grid;
    gap: 10px;
    align-content: start;
    padding: 16px;
    background: var(--sheet);
    border: 1px solid var(--line);
}
h2 {
    font-size: 19px;
}
p,
dd {
    margin: 0;
    line-height: 1.4;
}
.row {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 12px;
    align-items: end;
}
.row :deep(.entry) {
    width: 130px;
    margin: 0;
}
dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 4px 14px;
    margin: 0;
}
dt {
    font-weight: 700;
}
.aside {
    color: var(--pencil);
    font-size: 14px;
}
@media (max-width: 900px) {
    .sound {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
