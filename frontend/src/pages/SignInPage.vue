<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { useQueryClient } from '@tanstack/vue-query';
import { ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { answer, api, Refused } from '../api/client';

const email = ref('');
const password = ref('');
const fault = ref<string>();
const busy = ref(false);
const router = useRouter();
const route = useRoute();
const client = useQueryClient();

async function signIn(): Promise<void> {
    busy.value = true;
    fault.value = undefined;
    try {
        client.setQueryData(['session'], await answer(api.POST('/session', { body: { email: email.value, password: password.value } })));
        await router.push(typeof route.query.then === 'string' ? route.query.then : { name: 'home' });
    } catch (refused) {
        fault.value =
            refused instanceof Refused && refused.status === 429
                ? 'Too many tries. Wait a minute, then try again.'
                : refused instanceof Error
                  ? refused.message
                  : String(refused);
    } finally {
        busy.value = false;
    }
}
</script>

<template>
    <main class="page mat">
        <form class="card" @submit.prevent="signIn">
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
            <label>
                Email
                <Input v-model:value="email" type="email" autocomplete="username" size="large" autofocus />
            </label>
            <label>
                Password
                <Input v-model:value="password" type="password" autocomplete="current-password" size="large" />
            </label>
            <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
            <Button type="primary" html-type="submit" size="large" block :loading="busy">Sign in</Button>
        </form>
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
label {
    display: grid;
    gap: 4px;
    font-weight: 700;
}
.fault {
    background: var(--short-soft);
    color: var(--short);
    padding: 8px 12px;
    border-left: 4px solid var(--short);
}
</style>
