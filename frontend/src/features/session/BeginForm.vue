<script setup lang="ts">
import { Button, Form } from 'ant-design-vue';
import { computed, reactive } from 'vue';
import EntryField from '../../ui/EntryField.vue';
import NoticeBar from '../../ui/NoticeBar.vue';
import PasswordField from '../../ui/PasswordField.vue';
import { useBegin } from '../../session/queries';

/** A programme of one’s own, and the account of its organiser. */
const emit = defineEmits<{ signedIn: [] }>();
const entries = reactive({ programme: '', name: '', email: '', password: '' });
const beginning = useBegin();
const fault = computed(() => (field: keyof typeof entries) => beginning.errors.value[field]?.[0]);

async function begin(): Promise<void> {
    if (await beginning.run({ ...entries })) emit('signedIn');
}
</script>

<template>
    <Form layout="vertical" class="form" novalidate @submit.prevent="begin">
        <EntryField
            v-model="entries.programme"
            label="Name of the programme"
            hint="Alder Fen Clean Air Circle"
            size="large"
            autofocus
            :fault="fault('programme')"
        />
        <EntryField v-model="entries.name" label="Your name" autocomplete="name" size="large" :fault="fault('name')" />
        <EntryField
            v-model="entries.email"
            label="Email"
            type="email"
            autocomplete="username"
            size="large"
            :maxlength="190"
            :fault="fault('email')"
        />
        <PasswordField
            v-model="entries.password"
            label="Password"
            size="large"
            hint="twelve characters or more"
            autocomplete="new-password"
            :fault="fault('password')"
        />
        <NoticeBar v-if="beginning.message.value" kind="error">{{ beginning.message.value }}</NoticeBar>
        <Button type="primary" html-type="submit" size="large" block :loading="beginning.busy.value">Begin the programme</Button>
    </Form>
</template>

<style scoped>
.form {
    display: grid;
    gap: 14px;
}
</style>
