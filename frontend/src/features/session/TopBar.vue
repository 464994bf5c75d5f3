<script setup lang="ts">
import { Button, Segmented } from 'ant-design-vue';
import { watch } from 'vue';
import { useRouter } from 'vue-router';
import { useKeepColours, useSession, useSetMeasure, useSignOut } from '../../session/queries';
import { useMeasure } from '../../session/useMeasure';
import { useTheme } from '../../session/useTheme';

const session = useSession();
const { measure } = useMeasure();
const setMeasure = useSetMeasure();
const { dark, choose } = useTheme();
const keepColours = useKeepColours();
watch(
    () => session.data.value?.colours,
    (colours) => colours && choose(colours),
    { immediate: true },
);
function switchColours(): void {
    const colours = dark.value ? 'light' : 'dark';
    choose(colours);
    keepColours(colours);
}
const router = useRouter();
const signingOut = useSignOut();

async function signOut(): Promise<void> {
    await signingOut.run();
    if (!signingOut.refused.value) await router.push({ name: 'sign-in' });
}
</script>

<template>
    <header class="bar">
        <RouterLink :to="{ name: 'home' }" class="mark" aria-label="Jornel: your programmes">
            <svg viewBox="0 0 32 32" width="28" height="28" aria-hidden="true">
                <path d="M3 12 16 6l13 6v12l-13 6-13-6z" fill="var(--kraft)" stroke="var(--kraft-edge)" />
                <path d="M3 12 16 18v12M29 12 16 18" fill="none" stroke="var(--kraft-edge)" />
                <ellipse cx="16" cy="12" rx="7.5" ry="3.6" fill="var(--clean)" />
            </svg>
            <span>Jornel</span>
        </RouterLink>
        <div id="where" class="where" />
        <Segmented
            :value="measure"
            :options="[
                { value: 'imperial', label: 'ft · cfm' },
                { value: 'metric', label: 'm · m³/h' },
            ]"
            aria-label="Measure"
            @change="(value) => setMeasure(value as 'imperial' | 'metric')"
        />
        <Button type="text" :aria-label="dark ? 'Light colours' : 'Dark colours'" @click="switchColours">{{ dark ? '☀' : '☾' }}</Button>
        <RouterLink v-if="session.data.value" class="person" title="Your account" :to="{ name: 'account' }">{{
            session.data.value.name
        }}</RouterLink>
        <Button type="text" title="Ends this session, and remembered sign-ins on all your devices" @click="signOut">Sign out</Button>
    </header>
</template>

<style scoped>
.bar {
    display: flex;
    align-items: center;
    gap: 8px;
    padding: 7px 16px;
    background: var(--sheet);
    border-bottom: 1px solid var(--line);
}
.mark {
    display: flex;
    align-items: center;
    gap: 8px;
    font-weight: 700;
    font-size: 20px;
    color: var(--ink);
    letter-spacing: 0.01em;
}
.where {
    flex: 1;
    min-width: 0;
    padding-left: 14px;
}
.person {
    color: var(--pencil);
    padding-left: 6px;
}
@media (max-width: 700px) {
    .bar {
        flex-wrap: wrap;
    }
    .mark span {
        display: none;
    }
    .where {
        order: 9;
        flex-basis: 100%;
        padding-left: 0;
    }
}
</style>
