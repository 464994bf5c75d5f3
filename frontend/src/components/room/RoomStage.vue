<script setup lang="ts">
import { computed } from 'vue';
import type { Catalogue, Choices, Need, RoomEntries } from '../../api/client';
import { useMeasure } from '../../composables/useMeasure';
import FieldFault from './FieldFault.vue';
import NeedQuestions from './NeedQuestions.vue';
import RoomDrawing from './RoomDrawing.vue';

const props = defineProps<{
    entries: RoomEntries;
    goal: string;
    unit: Choices | null;
    programme: number | null;
    neighbours: { id: number; name: string }[];
    catalogue: Catalogue;
    errors: Record<string, string[]>;
    canUndo: boolean;
    canRedo: boolean;
}>();
const emit = defineEmits<{ change: [entries: RoomEntries]; need: [sets: Need['sets']]; hold: [held: boolean]; undo: []; redo: [] }>();
const { measure } = useMeasure();

const bareFlow = computed(() => (measure.value === 'imperial' ? '0 cfm' : '0 m³/h'));

function set<K extends keyof RoomEntries>(key: K, value: RoomEntries[K]): void {
    emit('change', { ...props.entries, [key]: value });
}
const fault = (field: string): string | undefined => props.errors[`room.${field}`]?.[0];
const text = (event: Event): string => (event.target as HTMLInputElement).value;
</script>

