<script setup lang="ts">
/** How something stands to the goal, at a glance. */
defineProps<{ standing: 'meets' | 'warns' | 'short' }>();
</script>

<template>
    <p class="verdict" :class="standing">
        {{ standing === 'short' ? '✕' : '✓' }} <slot />
        <small><slot name="small" /></small>
    </p>
</template>

<style scoped>
.verdict {
    font-size: 19px;
    font-weight: 700;
    padding: 7px 12px;
    background: var(--clean-soft);
    border-left: 6px solid var(--clean);
}
.verdict.short {
    background: var(--short-soft);
    border-left-color: var(--short);
}
.verdict.warns {
    background: var(--bypass-soft);
    border-left-color: var(--bypass);
}
.verdict small {
    display: block;
    font-size: 14px;
    font-weight: 400;
}
</style>
