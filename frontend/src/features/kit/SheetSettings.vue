<script setup lang="ts">
import { Button, Checkbox } from 'ant-design-vue';
import { reactive, watch } from 'vue';
import type { CutPlan } from '../../api/client';
import ChoiceSelect from '../../ui/ChoiceSelect.vue';
import EntryField from '../../ui/EntryField.vue';
import FoldAway from '../../ui/FoldAway.vue';
import NumberStepper from '../../ui/NumberStepper.vue';

/** What parts are cut from and how wide a cut is. */
const props = defineProps<{ plan: CutPlan; busy: boolean; errors: Record<string, string[]> }>();
type Written = CutPlan['written'];
const emit = defineEmits<{ change: [written: Partial<Written>] }>();

const entries = reactive<Written>(JSON.parse(JSON.stringify(props.plan.written)));
watch(
    () => props.plan.revision,
    () => Object.assign(entries, JSON.parse(JSON.stringify(props.plan.written))),
);
const GRAINS = [
    { value: 'none', label: 'No flutes' },
    { value: 'along', label: 'Flutes along it' },
    { value: 'across', label: 'Flutes across it' },
];
const PRINT = [
    { value: 0, label: 'Cut through it' },
    { value: 1, label: 'Keep one printed wall' },
    { value: 2, label: 'Keep both printed walls' },
];
const add = (): unknown => entries.sheets.push({ name: '', width: '', height: '', count: 1, grain: 'none' });
const fault = (field: string): string | undefined => props.errors[field]?.[0];
function apply(): void {
    const { cartons, flaps, printed, sheets } = entries;
    emit('change', { kerf: entries.kerf, margin: entries.margin, cartons, flaps, printed, sheets });
}
</script>

<template>
    <FoldAway title="Sheets and cuts" class="settings">
        <form @submit.prevent="apply">
            <div class="pair">
                <EntryField v-model="entries.kerf" label="Width of a cut" :fault="fault('kerf')" />
                <EntryField v-model="entries.margin" label="Margin" :fault="fault('margin')" />
            </div>
            <Checkbox v-model:checked="entries.cartons">Cut the cartons of fans and filters up first</Checkbox>
            <Checkbox v-model:checked="entries.flaps" :disabled="!entries.cartons">Use their flaps</Checkbox>
            <ChoiceSelect
                label="Print on their walls"
                :value="entries.printed"
                :choices="PRINT"
                :disabled="!entries.cartons"
                @choose="(printed) => (entries.printed = printed)"
            />
            <fieldset v-for="(sheet, index) in entries.sheets" :key="index">
                <EntryField v-model="sheet.name" label="Sheet at hand" hint="what it is" />
                <div class="pair">
                    <EntryField v-model="sheet.width" label="Width" :fault="fault(`sheets.${index}.width`)" />
                    <EntryField v-model="sheet.height" label="Height" :fault="fault(`sheets.${index}.height`)" />
                </div>
                <ChoiceSelect
                    label="Flutes"
                    :value="sheet.grain"
                    :choices="GRAINS"
                    @choose="(grain) => (sheet.grain = grain as typeof sheet.grain)"
                />
                <div class="row">
                    <NumberStepper
                        :value="sheet.count"
                        label="How many"
                        less="One sheet less"
                        more="One sheet more"
                        :max="50"
                        @change="(count) => (sheet.count = count)"
                    />
                    <Button size="small" type="text" @click="entries.sheets.splice(index, 1)">Remove</Button>
                </div>
            </fieldset>
            <div class="row">
                <Button size="small" :disabled="entries.sheets.length >= 20" @click="add">Add a sheet</Button>
                <Button size="small" type="primary" html-type="submit" :loading="busy">Lay out anew</Button>
            </div>
        </form>
    </FoldAway>
</template>

<style scoped>
form,
fieldset {
    display: grid;
    gap: 6px;
    margin: 0;
    padding: 0;
    border: 0;
}
fieldset {
    padding-top: 8px;
    border-top: 1px solid var(--line);
}
.pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 8px;
}
.row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 8px;
}
</style>
