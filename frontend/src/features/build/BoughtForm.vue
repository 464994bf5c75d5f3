<script setup lang="ts">
import { Button, Form } from 'ant-design-vue';
import { reactive } from 'vue';
import EntryField from '../../ui/EntryField.vue';
import { NO_PURIFIER } from '../work/usePlacements';
import { useWork } from '../work/useWork';

/** A purifier that was bought, by what its label says. */
const emit = defineEmits<{ added: [] }>();
const { placing } = useWork();

const FIELDS = [
    { key: 'name', name: 'Name', hint: 'Tower purifier' },
    { key: 'clean_air', name: 'Rated clean air', hint: '140 cfm' },
    { key: 'level', name: 'Level at 1 m', hint: '50 dBA' },
    { key: 'power', name: 'Power', hint: '45 W' },
    { key: 'refill_price', name: 'Price of its filters', hint: '35' },
    { key: 'refill_months', name: 'Filter life, months', hint: '6' },
    { key: 'width', name: 'Width', hint: '14 in' },
    { key: 'depth', name: 'Depth', hint: '9 in' },
    { key: 'height', name: 'Height', hint: '20 in' },
] as const;

const purifier = reactive({ ...NO_PURIFIER });
/** It is asked to be added behind those that are there. */
const faultOf = (field: string): string | undefined => placing.errors.value[`placements.${placing.all.value.length}.bought.${field}`]?.[0];

async function add(): Promise<void> {
    if (await placing.add({ build: null, bought: { ...purifier }, count: 1, speed: '' })) emit('added');
}
</script>

<template>
    <Form layout="vertical" class="bought" aria-label="Bought purifier" @submit.prevent="add">
        <EntryField
            v-for="field in FIELDS"
            :key="field.key"
            v-model="purifier[field.key]"
            :label="field.name"
            :hint="field.hint"
            :fault="faultOf(field.key)"
            :data-purifier="field.key"
        />
        <p class="teach">Take these from the label or the data sheet, at the speed it will run at. Leave empty what is not stated.</p>
        <Button type="primary" html-type="submit" :loading="placing.busy.value">Add to the room</Button>
    </Form>
</template>

<style scoped>
.bought {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 10px 14px;
    align-items: start;
    padding: 14px;
    background: var(--sheet);
    border: 1px solid var(--line);
    border-top: 5px solid var(--tape);
    box-shadow: var(--shadow);
}
.teach {
    grid-column: 1 / 3;
    align-self: center;
    color: var(--pencil);
    font-size: 14px;
}
@media (max-width: 900px) {
    .bought {
        grid-template-columns: minmax(0, 1fr);
    }
    .teach {
        grid-column: 1;
    }
}
</style>
