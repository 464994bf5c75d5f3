<script setup lang="ts">
/** The one card of a page on which somebody comes in. */
</script>

<template>
    <main class="page mat">
        <section class="card"><slot /></section>
    </main>
</template>

<style scoped>
.page {
    flex: 1;
    display: grid;
    place-items: center;
    padding: 20px;
}
.card {
    width: min(400px, 100%);
    padding: 26px 30px 30px;
    background: var(--sheet);
    border: 1px solid var(--line);
    border-top: 8px solid var(--kraft);
    box-shadow: var(--shadow);
    display: grid;
    gap: 14px;
}
.card :deep(a) {
    color: var(--clean);
}
</style>
