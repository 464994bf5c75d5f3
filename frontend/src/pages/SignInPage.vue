<script setup lang="ts">
import { useRoute, useRouter } from 'vue-router';
import SignInForm from '../features/session/SignInForm.vue';

const router = useRouter();
const route = useRoute();

async function go(): Promise<void> {
    await router.push(typeof route.query.then === 'string' ? route.query.then : { name: 'home' });
}
</script>

<template>
    <main class="page mat">
        <section class="card">
            <svg viewBox="0 0 200 92" class="picture" aria-hidden="true">
                <path d="M60 40 100 24l40 16v32l-40 16-40-16z" fill="var(--pleat)" stroke="var(--kraft-edge)" stroke-width="1.5" />
                <path d="M60 40 100 56v32M140 40 100 56" fill="none" stroke="var(--kraft-edge)" stroke-width="1.5" />
                <path
                    v-for="i in 7"
                    :key="i"
                    :d="`M${60 + i * 5} ${40 + i * 2}v32M${140 - i * 5} ${40 + i * 2}v32`"
                    stroke="var(--pleat-edge)"
                    fill="none"
                />
                <path d="M60 40 100 24l40 16-40 16z" fill="var(--kraft)" stroke="var(--kraft-edge)" stroke-width="1.5" />
                <ellipse cx="100" cy="40" rx="24" ry="9.6" fill="var(--hollow)" />
                <path d="M100 30V6m-7 8 7-9 7 9" fill="none" stroke="var(--clean)" stroke-width="4" />
                <path d="M16 66h30m-8-6 8 6-8 6M184 66h-30m8-6-8 6 8 6" fill="none" stroke="var(--pencil)" stroke-width="3" />
            </svg>
            <h1>Jornel</h1>
            <p class="lead">From a room to a purifier that clears it: size it, draw it, build it.</p>
            <SignInForm @signed-in="go" />
        </section>
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
    width: min(380px, 100%);
    padding: 26px 30px 30px;
    background: var(--sheet);
    border: 1px solid var(--line);
    border-top: 8px solid var(--kraft);
    box-shadow: var(--shadow);
    display: grid;
    gap: 14px;
}
.picture {
    width: 220px;
    justify-self: center;
}
.lead {
    color: var(--pencil);
}
</style>
