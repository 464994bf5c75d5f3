<script setup lang="ts">
defineProps<{ programme: { id: number; name: string } }>();
</script>

<template>
    <nav aria-label="Programme">
        <b>{{ programme.name }}</b>
        <RouterLink :to="{ name: 'programme', params: { programme: programme.id } }">Rooms</RouterLink>
        <RouterLink :to="{ name: 'parts', params: { programme: programme.id } }">Parts and prices</RouterLink>
        <RouterLink :to="{ name: 'settings', params: { programme: programme.id } }">Settings</RouterLink>
    </nav>
</template>

<style scoped>
nav {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 18px;
    align-items: baseline;
}
a {
    color: var(--clean);
    padding: 4px 0;
    border-bottom: 3px solid transparent;
}
a:hover,
a.router-link-exact-active {
    border-bottom-color: var(--kraft);
    color: var(--ink);
}
</style>
