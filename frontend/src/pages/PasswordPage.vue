<script setup lang="ts">
import { Button, Form } from 'ant-design-vue';
import { ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useSetPassword } from '../session/queries';
import EntranceCard from '../ui/EntranceCard.vue';
import NoticeBar from '../ui/NoticeBar.vue';
import PasswordField from '../ui/PasswordField.vue';

/** Sets another password by a link that works once. */
const route = useRoute();
const router = useRouter();
const email = typeof route.query.email === 'string' ? route.query.email : '';
const setting = useSetPassword(String(route.params.token));
const password = ref('');

async function set(): Promise<void> {
    if (await setting.run({ email, password: password.value })) await router.push({ name: 'home' });
}
</script>

<template>
    <EntranceCard>
        <h1>New password</h1>
        <p>For {{ email || 'your account' }}. Every session that is open ends with it.</p>
        <Form layout="vertical" class="form" novalidate @submit.prevent="set">
            <PasswordField
                v-model="password"
                label="New password"
                hint="twelve characters or more"
                size="large"
                autocomplete="new-password"
                :fault="setting.errors.value.password?.[0]"
            />
            <NoticeBar v-if="setting.message.value" kind="error">{{ setting.message.value }}</NoticeBar>
            <Button type="primary" html-type="submit" size="large" block :loading="setting.busy.value">Set it and sign in</Button>
        </Form>
        <RouterLink :to="{ name: 'sign-in' }">Sign in instead</RouterLink>
    </EntranceCard>
</template>

<style scoped>
.form {
    display: grid;
    gap: 14px;
}
</style>
