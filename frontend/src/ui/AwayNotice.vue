<script setup lang="ts">
import { Button, Result } from 'ant-design-vue';
import { computed } from 'vue';
import { Refused } from '../api/client';

/** In place of what could not be had, with a way to ask again. */
const props = defineProps<{ fault: Error }>();
defineEmits<{ retry: [] }>();
const TITLES: Record<number, string> = { 403: 'Not allowed', 404: 'Not found' };
const title = computed(() => (props.fault instanceof Refused ? TITLES[props.fault.status] : undefined) ?? 'No connection');
</script>

<template>
    <Result class="away" role="alert" status="warning" :sub-title="fault.message">
        <template #title
            ><h2>{{ title }}</h2></template
        >
        <template #extra><Button type="primary" @click="$emit('retry')">Try again</Button></template>
    </Result>
</template>

<style scoped>
.away {
    max-width: 34rem;
    margin: 10vh auto 0;
    background: var(--sheet);
    border: 1px solid var(--line);
    border-left: 8px solid var(--kraft);
}
</style>
