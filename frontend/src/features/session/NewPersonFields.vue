<script setup lang="ts">
import EntryField from '../../ui/EntryField.vue';
import PasswordField from '../../ui/PasswordField.vue';

/** Who somebody is that has no account yet. */
defineProps<{ errors: Record<string, string[]> }>();
const person = defineModel<{ name: string; email: string; password: string }>({ required: true });
</script>

<template>
    <EntryField v-model="person.name" label="Your name" autocomplete="name" size="large" :fault="errors.name?.[0]" />
    <EntryField
        v-model="person.email"
        label="Email"
        type="email"
        autocomplete="username"
        size="large"
        :maxlength="190"
        :fault="errors.email?.[0]"
    />
    <PasswordField
        v-model="person.password"
        label="Password"
        hint="twelve characters or more"
        size="large"
        autocomplete="new-password"
        :fault="errors.password?.[0]"
    />
</template>
