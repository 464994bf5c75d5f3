<script setup lang="ts">
import { Form, FormItem } from 'ant-design-vue';
import { computed } from 'vue';
import type { Choices, ShapeOptions } from '../../api/client';
import ChoiceSelect from '../../ui/ChoiceSelect.vue';

/** The ways in which a shape can be made; only what is not usual is kept. */
const props = defineProps<{ about: ShapeOptions | undefined; options: Choices['options'] }>();
const emit = defineEmits<{ choose: [options: Choices['options']] }>();

const rows = computed(() =>
    (props.about?.options ?? []).map((option) => ({
        ...option,
        value: props.options[option.id] ?? option.usual,
        choices: option.choices.map(({ id, name }) => ({ value: id, label: name })),
    })),
);

function choose(id: string, value: string, usual: string): void {
    const others = Object.fromEntries(Object.entries(props.options).filter(([key]) => key !== id));
    emit('choose', value === usual ? others : { ...others, [id]: value });
}
</script>

<template>
    <Form v-if="rows.length" layout="vertical" class="options">
        <FormItem v-for="row in rows" :key="row.id" :label="row.name" :colon="false" :data-shape-option="row.id">
            <ChoiceSelect
                :value="row.value"
                :choices="row.choices"
                :label="row.name"
                @choose="(value) => choose(row.id, value, row.usual)"
            />
        </FormItem>
    </Form>
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
.options :deep(.ant-select) {
    width: 100%;
}
</style>
