<script setup lang="ts">
import { Input } from 'ant-design-vue';
import type { PartSheet } from '../../api/client';
import ChoiceSelect from '../../ui/ChoiceSelect.vue';
import DataTable, { type Column } from '../../ui/DataTable.vue';
import FieldFault from '../../ui/FieldFault.vue';
import FieldOffers from '../../ui/FieldOffers.vue';
import { useMeasure } from '../../session/useMeasure';
import { PROVENANCES, type Written } from './written';

/** The figures of a part: what is used, what the programme has of its own, and where that came from. */
defineProps<{
    figures: PartSheet['figures'];
    errors: Record<string, string[]>;
    offers: Record<string, string[]>;
    mayChange: boolean;
}>();
const own = defineModel<Written['figures']>({ required: true });
const { show } = useMeasure();

const COLUMNS: Column<PartSheet['figures'][number], 'name' | 'used' | 'own' | 'from'>[] = [
    { key: 'name', title: 'Figure' },
    { key: 'used', title: 'Used' },
    { key: 'own', title: 'Yours' },
    { key: 'from', title: 'From' },
];
const FROM = PROVENANCES.map((value) => ({ value, label: value }));

function set(index: number, change: Partial<Written['figures'][number]>): void {
    own.value = own.value.map((one, at) => (at === index ? { ...one, ...change } : one));
}
</script>

<template>
    <DataTable
        :width="430"
        :columns="COLUMNS"
        :rows="figures"
        :row-key="(figure) => figure.path"
        :row-class="(figure) => (figure.is_own ? 'own' : '')"
    >
        <template #cell="{ column, row: record, index }">
            <template v-if="column === 'name'">{{ record.name }}</template>
            <template v-else-if="column === 'used'">
                <b class="figure">{{ record.shown ? show(record.shown) : '—' }}</b>
                <span class="from" :class="record.from ?? ''">{{ record.from }}</span>
                <s v-if="record.shipped">{{ show(record.shipped) }}</s>
            </template>
            <template v-else-if="column === 'own'">
                <Input
                    class="line entry"
                    :value="own[index]!.entry"
                    :aria-label="`Your ${record.name}`"
                    :data-figure="record.path"
                    :aria-invalid="errors[`figures.${record.path}`] !== undefined"
                    :disabled="!mayChange"
                    :maxlength="40"
                    autocomplete="off"
                    @update:value="(entry: string) => set(index, { entry })"
                />
                <FieldFault :said="errors[`figures.${record.path}`]?.[0]" />
                <FieldOffers :offers="offers[`figures.${record.path}`] ?? []" @take="(entry) => set(index, { entry })" />
            </template>
            <ChoiceSelect
                v-else-if="own[index]!.entry !== ''"
                is-line
                :value="own[index]!.from"
                :choices="FROM"
                :label="`Where your ${record.name} came from`"
                :disabled="!mayChange"
                @choose="(from) => set(index, { from })"
            />
        </template>
    </DataTable>
</template>

<style scoped>
.from {
    display: inline-block;
    margin-left: 6px;
    font-size: 12.5px;
    font-style: italic;
    color: var(--pencil);
}
.from.measured {
    color: var(--clean);
    font-weight: 700;
    font-style: normal;
}
s {
    display: block;
    font-size: 12.5px;
    color: var(--pencil);
}
.entry {
    width: 8em;
}
:deep(.own > td:first-child) {
    font-weight: 700;
    box-shadow: inset 4px 0 0 var(--clean);
}
</style>
