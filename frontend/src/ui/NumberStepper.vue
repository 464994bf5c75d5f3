<script setup lang="ts">
import { Button, InputNumber } from 'ant-design-vue';

/** A small whole number: written, or stepped up and down. */
withDefaults(defineProps<{ value: number; label: string; less: string; more: string; min?: number; max?: number; disabled?: boolean }>(), {
    min: 1,
    max: 99,
    disabled: false,
});
const emit = defineEmits<{ change: [value: number] }>();

function write(value: unknown): void {
    if (typeof value === 'number' && Number.isInteger(value)) emit('change', value);
}
</script>

<template>
    <span class="stepper">
        <Button size="small" :aria-label="less" :disabled="disabled || value <= min" @click="emit('change', value - 1)">−</Button>
        <InputNumber
            class="figure"
            size="small"
            :value="value"
            :min="min"
            :max="max"
            :precision="0"
            :controls="false"
            :disabled="disabled"
            :aria-label="label"
            @change="write"
        />
        <Button size="small" :aria-label="more" :disabled="disabled || value >= max" @click="emit('change', value + 1)">+</Button>
    </span>
</template>

<style scoped>
.stepper {
    display: inline-flex;
    align-items: center;
    gap: 4px;
}
.stepper :deep(.ant-btn) {
    width: 32px;
    height: 32px;
    padding: 0;
    font-size: 18px;
    line-height: 1;
}
.stepper :deep(.ant-input-number) {
    width: 3em;
}
.stepper :deep(input) {
    height: 30px;
    text-align: center;
    font-weight: 700;
}
</style>
