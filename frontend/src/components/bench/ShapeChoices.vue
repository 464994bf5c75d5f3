<script setup lang="ts">
import { computed } from 'vue';
import type { Choices, ShapeOptions } from '../../api/client';

const props = defineProps<{ about: ShapeOptions | undefined; options: Choices['options'] }>();
const emit = defineEmits<{ choose: [options: Choices['options']] }>();

const rows = computed(() => (props.about?.options ?? []).map((option) => ({ ...option, value: props.options[option.id] ?? option.usual })));

function choose(id: string, value: string, usual: string): void {
    const others = Object.fromEntries(Object.entries(props.options).filter(([key]) => key !== id));
    emit('choose', value === usual ? others : { ...others, [id]: value });
}
</script>

<template>
    <div v-if="rows.length" class="options">
        <label v-for="row in rows" :key="row.id">
            <span>{{ row.name }}</span>
            <select
                :value="row.value"
                :data-shape-option="row.id"
                @change="choose(row.id, ($event.target as HTMLSelectElement).value, row.usual)"
            >
                <option v-for="choice in row.choices" :key="choice.id" :value="choice.id">{{ choice.name }}</option>
            </select>
        </label>
    </div>
</template>

<style scoped>
.options {
    display: grid;
    gap: 8px;
    padding: 10px 12px;
    background: var(--paper);
    border: 1px solid var(--line);
    border-left: 5px solid var(--clean);
    margin-top: -5px;
}
label {
    display: grid;
    gap: 2px;
    font-size: 13.5px;
}
span {
    color: var(--pencil);
}
select {
    font: inherit;
    font-size: 15px;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--pencil);
    padding: 6px 8px;
    width: 100%;
}
</style>
