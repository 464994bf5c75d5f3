<script setup lang="ts">
import { Input } from 'ant-design-vue';

/** A gap of the sentence that is written in. */
withDefaults(defineProps<{ entry: string; label: string; hint: string; isFaulty?: boolean; isWide?: boolean; isCount?: boolean }>(), {
    isFaulty: false,
    isWide: false,
    isCount: false,
});
const emit = defineEmits<{ write: [entry: string] }>();
</script>

<template>
    <Input
        class="line word"
        :class="isWide ? 'wide' : 'short'"
        :value="entry"
        :placeholder="hint"
        :aria-label="label"
        :aria-invalid="isFaulty"
        :maxlength="80"
        :inputmode="isCount ? 'numeric' : 'text'"
        autocomplete="off"
        @update:value="(text: string) => emit('write', text)"
    />
</template>

<style scoped>
.word {
    font-size: inherit;
    font-weight: 700;
    line-height: 1.3;
}
.word::placeholder {
    font-weight: 400;
}
.wide {
    width: 11em;
}
.short {
    width: 5.6em;
}
</style>
