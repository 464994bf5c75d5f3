<script setup lang="ts">
import { Steps } from 'ant-design-vue';
import { computed } from 'vue';
import type { Stage, StageKey } from './stage';

/** The stages of the job: what is done, where one is, what is not open yet. */
const props = defineProps<{ stages: Stage[]; present: StageKey; isNarrow: boolean }>();
const emit = defineEmits<{ go: [stage: StageKey] }>();

const present = computed(() => props.stages.findIndex(({ key }) => key === props.present));
const items = computed(() =>
    props.stages.map((stage, index) => ({
        title: stage.name,
        ...(props.isNarrow ? {} : { description: stage.says }),
        disabled: !stage.open,
        status: index === present.value ? ('process' as const) : stage.done ? ('finish' as const) : ('wait' as const),
    })),
);

function go(index: number): void {
    const stage = props.stages[index];
    if (stage?.open) emit('go', stage.key);
}
</script>

<template>
    <nav class="rail" aria-label="Stages of the job">
        <Steps
            size="small"
            :current="present"
            :items="items"
            :direction="isNarrow ? 'horizontal' : 'vertical'"
            :label-placement="isNarrow ? 'vertical' : 'horizontal'"
            :responsive="false"
            @change="go"
        />
    </nav>
</template>

<style scoped>
.rail {
    padding: 16px 6px 0 14px;
    background: var(--paper);
    border-right: 1px solid var(--line);
}
.rail :deep(.ant-steps-item) {
    min-height: 84px;
}
.rail :deep(.ant-steps-item-title) {
    font-weight: 700;
    color: var(--ink) !important;
}
.rail :deep(.ant-steps-item-description) {
    max-width: none;
    font-size: 13px;
    line-height: 1.25;
    color: var(--pencil) !important;
}
.rail :deep(.ant-steps-item-process .ant-steps-item-title) {
    box-shadow: inset 0 -3px 0 var(--kraft);
}
@media (max-width: 900px) {
    .rail {
        padding: 8px 4px 4px;
        border-right: 0;
        overflow: auto hidden;
    }
    .rail :deep(.ant-steps-item) {
        min-height: 0;
    }
    .rail :deep(.ant-steps-item-title) {
        padding-inline-end: 0 !important;
        font-size: 14px;
    }
    .rail :deep(.ant-steps-item-content) {
        width: 50px !important;
    }
    .rail :deep(.ant-steps-item-icon) {
        margin-inline-start: 13px !important;
    }
    .rail :deep(.ant-steps-item-tail) {
        margin-inline-start: 25px !important;
    }
}
</style>
