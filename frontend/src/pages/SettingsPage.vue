<script setup lang="ts">
import { Button, Form, Popconfirm, message } from 'ant-design-vue';
import { computed, reactive, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { Setting } from '../api/client';
import { useArchive } from '../features/programme/places';
import ProgrammeNav from '../features/programme/ProgrammeNav.vue';
import RenameButton from '../features/programme/RenameButton.vue';
import { useProgramme, useSaveSetting, useSetting } from '../features/programme/queries';
import MeterList from '../features/proof/MeterList.vue';
import { useMeasure } from '../session/useMeasure';
import EntryField from '../ui/EntryField.vue';
import NoticeBar from '../ui/NoticeBar.vue';
import PageGate from '../ui/PageGate.vue';

type Written = Omit<Setting, 'density'>;
type Key = Exclude<keyof Written, 'revision'>;

const route = useRoute();
const { show } = useMeasure();
const id = computed(() => Number(route.params.programme));
const programme = useProgramme(id);
const setting = useSetting(id);
const saving = useSaveSetting(id);
const { errors, offers, busy } = saving;
const router = useRouter();
const archiving = useArchive(id);
const mayChange = computed(() => programme.data.value?.role === 'organiser');
const written = reactive<Written>({
    currency: '',
    tariff: '',
    hours_per_day: '',
    years: '',
    changes: '',
    altitude: '',
    temperature: '',
    revision: 0,
});

watch(
    setting.data,
    (data) => {
        if (!data) return;
        Object.assign(written, Object.fromEntries(Object.entries(data).filter(([key]) => key in written)));
    },
    { immediate: true },
);

const GROUPS: {
    key: 'money' | 'running' | 'air';
    title: string;
    why: string;
    fields: { key: Key; name: string; hint: string; unit?: string }[];
}[] = [
    {
        key: 'money',
        title: 'Money',
        why: 'Currency and price of electricity. Prices of parts are kept with the parts.',
        fields: [
            { key: 'currency', name: 'Currency', hint: 'EUR' },
            { key: 'tariff', name: 'Electricity, per kilowatt-hour', hint: '0.30' },
        ],
    },
    {
        key: 'running',
        title: 'Running',
        why: 'The period over which the costs of builds are compared.',
        fields: [
            { key: 'hours_per_day', name: 'Hours a day', hint: '8' },
            { key: 'years', name: 'Years to compare', hint: '2' },
            { key: 'changes', name: 'Filter changes in that time', hint: '4' },
        ],
    },
    {
        key: 'air',
        title: 'Air',
        why: 'Thin air weakens fans. Leave both empty for 1.2 kg/m³.',
        fields: [
            { key: 'altitude', name: 'Altitude', hint: '1200 ft or 365 m' },
            { key: 'temperature', name: 'Room temperature', hint: '68 °F or 20 °C' },
        ],
    },
];

async function archive(): Promise<void> {
    await archiving.run(true);
    if (!archiving.refused.value) await router.push({ name: 'home', query: { all: '' } });
}

async function save(): Promise<void> {
    if (await saving.run({ ...written })) void message.success('Settings saved');
}
</script>

<template>
    <main class="page">
        <PageGate :asked="[setting, programme]">
            <Teleport to="#where">
                <ProgrammeNav :programme="programme.data.value!" />
            </Teleport>
            <h1>Settings</h1>
            <p v-if="mayChange" class="programme">
                {{ programme.data.value!.name }}
                <RenameButton :what="{ kind: 'programme', id }" :name="programme.data.value!.name" />
                <Popconfirm
                    title="Archive this programme? It is looked at and not changed until it is brought back."
                    ok-text="Archive"
                    cancel-text="Cancel"
                    @confirm="archive"
                >
                    <Button size="small" :loading="archiving.busy.value">Archive</Button>
                </Popconfirm>
            </p>
            <Form layout="vertical" class="card" @submit.prevent="save">
                <fieldset v-for="group in GROUPS" :key="group.key" :disabled="!mayChange">
                    <legend>{{ group.title }}</legend>
                    <p class="why">{{ group.why }}</p>
                    <EntryField
                        v-for="field in group.fields"
                        :key="field.key"
                        v-model="written[field.key]"
                        class="line"
                        :label="field.name"
                        :hint="field.hint"
                        :fault="errors[field.key]?.[0]"
                        :offers="offers[field.key]"
                        :disabled="!mayChange"
                        :maxlength="40"
                    />
                    <p v-if="group.key === 'air'" class="density">
                        Air of <b class="figure">{{ show(setting.data.value!.density) }}</b>
                    </p>
                </fieldset>
                <footer>
                    <Button v-if="mayChange" type="primary" html-type="submit" :loading="busy">Save settings</Button>
                    <span v-else>Only organisers can change settings.</span>
                    <NoticeBar v-if="saving.message.value" kind="error">{{ saving.message.value }}</NoticeBar>
                </footer>
            </Form>
            <MeterList class="meters" :programme="id" :may-change="mayChange" />
            <p class="note">Saved versions keep the settings they were calculated with.</p>
        </PageGate>
    </main>
</template>

<style scoped>
.page {
    padding: 22px 24px 40px;
    display: grid;
    gap: 14px;
    align-content: start;
    max-width: 1080px;
    width: 100%;
    margin: 0 auto;
}
h1 {
    font-size: 24px;
}
.card {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    background: var(--sheet);
    border: 1px solid var(--line);
    border-top: 8px solid var(--kraft);
    box-shadow: var(--shadow);
}
fieldset {
    display: grid;
    gap: 12px;
    align-content: start;
    margin: 0;
    padding: 14px 22px 18px;
    border: 0;
    border-right: 1px solid var(--line);
    min-width: 0;
}
fieldset:nth-of-type(3) {
    border-right: 0;
}
legend {
    float: left;
    padding: 0;
    font-size: 19px;
    font-weight: 700;
}
.why,
.note {
    color: var(--pencil);
    font-size: 14.5px;
}
.card :deep(input) {
    font-size: 20px;
    font-weight: 700;
}
.card :deep(input::placeholder) {
    font-weight: 400;
}
.density {
    padding: 8px 12px;
    background: var(--clean-soft);
    border-left: 5px solid var(--clean);
}
footer {
    grid-column: 1 / -1;
    display: flex;
    flex-wrap: wrap;
    gap: 14px;
    align-items: center;
    padding: 14px 22px;
    border-top: 1px solid var(--line);
}
@media (max-width: 800px) {
    .card {
        grid-template-columns: 1fr;
    }
    fieldset {
        border-right: 0;
        border-bottom: 1px solid var(--line);
    }
}
</style>
