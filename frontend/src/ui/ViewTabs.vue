<script setup lang="ts" generic="V extends string">
import { TabPane, Tabs } from 'ant-design-vue';
import { computed } from 'vue';

/** Views of one thing, of which one is shown below. */
const props = defineProps<{ views: Record<V, string>; view: V; label: string }>();
const emit = defineEmits<{ view: [view: V] }>();
const entries = computed(() => Object.entries(props.views) as [V, string][]);
</script>

<template>
    <div class="bar">
        <Tabs
            class="views"
            size="small"
            type="card"
            :active-key="view"
            :animated="false"
            :tab-bar-gutter="0"
            :aria-label="label"
            @change="(key) => emit('view', key as V)"
        >
            <TabPane v-for="[key, name] in entries" :key="key" :tab="name" />
        </Tabs>
        <slot />
    </div>
</template>

<style scoped>
.bar {
    display: flex;
    align-items: center;
    gap: 12px;
    padding: 8px 12px 0;
}
.views {
    flex: 1;
    min-width: 0;
}
.views :deep(.ant-tabs-content-holder) {
    display: none;
}
.views :deep(.ant-tabs-nav::before) {
    border: 0;
}
.views :deep(.ant-tabs-tab) {
    padding: 5px 12px !important;
    color: var(--ink);
    background: var(--sheet) !important;
    border: 1px solid var(--pencil) !important;
    border-radius: 0 !important;
}
.views :deep(.ant-tabs-tab + .ant-tabs-tab) {
    margin-left: -1px !important;
}
.views :deep(.ant-tabs-tab-active) {
    background: var(--clean) !important;
    border-color: var(--clean) !important;
}
.views :deep(.ant-tabs-tab-active .ant-tabs-tab-btn) {
    color: var(--sheet) !important;
    font-weight: 700;
    text-shadow: none;
}
</style>
