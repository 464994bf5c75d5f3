<script setup lang="ts">
import { FormItem, Input } from 'ant-design-vue';
import { useId } from 'vue';
import FieldFault from './FieldFault.vue';
import FieldOffers from './FieldOffers.vue';

/** A field of a form that is written in: its name above, what is wrong with it and how it may be read beneath. */
defineOptions({ inheritAttrs: false });
withDefaults(
    defineProps<{
        label: string;
        hint?: string;
        fault?: string | undefined;
        offers?: string[] | undefined;
        disabled?: boolean;
        maxlength?: number;
    }>(),
    { hint: '', fault: undefined, offers: undefined, disabled: false, maxlength: 80 },
);
const entry = defineModel<string>({ required: true });
const id = useId();
</script>

<template>
    <FormItem :label="label" :html-for="id" :colon="false" class="entry">
        <Input
            :id="id"
            v-model:value="entry"
            autocomplete="off"
            v-bind="$attrs"
            :placeholder="hint"
            :disabled="disabled"
            :maxlength="maxlength"
            :aria-invalid="fault !== undefined"
        />
        <FieldFault :said="fault" />
        <FieldOffers :offers="offers ?? []" @take="(offer) => (entry = offer)" />
    </FormItem>
</template>

<style scoped>
.entry {
    min-width: 0;
}
</style>
