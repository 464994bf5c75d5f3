<script setup lang="ts">
import { Checkbox } from 'ant-design-vue';
import { computed } from 'vue';
import type { RoomEntries } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import ChoiceSelect from '../../ui/ChoiceSelect.vue';
import FieldFault from '../../ui/FieldFault.vue';
import { useWork } from '../work/useWork';
import SentenceEntry from './SentenceEntry.vue';

/** What the room is, who is in it and what its air holds, as one sentence with gaps. */
const { draft, catalogue, bench } = useWork();
const { measure } = useMeasure();

const noFlow = computed(() => (measure.value === 'imperial' ? '0 cfm' : '0 m³/h'));
const entries = computed(() => draft.entries);
const words = (rows: { id: string; name: string; within: string | null }[] = []) =>
    rows.map(({ id, name, within }) => ({ value: id, label: within ?? name }));
const uses = computed(() => words(catalogue.data.value?.uses));
const pollutants = computed(() => words(catalogue.data.value?.pollutants));
const grades = computed(() => words(catalogue.data.value?.grades));
const LEAKINESS = (['tight', 'ordinary', 'leaky'] as const).map((value) => ({ value, label: value }));

function set<K extends keyof RoomEntries>(key: K, value: RoomEntries[K]): void {
    draft.entries = { ...draft.entries, [key]: value };
}
const fault = (field: keyof RoomEntries): string | undefined => bench.errors.value[`room.${field}`]?.[0];
/** Faults that are told beneath the sentence; people that nobody has counted yet are none. */
const TOLD = ['people', 'noise_limit', 'outdoor', 'ventilation', 'central', 'central_grade', 'supply', 'supply_grade', 'exhaust'] as const;
const faults = computed(() => TOLD.flatMap((field) => (field === 'people' && entries.value.people === '' ? [] : (fault(field) ?? []))));
</script>

<template>
    <div>
        <p class="sentence">
            In
            <SentenceEntry
                is-wide
                :entry="entries.name"
                hint="name of the room"
                label="Name of the room"
                :is-faulty="fault('name') !== undefined"
                @write="(text) => set('name', text)"
            />, used as
            <ChoiceSelect is-line :value="entries.use" :choices="uses" label="Use of the room" @choose="(use) => set('use', use)" />
            by
            <SentenceEntry
                is-count
                :entry="entries.people"
                hint="how many"
                label="People"
                :is-faulty="entries.people !== '' && fault('people') !== undefined"
                @write="(text) => set('people', text)"
            />
            people, the air holds
            <ChoiceSelect
                is-line
                :value="entries.pollutant"
                :choices="pollutants"
                label="What is in the air"
                @choose="(pollutant) => set('pollutant', pollutant)"
            />. A unit may be as loud as
            <SentenceEntry
                :entry="entries.noise_limit"
                hint="no limit"
                label="Noise limit at 1 m"
                :is-faulty="fault('noise_limit') !== undefined"
                @write="(text) => set('noise_limit', text)"
            />
            at 1 m. The building is
            <ChoiceSelect
                is-line
                :value="entries.leakiness"
                :choices="LEAKINESS"
                label="How leaky the building is"
                @choose="(leakiness) => set('leakiness', leakiness)"
            />
            and brings in
            <SentenceEntry
                :entry="entries.ventilation"
                :hint="noFlow"
                label="Outdoor air that the building brings in"
                :is-faulty="fault('ventilation') !== undefined"
                @write="(text) => set('ventilation', text)"
            />
            outdoor air; central air passes
            <SentenceEntry
                :entry="entries.central"
                :hint="noFlow"
                label="Room air that passes the central filter"
                :is-faulty="fault('central') !== undefined"
                @write="(text) => set('central', text)"
            />
            <template v-if="entries.central">
                room air through
                <ChoiceSelect
                    is-line
                    :value="entries.central_grade"
                    :choices="[{ value: '', label: 'no filter to speak of' }, ...grades]"
                    label="Grade of the central filter"
                    @choose="(grade) => set('central_grade', grade)"
                />.
            </template>
            <template v-else> room air. </template>
            A fan blows in
            <SentenceEntry
                :entry="entries.supply"
                :hint="noFlow"
                label="Outdoor air that a fan blows in through a filter"
                :is-faulty="fault('supply') !== undefined"
                @write="(text) => set('supply', text)"
            />
            <template v-if="entries.supply">
                outdoor air through
                <ChoiceSelect
                    is-line
                    :value="entries.supply_grade"
                    :choices="[{ value: '', label: 'no filter' }, ...grades]"
                    label="Grade of the filter of the supply fan"
                    @choose="(grade) => set('supply_grade', grade)"
                />,
            </template>
            <template v-else> outdoor air, </template>
            one draws out
            <SentenceEntry
                :entry="entries.exhaust"
                :hint="noFlow"
                label="Air that a fan draws out of the room"
                :is-faulty="fault('exhaust') !== undefined"
                @write="(text) => set('exhaust', text)"
            />. Outdoors it may come to
            <SentenceEntry
                :entry="entries.outdoor"
                hint="µg/m³"
                label="Concentration outdoors at worst"
                :is-faulty="fault('outdoor') !== undefined"
                @write="(text) => set('outdoor', text)"
            />.
            <Checkbox class="burns" :checked="entries.has_fuel_burning" @change="set('has_fuel_burning', !entries.has_fuel_burning)">
                A heater, stove or furnace burns fuel in it
            </Checkbox>
        </p>
        <FieldFault v-for="said in faults" :key="said" :said="said" />
    </div>
</template>

<style scoped>
.sentence {
    font-size: 18px;
    line-height: 2;
}
.sentence :deep(.ant-select) {
    font-size: inherit;
    font-weight: 700;
    vertical-align: baseline;
}
.sentence :deep(.ant-select-selector) {
    height: 30px !important;
    padding: 0 4px !important;
}
.sentence :deep(.ant-select-selection-item) {
    line-height: 28px !important;
}
.burns {
    margin-left: 6px;
    font-size: 16px;
}
</style>
