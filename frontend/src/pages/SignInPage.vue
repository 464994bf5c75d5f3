<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import BeginForm from '../features/session/BeginForm.vue';
import ForgotForm from '../features/session/ForgotForm.vue';
import SignInForm from '../features/session/SignInForm.vue';
import { useLookRound, useWaysIn } from '../session/queries';
import EntranceCard from '../ui/EntranceCard.vue';

const router = useRouter();
const route = useRoute();
const waysIn = useWaysIn();
const looking = useLookRound();
const isBeginning = ref(false);
const isForgotten = ref(false);
/** Where nobody is here yet, there is only one thing to do. */
const isFirst = computed(() => waysIn.data.value?.is_empty === true);

async function lookRound(): Promise<void> {
    if (await looking.run()) await go();
}

async function go(): Promise<void> {
    await router.push(typeof route.query.then === 'string' ? route.query.then : { name: 'home' });
}
</script>

<template>
    <EntranceCard>
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
        <template v-if="isFirst || isBeginning">
            <h2>{{ isFirst ? 'Set up the first programme' : 'Begin a programme' }}</h2>
            <BeginForm @signed-in="go" />
            <Button v-if="!isFirst" type="link" @click="isBeginning = false">Sign in instead</Button>
        </template>
        <template v-else-if="isForgotten">
            <h2>Forgotten password</h2>
            <ForgotForm :mail="waysIn.data.value?.mail ?? false" />
            <Button type="link" @click="isForgotten = false">Sign in instead</Button>
        </template>
        <template v-else>
            <SignInForm @signed-in="go" />
            <Button type="link" size="small" @click="isForgotten = true">Forgot your password?</Button>
            <div v-if="waysIn.data.value" class="others">
                <Button v-if="waysIn.data.value.demo" block :loading="looking.busy.value" @click="lookRound">Look round the demo</Button>
                <Button v-if="waysIn.data.value.registration" block @click="isBeginning = true">Begin a programme of your own</Button>
            </div>
        </template>
    </EntranceCard>
</template>

<style scoped>
.picture {
    width: 220px;
    justify-self: center;
}
.lead {
    color: var(--pencil);
}
.others {
    display: grid;
    gap: 8px;
    padding-top: 14px;
    border-top: 1px solid var(--line);
}
</style>
