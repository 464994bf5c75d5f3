<script setup lang="ts">
import { FormItem, InputPassword } from 'ant-design-vue';
import { useId } from 'vue';
import FieldFault from './FieldFault.vue';

/** A password, which can be shown; what is wrong with it beneath. */
withDefaults(
    defineProps<{
        label: string;
        autocomplete: 'current-password' | 'new-password';
        hint?: string;
        fault?: string | undefined;
        size?: 'middle' | 'large';
    }>(),
    {
        hint: '',
        fault: undefined,
        size: 'middle',
    },
);
const entry = defineModel<string>({ required: true });
const id = useId();
</script>

<template>
    <FormItem :label="label" :html-for="id" :colon="false">
        <InputPassword
            :id="id"
            v-model:value="entry"
            :autocomplete="autocomplete"
            :placeholder="hint"
            :maxlength="200"
            :size="size"
            :aria-invalid="fault !== undefined"
        />
        <FieldFault :said="fault" />
    </FormItem>
</template>
