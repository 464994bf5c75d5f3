<script setup lang="ts">
import { Button } from 'ant-design-vue';

/** Readings of an entry that can be read in several ways, to be taken with one click. */
withDefaults(defineProps<{ offers?: string[]; says?: (offer: string) => string }>(), { offers: () => [], says: (offer: string) => offer });
const emit = defineEmits<{ take: [offer: string] }>();
</script>

<template>
    <div v-if="offers.length" class="offers">
        <Button v-for="offer in offers" :key="offer" size="small" @click="emit('take', offer)">{{ says(offer) }}</Button>
    </div>
</template>

<style scoped>
.offers {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    padding: 6px 0;
}
.offers > * {
    font-weight: 700;
    border: 2px solid var(--clean);
}
</style>