<template>
    <section class="stage" aria-label="Need and room">
        <div class="need">
            <p class="sentence">
                In
                <input
                    class="word wide"
                    :value="entries.name"
                    placeholder="name of the room"
                    aria-label="Name of the room"
                    maxlength="80"
                    :aria-invalid="fault('name') !== undefined"
                    @input="set('name', text($event))"
                />, used as
                <select class="word" :value="entries.use" aria-label="Use of the room" @change="set('use', text($event))">
                    <option v-for="use in catalogue.uses" :key="use.id" :value="use.id">{{ use.name.toLowerCase() }}</option>
                </select>
                by
                <input
                    class="word short"
                    :value="entries.people"
                    inputmode="numeric"
                    placeholder="how many"
                    aria-label="People"
                    :aria-invalid="entries.people !== '' && fault('people') !== undefined"
                    @input="set('people', text($event))"
                />
                people, the air holds
                <select class="word" :value="entries.pollutant" aria-label="What is in the air" @change="set('pollutant', text($event))">
                    <option v-for="one in catalogue.pollutants" :key="one.id" :value="one.id">{{ one.name.toLowerCase() }}</option></select
                >. A unit may be as loud as
                <input
                    class="word short"
                    :value="entries.noise_limit"
                    placeholder="no limit"
                    aria-label="Noise limit at 1 m"
                    :aria-invalid="fault('noise_limit') !== undefined"
                    @input="set('noise_limit', text($event))"
                />
                at 1 m. The building is
                <select
                    class="word"
                    :value="entries.leakiness"
                    aria-label="How leaky the building is"
                    @change="set('leakiness', text($event) as RoomEntries['leakiness'])"
                >
                    <option value="tight">tight</option>
                    <option value="ordinary">ordinary</option>
                    <option value="leaky">leaky</option>
                </select>
                and brings in
                <input
                    class="word short"
                    :value="entries.ventilation"
                    :placeholder="bareFlow"
                    aria-label="Outdoor air that the building brings in"
                    :aria-invalid="fault('ventilation') !== undefined"
                    @input="set('ventilation', text($event))"
                />
                outdoor air; central air passes
                <input
                    class="word short"
                    :value="entries.central"
                    :placeholder="bareFlow"
                    aria-label="Room air that passes the central filter"
                    :aria-invalid="fault('central') !== undefined"
                    @input="set('central', text($event))"
                />
                room {{ entries.central ? 'air through' : 'air.' }}
                <template v-if="entries.central"
                    ><select
                        class="word"
                        :value="entries.central_grade"
                        aria-label="Grade of the central filter"
                        @change="set('central_grade', text($event))"
                    >
                        <option value="">no filter to speak of</option>
                        <option v-for="grade in catalogue.grades" :key="grade.id" :value="grade.id">
                            {{ grade.name.toLowerCase() }}
                        </option></select
                    >.</template
                >
                A fan blows in
                <input
                    class="word short"
                    :value="entries.supply"
                    :placeholder="bareFlow"
                    aria-label="Outdoor air that a fan blows in through a filter"
                    :aria-invalid="fault('supply') !== undefined"
                    @input="set('supply', text($event))"
                />
                outdoor {{ entries.supply ? 'air through' : 'air,' }}
                <template v-if="entries.supply"
                    ><select
                        class="word"
                        :value="entries.supply_grade"
                        aria-label="Grade of the filter of the supply fan"
                        @change="set('supply_grade', text($event))"
                    >
                        <option value="">no filter</option>
                        <option v-for="grade in catalogue.grades" :key="grade.id" :value="grade.id">
                            {{ grade.name.toLowerCase() }}
                        </option></select
                    >,</template
                >
                one draws out
                <input
                    class="word short"
                    :value="entries.exhaust"
                    :placeholder="bareFlow"
                    aria-label="Air that a fan draws out of the room"
                    :aria-invalid="fault('exhaust') !== undefined"
                    @input="set('exhaust', text($event))"
                />. Outdoors it may come to
                <input
                    class="word short"
                    :value="entries.outdoor"
                    placeholder="µg/m³"
                    aria-label="Concentration outdoors at worst"
                    :aria-invalid="fault('outdoor') !== undefined"
                    @input="set('outdoor', text($event))"
                />.
                <label class="burns">
                    <input
                        type="checkbox"
                        :checked="entries.has_fuel_burning"
                        @change="set('has_fuel_burning', !entries.has_fuel_burning)"
                    />
                    A heater, stove or furnace burns fuel in it
                </label>
            </p>
            <NeedQuestions @take="(sets) => emit('need', sets)" />
            <FieldFault v-if="entries.people !== ''" :said="fault('people')" />
            <FieldFault :said="fault('noise_limit')" />
            <FieldFault
                v-for="field in ['outdoor', 'ventilation', 'central', 'central_grade', 'supply', 'supply_grade', 'exhaust']"
                :key="field"
                :said="fault(field)"
            />
        </div>
        <RoomDrawing
            :entries="entries"
            :goal="goal"
            :unit="unit"
            :programme="programme"
            :neighbours="neighbours"
            :can-undo="canUndo"
            :can-redo="canRedo"
            @change="(changed) => emit('change', changed)"
            @hold="(held) => emit('hold', held)"
            @undo="emit('undo')"
            @redo="emit('redo')"
        />
    </section>
</template>

<style scoped>
.stage {
    display: grid;
    grid-template-rows: auto 1fr;
    min-height: 0;
}
.need {
    padding: 14px 22px 12px;
    background: var(--sheet);
    border-bottom: 1px solid var(--line);
}
.sentence {
    font-size: 18px;
    line-height: 2;
}
.word {
    font: inherit;
    font-weight: 700;
    line-height: 1.3;
    color: var(--ink);
    background: transparent;
    border: 0;
    border-bottom: 2px solid var(--kraft-edge);
    padding: 2px 4px;
    border-radius: 0;
}
.word option {
    background: var(--sheet);
    color: var(--ink);
}
.word::placeholder {
    font-weight: 400;
    color: var(--pencil);
    opacity: 1;
}
.word[aria-invalid='true'] {
    border-bottom-color: var(--short);
    background: var(--short-soft);
}
.wide {
    width: 11em;
}
.short {
    width: 5.4em;
}
.burns {
    display: inline-flex;
    align-items: center;
    gap: 7px;
    margin-left: 6px;
    font-size: 16px;
    white-space: nowrap;
}
.burns input {
    width: 18px;
    height: 18px;
    accent-color: var(--clean);
}
@media (max-width: 700px) {
    .burns {
        white-space: normal;
        margin-left: 0;
    }
}
</style>
