<script setup lang="ts">
import { Alert } from 'ant-design-vue';

/** Something to be told where it matters, with what can be done about it. */
withDefaults(defineProps<{ kind?: 'info' | 'warning' | 'error' }>(), { kind: 'info' });
defineSlots<{ default(): unknown; actions?(): unknown }>();
</script>

<template>
    <Alert class="notice" :class="kind" :type="kind" :show-icon="false">
        <template #message>
            <div class="said"><slot /></div>
        </template>
        <template v-if="$slots.actions" #action>
            <div class="actions"><slot name="actions" /></div>
        </template>
    </Alert>
</template>

<style scoped>
.notice {
    color: var(--ink);
    border: 0;
    border-left: 5px solid var(--tape-edge);
    background: var(--sheet);
}
.notice.warning {
    border-left-color: var(--bypass);
    background: var(--bypass-soft);
}
.notice.error {
    border-left-color: var(--short);
    background: var(--short-soft);
}
.said {
    font-size: 15px;
    line-height: 1.35;
}
.actions {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
}
</style>
