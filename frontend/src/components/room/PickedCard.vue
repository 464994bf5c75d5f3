<script setup lang="ts">
import { computed } from 'vue';
import type { Corner, Furnishing, Plan } from '../../api/client';
import { useMeasure } from '../../composables/useMeasure';
import FieldFault from './FieldFault.vue';
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

const SIDES: Partial<Record<Furnishing['kind'], ('width' | 'depth' | 'height')[]>> = {
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
const text = (event: Event): string => (event.target as HTMLInputElement).value;
</script>

<template>
    <section class="card" aria-label="Selection">
        <header>
            <h3>{{ title }}</h3>
            <button type="button" class="close" aria-label="Done" @click="emit('close')">✕</button>
        </header>
        <template v-if="picked.kind === 'corner' && corner">
            <label>
                Ceiling here
                <input
                    class="figure"
                    :value="corner.height"
                    :placeholder="show(plan.ceilings[picked.index])"
                    :aria-invalid="fault(`outline.${picked.index}.height`) !== undefined"
                    @input="emit('corner', { height: text($event) })"
                />
            </label>
            <FieldFault :said="fault(`outline.${picked.index}.height`)" />
            <p>For a sloping ceiling, enter another height at the other corners.</p>
            <button v-if="corners.length > FEWEST" type="button" @click="emit('remove')">Remove this corner</button>
        </template>
        <template v-else-if="picked.kind === 'wall' && corner">
            <label v-if="isDrawn" class="tick">
                <input type="checkbox" :checked="corner.taped" @change="emit('corner', { taped: !corner.taped })" />
                Measured: keep this length
            </label>
            <button type="button" @click="emit('split')">Add a corner</button>
            <button type="button" @click="emit('recess')">Add a recess</button>
        </template>
        <template v-else-if="one">
            <label v-for="side in SIDES[one.kind] ?? []" :key="side">
                {{ side[0]!.toUpperCase() + side.slice(1) }}
                <input
                    class="figure"
                    :value="one[side]"
                    placeholder="usual"
                    :aria-invalid="fault(`furnishings.${picked.index}.${side}`) !== undefined"
                    @input="emit('furnishing', { [side]: text($event) })"
                />
                <FieldFault :said="fault(`furnishings.${picked.index}.${side}`)" />
            </label>
            <label v-if="one.kind === 'door'">
                Leads to
                <select :value="one.leads_to" @change="emit('furnishing', { leads_to: text($event) })">
                    <option value="">outdoors, or a room that is not drawn</option>
                    <option v-for="room in neighbours" :key="room.id" :value="String(room.id)">{{ room.name }}</option>
                </select>
            </label>
            <button type="button" @click="emit('remove')">Remove</button>
        </template>
    </section>
</template>

<style scoped>
.card {
    display: grid;
    gap: 8px;
    padding: 10px 12px 12px;
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
.close {
    min-width: 28px;
    padding: 2px;
    border: 0;
}
label {
    display: grid;
    gap: 2px;
}
.tick {
    grid-template-columns: auto 1fr;
    gap: 8px;
    align-items: start;
    line-height: 1.3;
}
.tick input {
    width: 18px;
    height: 18px;
    accent-color: var(--clean);
}
input:not([type='checkbox']),
select {
    width: 100%;
    padding: 6px 8px;
    font-size: 14px;
    color: var(--ink);
    background: transparent;
    border: 1px solid var(--kraft-edge);
}
select {
    font-family: inherit;
    background: var(--sheet);
}
input::placeholder {
    color: var(--pencil);
    opacity: 1;
}
input[aria-invalid='true'] {
    border-color: var(--short);
    background: var(--short-soft);
}
p {
    color: var(--pencil);
    line-height: 1.3;
}
button {
    padding: 6px 10px;
    font: inherit;
    color: var(--ink);
    background: none;
    border: 1px solid var(--pencil);
    cursor: pointer;
}
</style>
