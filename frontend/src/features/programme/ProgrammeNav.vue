<script setup lang="ts">
import { useRoute } from 'vue-router';

defineProps<{ programme: { id: number; name: string } }>();
const route = useRoute();

const VIEWS = {
    programme: 'Rooms',
    parts: 'Parts and prices',
    shopping: 'Shopping list',
    stock: 'Stock',
    units: 'Units',
    days: 'Build days',
    people: 'People',
    activity: 'Activity',
    settings: 'Settings',
};
</script>

<template>
    <nav aria-label="Programme">
        <div class="name">
            <b>{{ programme.name }}</b>
            <RouterLink
                class="others"
                :to="{ name: 'home', query: { all: '' } }"
                title="All your programmes"
                aria-label="All your programmes"
                >▾</RouterLink
            >
        </div>
        <RouterLink
            v-for="(name, view) in VIEWS"
            :key="view"
            :to="{ name: view, params: { programme: programme.id } }"
            :aria-current="route.name === view ? 'page' : undefined"
            >{{ name }}</RouterLink
        >
    </nav>
</template>

<style scoped>
nav {
    display: flex;
    flex-wrap: wrap;
    gap: 0 14px;
    align-items: baseline;
    font-size: 15px;
}
.name {
    display: flex;
    gap: 2px;
    align-items: baseline;
    width: 100%;
}
a {
    color: var(--clean);
    padding: 3px 0;
    border-bottom: 3px solid transparent;
}
.others {
    padding-inline: 4px;
}
a:hover,
a[aria-current] {
    border-bottom-color: var(--kraft);
    color: var(--ink);
}
</style>
