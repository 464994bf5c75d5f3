<script setup lang="ts">
import { watchEffect } from 'vue';
import { useRouter } from 'vue-router';
import { useProgrammes } from '../api/queries';
import AwayNotice from '../components/AwayNotice.vue';

const programmes = useProgrammes();
const router = useRouter();

watchEffect(() => {
    const [first, ...others] = programmes.data.value ?? [];
    if (first && others.length === 0) void router.replace({ name: 'programme', params: { programme: first.id } });
});
</script>

<template>
    <main class="home">
        <AwayNotice v-if="programmes.error.value" :fault="programmes.error.value" @retry="programmes.refetch()" />
        <template v-else-if="programmes.data.value">
            <h1>Programmes</h1>
            <p v-if="programmes.data.value.length === 0">You belong to no programme yet. Ask an organiser to add you.</p>
            <RouterLink
                v-for="programme in programmes.data.value"
                :key="programme.id"
                class="one"
                :to="{ name: 'programme', params: { programme: programme.id } }"
            >
                <b>{{ programme.name }}</b> {{ programme.about }}
            </RouterLink>
        </template>
    </main>
</template>

<style scoped>
.home {
    max-width: 46rem;
    width: 100%;
    margin: 0 auto;
    padding: 32px 20px;
    display: grid;
    gap: 12px;
}
.one {
    display: block;
    padding: 14px 18px;
    background: var(--sheet);
    border: 1px solid var(--line);
    color: var(--ink);
}
</style>
