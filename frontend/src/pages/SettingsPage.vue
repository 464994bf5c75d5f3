<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { useQueryClient } from '@tanstack/vue-query';
import { computed, reactive, watch } from 'vue';
import { useRoute } from 'vue-router';
import { answer, api, type Setting } from '../api/client';
import { useProgramme, useSetting } from '../api/queries';
import AwayNotice from '../components/AwayNotice.vue';
import ProgrammeNav from '../components/ProgrammeNav.vue';
import FieldFault from '../components/room/FieldFault.vue';
import { useMeasure } from '../composables/useMeasure';
import { useSaved } from '../composables/useSaved';

type Written = Omit<Setting, 'density'>;
type Key = Exclude<keyof Written, 'revision'>;

const route = useRoute();
const client = useQueryClient();
const { show } = useMeasure();
const id = computed(() => Number(route.params.programme));
const programme = useProgramme(id);
const setting = useSetting(id);
const saving = useSaved();
const { errors, offers, message, done, busy } = saving;
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

const GROUPS: { title: string; why: string; fields: { key: Key; name: string; hint: string; unit?: string }[] }[] = [
    {
        title: 'Money',
        why: 'Currency and price of electricity. Prices of parts are kept with the parts.',
        fields: [
            { key: 'currency', name: 'Currency', hint: 'EUR' },
            { key: 'tariff', name: 'Electricity, per kilowatt-hour', hint: '0.30' },
        ],
    },
    {
        title: 'Running',
        why: 'The period over which the costs of builds are compared.',
        fields: [
            { key: 'hours_per_day', name: 'Hours a day', hint: '8' },
            { key: 'years', name: 'Years to compare', hint: '2' },
            { key: 'changes', name: 'Filter changes in that time', hint: '4' },
        ],
    },
    {
        title: 'Air',
        why: 'Thin air weakens fans. Leave both empty for 1.2 kg/m³.',
        fields: [
            { key: 'altitude', name: 'Altitude', hint: '1200 ft or 365 m' },
            { key: 'temperature', name: 'Room temperature', hint: '68 °F or 20 °C' },
        ],
    },
];

async function save(): Promise<void> {
    const changed = await saving.save(
        () => answer(api.PUT('/programmes/{programme}/setting', { params: { path: { programme: id.value } }, body: { ...written } })),
        'Settings saved',
    );
    if (!changed) return;
    client.setQueryData(['setting', id.value], changed);
    await client.invalidateQueries({ queryKey: ['programme'] });
    await client.invalidateQueries({ queryKey: ['evaluation'] });
}
</script>

<template>
    <main class="page">
        <AwayNotice v-if="setting.error.value" :fault="setting.error.value" @retry="setting.refetch()" />
        <template v-else-if="setting.data.value && programme.data.value">
            <Teleport to="#where">
                <ProgrammeNav :programme="programme.data.value" />
            </Teleport>
            <h1>Settings</h1>
            <form class="card" @submit.prevent="save">
                <fieldset v-for="group in GROUPS" :key="group.title" :disabled="!mayChange">
                    <legend>{{ group.title }}</legend>
                    <p class="why">{{ group.why }}</p>
                    <div v-for="field in group.fields" :key="field.key" class="field">
                        <label :for="field.key">{{ field.name }}</label>
                        <input
                            :id="field.key"
                            v-model="written[field.key]"
                            :placeholder="field.hint"
                            :aria-invalid="errors[field.key] !== undefined"
                            autocomplete="off"
                            maxlength="40"
                        />
                        <FieldFault :said="errors[field.key]?.[0]" />
                        <p v-if="offers[field.key]" class="offers">
                            <button v-for="offer in offers[field.key]" :key="offer" type="button" @click="written[field.key] = offer">
                                {{ offer }}
                            </button>
                        </p>
                    </div>
                    <p v-if="group.title === 'Air'" class="density">
                        Air of <b class="figure">{{ show(setting.data.value.density) }}</b>
                    </p>
                </fieldset>
                <footer>
                    <Button v-if="mayChange" type="primary" html-type="submit" :loading="busy">Save settings</Button>
                    <span v-else>Only organisers can change settings.</span>
                    <span class="done" role="status">{{ done }}</span>
                    <span v-if="message" class="fault" role="alert">{{ message }}</span>
                </footer>
            </form>
            <p class="note">Saved versions keep the settings they were calculated with.</p>
        </template>
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
.field {
    display: grid;
    gap: 3px;
}
label {
    font-size: 15px;
}
input {
    font: inherit;
    font-size: 20px;
    font-weight: 700;
    color: var(--ink);
    background: transparent;
    border: 0;
    border-bottom: 2px solid var(--kraft-edge);
    padding: 3px 4px;
    width: 100%;
    min-width: 0;
}
input::placeholder {
    font-weight: 400;
    color: var(--pencil);
    opacity: 1;
}
input:disabled {
    border-bottom-style: dotted;
}
[aria-invalid='true'] {
    border-bottom-color: var(--short);
    background: var(--short-soft);
}
.offers {
    display: flex;
    gap: 8px;
}
.offers button {
    font: inherit;
    color: var(--ink);
    background: var(--tape);
    border: 1px solid var(--tape-edge);
    padding: 3px 10px;
    cursor: pointer;
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
.done {
    color: var(--clean);
    font-weight: 700;
}
.fault {
    color: var(--short);
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
