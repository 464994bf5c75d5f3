<script setup lang="ts">
import { CloseOutlined } from '@ant-design/icons-vue';
import { Button, Checkbox, Form, FormItem } from 'ant-design-vue';
import { computed } from 'vue';
import type { Corner, Furnishing, Plan } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import ChoiceSelect from '../../ui/ChoiceSelect.vue';
import EntryField from '../../ui/EntryField.vue';
import { FEWEST, nameOf, type Picked } from './plan';

const props = defineProps<{
    picked: Picked;
    plan: Plan;
    corners: Corner[];
    furnishings: Furnishing[];
    neighbours: { id: number; name: string }[];
    errors: Record<string, string[]>;
    isDrawn: boolean;
}>();
const emit = defineEmits<{
    corner: [change: Partial<Corner>];
    furnishing: [change: Partial<Furnishing>];
    remove: [];
    split: [];
    recess: [];
    close: [];
}>();
const { show } = useMeasure();

const NAMES = { width: 'Width', depth: 'Depth', height: 'Height' };
const SIDES: Partial<Record<Furnishing['kind'], (keyof typeof NAMES)[]>> = {
    door: ['width'],
    window: ['width', 'height'],
    'built-in': ['width', 'depth', 'height'],
};

const corner = computed(() => props.corners[props.picked.index]);
const one = computed(() => props.furnishings[props.picked.index]);
const title = computed(() => {
    if (props.picked.kind === 'corner') return `Corner ${props.picked.index + 1}`;
    if (props.picked.kind === 'wall') return `Wall ${props.picked.index + 1} · ${show(props.plan.walls[props.picked.index])}`;
    return one.value ? nameOf(one.value.kind) : '';
});
const fault = (field: string): string | undefined => props.errors[`room.${field}`]?.[0];
/** No room that is drawn. */
const OUTDOORS = '';
const doors = computed(() => [
    { value: OUTDOORS, label: 'outdoors, or a room that is not drawn' },
    ...props.neighbours.map(({ id, name }) => ({ value: String(id), label: name })),
]);
</script>

<template>
    <section class="card" aria-label="Selection">
        <header>
            <h3>{{ title }}</h3>
            <Button type="text" size="small" aria-label="Done" @click="emit('close')"><CloseOutlined aria-hidden="true" /></Button>
        </header>
        <Form layout="vertical" class="form" @submit.prevent>
            <template v-if="picked.kind === 'corner' && corner">
                <EntryField
                    label="Ceiling here"
                    :model-value="corner.height"
                    :hint="show(plan.ceilings[picked.index])"
                    :fault="fault(`outline.${picked.index}.height`)"
                    @update:model-value="(height) => emit('corner', { height })"
                />
                <p>For a sloping ceiling, enter another height at the other corners.</p>
                <Button v-if="corners.length > FEWEST" size="small" @click="emit('remove')">Remove this corner</Button>
            </template>
            <template v-else-if="picked.kind === 'wall' && corner">
                <Checkbox v-if="isDrawn" :checked="corner.taped" @change="emit('corner', { taped: !corner.taped })">
                    Measured: keep this length
                </Checkbox>
                <Button size="small" @click="emit('split')">Add a corner</Button>
                <Button size="small" @click="emit('recess')">Add a recess</Button>
            </template>
            <template v-else-if="one">
                <EntryField
                    v-for="side in SIDES[one.kind] ?? []"
                    :key="side"
                    :label="NAMES[side]"
                    :model-value="one[side]"
                    hint="usual"
                    :fault="fault(`furnishings.${picked.index}.${side}`)"
                    @update:model-value="(entry) => emit('furnishing', { [side]: entry })"
                />
                <FormItem v-if="one.kind === 'door'" label="Leads to" :colon="false">
                    <ChoiceSelect
                        :value="one.leads_to"
                        :choices="doors"
                        label="Leads to"
                        @choose="(leadsTo) => emit('furnishing', { leads_to: leadsTo })"
                    />
                </FormItem>
                <Button size="small" @click="emit('remove')">Remove</Button>
            </template>
        </Form>
    </section>
</template>

<style scoped>
.card {
    display: grid;
    gap: 8px;
    padding: 8px 12px 12px;
    background: var(--sheet);
    border: 1px solid var(--line);
    border-top: 6px solid var(--tape);
    box-shadow: var(--shadow);
    font-size: 14px;
}
header {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 8px;
}
h3 {
    font-size: 15px;
}
.form {
    display: grid;
    gap: 8px;
}
.form :deep(.ant-select) {
    width: 100%;
}
p {
    color: var(--pencil);
    line-height: 1.3;
}
</style>
