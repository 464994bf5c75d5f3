<script setup lang="ts">
import { Button, Form, message } from 'ant-design-vue';
import { reactive, ref, watch } from 'vue';
import { useChangeAccount, useSession, useSignOutEverywhere } from '../session/queries';
import EntryField from '../ui/EntryField.vue';
import NoticeBar from '../ui/NoticeBar.vue';
import PageGate from '../ui/PageGate.vue';
import PasswordField from '../ui/PasswordField.vue';

/** What is known of whoever is signed in. */
const session = useSession();
const changing = useChangeAccount();
const leaving = useSignOutEverywhere();
const entries = reactive({ name: '', email: '', current_password: '', password: '' });
const confirmation = ref('');

watch(
    session.data,
    (person) => {
        if (person) Object.assign(entries, { name: person.name, email: person.email });
    },
    { immediate: true },
);

async function change(): Promise<void> {
    if (!(await changing.run({ ...entries, password: entries.password || null }))) return;
    void message.success(entries.password ? 'Saved. Every other session has ended.' : 'Saved');
    Object.assign(entries, { current_password: '', password: '' });
}

async function signOutEverywhere(): Promise<void> {
    await leaving.run(confirmation.value);
    if (leaving.refused.value) return;
    confirmation.value = '';
    void message.success('Every other session has ended.');
}
</script>

<template>
    <main class="page">
        <PageGate :asked="[session]">
            <h1>Account</h1>
            <Form layout="vertical" class="card" novalidate @submit.prevent="change">
                <h2>Name, email and password</h2>
                <EntryField v-model="entries.name" label="Name" autocomplete="name" :fault="changing.errors.value.name?.[0]" />
                <EntryField
                    v-model="entries.email"
                    label="Email"
                    type="email"
                    autocomplete="username"
                    :maxlength="190"
                    :fault="changing.errors.value.email?.[0]"
                />
                <PasswordField
                    v-model="entries.password"
                    label="New password"
                    hint="leave empty to keep the one you have"
                    autocomplete="new-password"
                    :fault="changing.errors.value.password?.[0]"
                />
                <PasswordField
                    v-model="entries.current_password"
                    label="Current password"
                    autocomplete="current-password"
                    :fault="changing.errors.value.current_password?.[0]"
                />
                <NoticeBar v-if="changing.message.value" kind="error">{{ changing.message.value }}</NoticeBar>
                <Button type="primary" html-type="submit" :loading="changing.busy.value">Save account</Button>
            </Form>
            <Form layout="vertical" class="card" novalidate @submit.prevent="signOutEverywhere">
                <h2>Other devices</h2>
                <p>Ends every session but this one, and every sign-in that was to be remembered.</p>
                <PasswordField
                    v-model="confirmation"
                    label="Current password, to confirm"
                    autocomplete="current-password"
                    :fault="leaving.errors.value.current_password?.[0]"
                />
                <NoticeBar v-if="leaving.message.value" kind="error">{{ leaving.message.value }}</NoticeBar>
                <Button html-type="submit" :loading="leaving.busy.value">Sign out everywhere else</Button>
            </Form>
        </PageGate>
    </main>
</template>

<style scoped>
.page {
    max-width: 34rem;
    width: 100%;
    margin: 0 auto;
    padding: 24px 20px 40px;
    display: grid;
    gap: 16px;
    align-content: start;
}
.card {
    display: grid;
    gap: 14px;
    padding: 18px 22px 22px;
    background: var(--sheet);
    border: 1px solid var(--line);
}
.card button {
    justify-self: start;
}
</style>
