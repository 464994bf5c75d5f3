<script setup lang="ts">
import { Button, Checkbox, Form } from 'ant-design-vue';
import { ref } from 'vue';
import type { Person } from '../../api/client';
import EntryField from '../../ui/EntryField.vue';
import NoticeBar from '../../ui/NoticeBar.vue';
import PasswordField from '../../ui/PasswordField.vue';
import { useSignIn } from '../../session/queries';

const props = defineProps<{ known?: string }>();
const emit = defineEmits<{ signedIn: [person: Person] }>();
const email = ref(props.known ?? '');
const password = ref('');
const remember = ref(false);
const signing = useSignIn();

async function signIn(): Promise<void> {
    const person = await signing.run({ email: email.value, password: password.value, remember: remember.value });
    if (person) emit('signedIn', person);
}
</script>

<template>
    <Form layout="vertical" class="form" novalidate @submit.prevent="signIn">
        <EntryField v-model="email" label="Email" type="email" autocomplete="username" size="large" autofocus :maxlength="200" />
        <PasswordField v-model="password" label="Password" size="large" autocomplete="current-password" />
        <Checkbox v-model:checked="remember">Stay signed in for thirty days</Checkbox>
        <NoticeBar v-if="signing.refused.value" kind="error">{{ signing.refused.value.message }}</NoticeBar>
        <Button type="primary" html-type="submit" size="large" block :loading="signing.busy.value">Sign in</Button>
    </Form>
</template>

<style scoped>
.form {
    display: grid;
    gap: 14px;
}
</style>
