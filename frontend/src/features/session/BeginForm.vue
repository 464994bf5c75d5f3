<script setup lang="ts">
import { Button, Form } from 'ant-design-vue';
import { ref } from 'vue';
import EntryField from '../../ui/EntryField.vue';
import NoticeBar from '../../ui/NoticeBar.vue';
import { useBegin } from '../../session/queries';
import NewPersonFields from './NewPersonFields.vue';

/** A programme of one’s own, and the account of its organiser. */
const emit = defineEmits<{ signedIn: [] }>();
const programme = ref('');
const person = ref({ name: '', email: '', password: '' });
const beginning = useBegin();

async function begin(): Promise<void> {
    if (await beginning.run({ programme: programme.value, ...person.value })) emit('signedIn');
}
</script>

<template>
    <Form layout="vertical" class="form" novalidate @submit.prevent="begin">
        <EntryField
            v-model="programme"
            label="Name of the programme"
            hint="Alder Fen Clean Air Circle"
            size="large"
            autofocus
            :fault="beginning.errors.value.programme?.[0]"
        />
        <NewPersonFields v-model="person" :errors="beginning.errors.value" />
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
