<script setup lang="ts">
import { Button, Form } from 'ant-design-vue';
import { ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import NewPersonFields from '../features/session/NewPersonFields.vue';
import { useAccept, useInvitation, useSession } from '../session/queries';
import EntranceCard from '../ui/EntranceCard.vue';
import NoticeBar from '../ui/NoticeBar.vue';
import PageGate from '../ui/PageGate.vue';

/** Comes in by a link, with the account of whoever is signed in or with a new one. */
const route = useRoute();
const router = useRouter();
const token = String(route.params.token);
const invitation = useInvitation(token);
const session = useSession();
const accepting = useAccept(token);
const person = ref({ name: '', email: '', password: '' });

async function join(): Promise<void> {
    if (await accepting.run(session.data.value ? {} : { ...person.value })) await router.push({ name: 'home' });
}
</script>

<template>
    <EntranceCard>
        <PageGate :asked="[invitation]">
            <h1>{{ invitation.data.value!.programme }}</h1>
            <p>
                {{ invitation.data.value!.by }} invites you. Your role: <b>{{ invitation.data.value!.role }}</b>.
                {{ invitation.data.value!.rights }}
            </p>
            <Form layout="vertical" class="form" novalidate @submit.prevent="join">
                <NewPersonFields v-if="!session.data.value" v-model="person" :errors="accepting.errors.value" />
                <NoticeBar v-if="accepting.message.value" kind="error">{{ accepting.message.value }}</NoticeBar>
                <Button type="primary" html-type="submit" size="large" block :loading="accepting.busy.value">{{
                    session.data.value ? `Join as ${session.data.value.name}` : 'Join'
                }}</Button>
                <RouterLink v-if="!session.data.value" :to="{ name: 'sign-in', query: { then: route.fullPath } }"
                    >I have an account: sign in first</RouterLink
                >
            </Form>
        </PageGate>
    </EntranceCard>
</template>

<style scoped>
.form {
    display: grid;
    gap: 14px;
    padding-top: 14px;
}
</style>
