<script setup lang="ts">
import { Skeleton } from 'ant-design-vue';
import { computed, type Ref } from 'vue';
import AwayNotice from './AwayNotice.vue';

/** What a page asks the server for: its outlines while it waits, a retry where it could not be had, else the page. */
interface Asked {
    data: Ref<unknown>;
    error: Ref<Error | null>;
    refetch: () => unknown;
}
const props = defineProps<{ asked: Asked[] }>();
const failed = computed(() => props.asked.find(({ data, error }) => error.value !== null && data.value === undefined));
const isReady = computed(() => props.asked.every(({ data }) => data.value !== undefined));
</script>

<template>
    <AwayNotice v-if="failed" :fault="failed.error.value!" @retry="failed.refetch()" />
    <slot v-else-if="isReady" />
    <div v-else class="waiting" role="status" aria-label="Loading"><Skeleton active :paragraph="{ rows: 6 }" /></div>
</template>

<style scoped>
.waiting {
    width: min(760px, 100%);
    margin: 0 auto;
    padding: 28px 24px;
}
</style>
