<script setup lang="ts">
import { Button } from 'ant-design-vue';

defineProps<{ fault: Error }>();
defineEmits<{ retry: [] }>();
</script>

<template>
    <section class="away" role="alert">
        <h2>No connection</h2>
        <p>{{ fault.message }}</p>
        <Button type="primary" @click="$emit('retry')">Try again</Button>
    </section>
</template>

<style scoped>
.away {
    max-width: 30rem;
    margin: 14vh auto 0;
    padding: 24px 28px;
    background: var(--sheet);
    border: 1px solid var(--line);
    border-left: 8px solid var(--kraft);
    display: grid;
    gap: 12px;
    justify-items: start;
}
</style>
