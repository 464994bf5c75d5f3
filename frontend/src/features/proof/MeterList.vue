<script setup lang="ts">
import { Button, Form } from 'ant-design-vue';
import { reactive } from 'vue';
import type { Meter, MeterRequest } from '../../api/client';
import ChoiceSelect from '../../ui/ChoiceSelect.vue';
import EntryField from '../../ui/EntryField.vue';
import NoticeBar from '../../ui/NoticeBar.vue';
import { useDeleting } from '../programme/useDeleting';
import { useAllowingMeters, useMeters } from './meters';

/** Meters that may be asked: sensors in the network that answer JSON, or folders that files are dropped into. */
const props = defineProps<{ programme: number; mayChange: boolean }>();
const meters = useMeters(() => props.programme);
const { adding } = useAllowingMeters(() => props.programme);
const remove = useDeleting();
const TELLS: Record<Meter['tells'], string> = {
    pm25: 'Particles',
    'air-speed': 'Air speed',
    level: 'Level',
    power: 'Power',
    outdoors: 'Outdoor air',
};
const DRIVERS = [
    { value: 'http' as const, label: 'Address that answers JSON' },
    { value: 'folder' as const, label: 'Folder with files' },
];
const written = reactive<MeterRequest & { field: string }>({
    name: '',
    tells: 'pm25',
    driver: 'http',
    address: '',
    field: '',
});
const fault = (field: string): string | undefined => adding.refused.value?.errors[field]?.[0];
async function add(): Promise<void> {
    if (await adding.run({ ...written })) Object.assign(written, { name: '', address: '', field: '' });
}
</script>

<template>
    <section class="meters" aria-label="Meters">
        <h2>Meters</h2>
        <p>Sensors that Jornel asks while you measure. One in your own network is asked where whoever runs Jornel allowed that network.</p>
        <ul v-if="meters.data.value?.length">
            <li v-for="one in meters.data.value" :key="one.id">
                <b>{{ one.name }}</b> {{ TELLS[one.tells].toLowerCase() }}
                <span class="aside">{{ one.driver === 'stand-in' ? 'comes with the demo' : (one.folder ?? one.address) }}</span>
                <Button v-if="mayChange" type="text" size="small" danger @click="remove({ kind: 'meter', id: one.id }, one.name)"
                    >Delete</Button
                >
            </li>
        </ul>
        <Form v-if="mayChange" layout="vertical" class="add" @submit.prevent="add">
            <NoticeBar v-if="adding.message.value && !Object.keys(adding.refused.value?.errors ?? {}).length" kind="error">{{
                adding.message.value
            }}</NoticeBar>
            <EntryField v-model="written.name" label="Name" hint="Counter in the hall" :fault="fault('name')" :maxlength="60" />
            <ChoiceSelect
                :value="written.tells"
                :choices="Object.entries(TELLS).map(([value, label]) => ({ value: value as Meter['tells'], label }))"
                label="What it tells"
                @choose="(next) => (written.tells = next)"
            />
            <ChoiceSelect
                :value="written.driver"
                :choices="DRIVERS"
                label="How it is reached"
                @choose="(next) => (written.driver = next)"
            />
            <EntryField
                v-model="written.address"
                :label="written.driver === 'http' ? 'Address' : 'Name of its folder'"
                :hint="written.driver === 'http' ? 'http://meter.example/data' : 'hall'"
                :fault="fault('address')"
                :maxlength="300"
            />
            <EntryField
                v-if="written.driver === 'http'"
                v-model="written.field"
                label="Field of the value"
                hint="sensors.0.pm25"
                :fault="fault('field')"
            />
            <Button type="primary" html-type="submit" :loading="adding.busy.value">Add</Button>
        </Form>
    </section>
</template>

<style scoped>
.meters {
    display: grid;
    gap: 8px;
    padding: 16px 18px;
    background: var(--sheet);
    border: 1px solid var(--line);
}
h2 {
    font-size: 18px;
}
p,
ul {
    margin: 0;
}
ul {
    padding: 0;
    list-style: none;
    display: grid;
    gap: 2px;
}
.add {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 12px;
    align-items: end;
}
.add :deep(.entry) {
    margin: 0;
    min-width: 180px;
}
.add :deep(.ant-select) {
    min-width: 150px;
}
.aside {
    color: var(--pencil);
    font-size: 14px;
    overflow-wrap: anywhere;
}
</style>
