<script setup lang="ts" generic="V extends string | number">
import { RadioButton, RadioGroup } from 'ant-design-vue';

/** One of a few, all in sight. */
withDefaults(
    defineProps<{
        value: V | undefined;
        options: { value: V; label: string; title?: string; disabled?: boolean; class?: string }[];
        label: string;
        size?: 'small' | 'default';
    }>(),
    { size: 'default' },
);
const emit = defineEmits<{ choose: [value: V] }>();
defineSlots<{ option?(props: { option: { value: V; label: string } }): unknown }>();
</script>

<template>
    <RadioGroup
        class="switch"
        :value="value"
        :size="size"
        :aria-label="label"
        role="radiogroup"
        @change="(event) => emit('choose', event.target.value as V)"
    >
        <RadioButton
            v-for="option in options"
            :key="option.value"
            :value="option.value"
            :disabled="option.disabled ?? false"
            :title="option.title"
            :class="option.class"
            :data-value="option.value"
        >
            <slot name="option" :option="option">{{ option.label }}</slot>
        </RadioButton>
    </RadioGroup>
</template>

<style scoped>
.switch {
    display: inline-flex;
    flex-wrap: wrap;
}
</style>
