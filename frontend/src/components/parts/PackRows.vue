<script setup lang="ts">
import { Button } from 'ant-design-vue';
import FieldFault from '../room/FieldFault.vue';

const props = defineProps<{ currency: string; errors: Record<string, string[]>; mayChange: boolean }>();
const packs = defineModel<{ count: number; price: string }[]>({ required: true });

function set(index: number, change: Partial<{ count: number; price: string }>): void {
    packs.value = packs.value.map((pack, at) => (at === index ? { ...pack, ...change } : pack));
}

const text = (event: Event): string => (event.target as HTMLInputElement).value;
const fault = (index: number): string | undefined => props.errors[`packs.${index}.count`]?.[0] ?? props.errors[`packs.${index}.price`]?.[0];
</script>

<template>
    <fieldset :disabled="!mayChange">
        <legend>Packs and prices</legend>
        <div v-for="(pack, index) in packs" :key="index" class="row">
            <input
                :value="pack.count"
                inputmode="numeric"
                class="count"
                :aria-label="`Pieces in pack ${index + 1}`"
                @input="set(index, { count: Number(text($event)) || 0 })"
            />
            for {{ currency }}
            <input
                :value="pack.price"
                inputmode="decimal"
                class="price"
                :aria-label="`Price of pack ${index + 1}`"
                :data-pack="index"
                @input="set(index, { price: text($event) })"
            />
            <Button
                v-if="mayChange"
                type="text"
                html-type="button"
                :aria-label="`Remove pack ${index + 1}`"
                @click="packs = packs.filter((_, at) => at !== index)"
            >
                ✕
            </Button>
            <FieldFault :said="fault(index)" />
        </div>
        <Button v-if="mayChange" html-type="button" size="small" @click="packs = [...packs, { count: 1, price: '' }]">Add a pack</Button>
    </fieldset>
</template>

<style scoped src="./rows.css"></style>

<style scoped>
input {
    text-align: right;
}
.count {
    width: 3.2em;
}
.price {
    width: 5em;
}
</style>
