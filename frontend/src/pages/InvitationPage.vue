<script setup lang="ts">
import { Button, Form } from 'ant-design-vue';
import { reactive } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useAccept, useInvitation, useSession } from '../session/queries';
import EntryField from '../ui/EntryField.vue';
import NoticeBar from '../ui/NoticeBar.vue';
import PageGate from '../ui/PageGate.vue';
import PasswordField from '../ui/PasswordField.vue';

/** Comes in by a link, with the account of whoever is signed in or with a new one. */
const route = useRoute();
const router = useRouter();
const token = String(route.params.token);
const invitation = useInvitation(token);
const session = useSession();
const accepting = useAccept(token);
const entries = reactive({ name: '', email: '', password: '' });

async function join(): Promise<void> {
    if (await accepting.run(session.data.value ? {} : { ...entries })) await router.push({ name: 'home' });
}
</script>

<template>
    <main class="page mat">
        <section class="card">
            <PageGate :asked="[invitation]">
                <h1>{{ invitation.data.value!.programme }}</h1>
                <p>
                    {{ invitation.data.value!.by }} invites you. Your role: <b>{{ invitation.data.value!.role }}</b>.
                    {{ invitation.data.value!.rights }}
                </p>
                <Form layout="vertical" class="form" novalidate @submit.prevent="join">
                    <template v-if="!session.data.value">
                        <EntryField
                            v-model="entries.name"
                            label="Your name"
                            autocomplete="name"
                            size="large"
                            autofocus
                            :fault="accepting.errors.value.name?.[0]"
                        />
                        <EntryField
                            v-model="entries.email"
                            label="Email"
                            type="email"
                            autocomplete="username"
                            size="large"
                            :maxlength="190"
                            :fault="accepting.errors.value.email?.[0]"
                        />
                        <PasswordField
                            v-model="entries.password"
                            label="Password"
                            hint="twelve characters or more"
                            size="large"
                            autocomplete="new-password"
                            :fault="accepting.errors.value.password?.[0]"
                        />
                    </template>
                    <NoticeBar v-if="accepting.message.value" kind="error">{{ accepting.message.value }}</NoticeBar>
                    <Button type="primary" html-type="submit" size="large" block :loading="accepting.busy.value">{{
                        session.data.value ? `Join as ${session.data.value.name}` : 'Join'
                    }}</Button>
                    <RouterLink v-if="!session.data.value" :to="{ name: 'sign-in', query: { then: route.fullPath } }"
                        >I have an account: sign in first</RouterLink
                    >
                </Form>
            </PageGate>
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
    width: min(420px, 100%);
    padding: 26px 30px 30px;
    background: var(--sheet);
    border: 1px solid var(--line);
    border-top: 8px solid var(--kraft);
    box-shadow: var(--shadow);
}
.form {
    display: grid;
    gap: 14px;
    padding-top: 14px;
}
</style>
