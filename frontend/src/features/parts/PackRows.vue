<script setup lang="ts">
import { CloseOutlined } from '@ant-design/icons-vue';
import { Button, Input, InputNumber } from 'ant-design-vue';
import FieldFault from '../../ui/FieldFault.vue';

const props = defineProps<{ currency: string; errors: Record<string, string[]>; mayChange: boolean }>();
const packs = defineModel<{ count: number; price: string }[]>({ required: true });

function set(index: number, change: Partial<{ count: number; price: string }>): void {
    packs.value = packs.value.map((pack, at) => (at === index ? { ...pack, ...change } : pack));
}

const fault = (index: number): string | undefined => props.errors[`packs.${index}.count`]?.[0] ?? props.errors[`packs.${index}.price`]?.[0];
</script>

<template>
    <fieldset :disabled="!mayChange">
        <legend>Packs and prices</legend>
        <div v-for="(pack, index) in packs" :key="index" class="row">
            <InputNumber
                :value="pack.count"
                :controls="false"
                :precision="0"
                size="small"
                class="count"
                :disabled="!mayChange"
                :aria-label="`Pieces in pack ${index + 1}`"
                @change="(count) => set(index, { count: Number(count) || 0 })"
            />
            for {{ currency }}
            <Input
                :value="pack.price"
                inputmode="decimal"
                class="line price"
                :disabled="!mayChange"
                :aria-label="`Price of pack ${index + 1}`"
                :aria-invalid="errors[`packs.${index}.price`] !== undefined"
                :data-pack="index"
                @update:value="(price: string) => set(index, { price })"
            />
            <Button
                v-if="mayChange"
                type="text"
                size="small"
                :aria-label="`Remove pack ${index + 1}`"
                @click="packs = packs.filter((_, at) => at !== index)"
            >
                <CloseOutlined aria-hidden="true" />
            </Button>
            <FieldFault :said="fault(index)" />
        </div>
        <Button v-if="mayChange" size="small" @click="packs = [...packs, { count: 1, price: '' }]">Add a pack</Button>
    </fieldset>
</template>

<style scoped src="./rows.css"></style>

<style scoped>
.count {
    width: 4em;
}
.price {
    width: 5.4em;
    text-align: right;
}
</style>
