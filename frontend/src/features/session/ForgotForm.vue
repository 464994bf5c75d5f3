<script setup lang="ts">
import { Button, Form } from 'ant-design-vue';
import { ref } from 'vue';
import { useForgot } from '../../session/queries';
import EntryField from '../../ui/EntryField.vue';
import NoticeBar from '../../ui/NoticeBar.vue';

/** A link for whoever forgot their password: by mail where mail is set up. */
defineProps<{ mail: boolean }>();
const asking = useForgot();
const email = ref('');
const isSent = ref(false);

async function ask(): Promise<void> {
    await asking.run(email.value);
    isSent.value = !asking.refused.value;
}
</script>

<template>
    <p v-if="!mail">Mail is not set up here. Ask an organiser of your programme: they can make a link for you under People.</p>
    <NoticeBar v-else-if="isSent" kind="info"
        >If there is an account with this address, a link is on its way. It works for an hour.</NoticeBar
    >
    <Form v-else layout="vertical" class="form" novalidate @submit.prevent="ask">
        <EntryField
            v-model="email"
            label="Email"
            type="email"
            autocomplete="username"
            size="large"
            autofocus
            :maxlength="190"
            :fault="asking.errors.value.email?.[0] ?? (asking.message.value || undefined)"
        />
        <Button type="primary" html-type="submit" size="large" block :loading="asking.busy.value">Send me a link</Button>
    </Form>
</template>

<style scoped>
.form {
    display: grid;
    gap: 14px;
}
</style>
