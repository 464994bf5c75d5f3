<script setup lang="ts">
import { Empty } from 'ant-design-vue';
import { watchEffect } from 'vue';
import { useRouter } from 'vue-router';
import { useProgrammes } from '../features/programme/queries';
import PageGate from '../ui/PageGate.vue';

const programmes = useProgrammes();
const router = useRouter();

watchEffect(() => {
    const [first, ...others] = programmes.data.value ?? [];
    if (first && others.length === 0) void router.replace({ name: 'programme', params: { programme: first.id } });
});
</script>

<template>
    <main class="home">
        <PageGate :asked="[programmes]">
            <h1>Programmes</h1>
            <Empty v-if="programmes.data.value?.length === 0" description="You belong to no programme yet. Ask an organiser to add you." />
            <RouterLink
                v-for="programme in programmes.data.value"
                :key="programme.id"
                class="one"
                :to="{ name: 'programme', params: { programme: programme.id } }"
            >
                <b>{{ programme.name }}</b> {{ programme.about }}
            </RouterLink>
        </PageGate>
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
