<script setup lang="ts">
/** What is wrong with a field, beneath it. */
defineProps<{ said: string | undefined }>();
</script>

<template>
    <p v-if="said" class="fault" role="alert">{{ said }}</p>
</template>

<style scoped>
.fault {
    font-size: 14px;
    line-height: 1.35;
    color: var(--short);
    background: var(--short-soft);
    border-left: 4px solid var(--short);
    padding: 4px 10px;
    white-space: normal;
}
</style>
