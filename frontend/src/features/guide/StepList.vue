<script setup lang="ts">
import { Button } from 'ant-design-vue';
import type { GuideStep } from '../../api/client';

/** All steps in order, each with whether it is done and by whom. */
defineProps<{ steps: GuideStep[]; present: string; label: string; withMinutes?: boolean }>();
const emit = defineEmits<{ go: [step: string] }>();
const isWrong = (step: GuideStep): boolean => step.notes.some(({ kind }) => kind === 'wrong');
</script>

<template>
    <ol :aria-label="label">
        <li v-for="(step, index) in steps" :key="step.id" :class="{ done: step.done, wrong: isWrong(step) }">
            <Button type="text" class="row" :aria-current="step.id === present ? 'step' : undefined" @click="emit('go', step.id)">
                <span class="figure">{{ step.done ? '✓' : index + 1 }}</span>
                <span class="said">{{ step.action }}</span>
                <span v-if="withMinutes" class="min figure">{{ Math.max(1, Math.round(step.minutes)) }}</span>
                <small v-if="step.done">{{ step.done.by || 'not sent yet' }}</small>
            </Button>
        </li>
    </ol>
</template>

<style scoped>
ol {
    margin: 0;
    padding: 0;
    list-style: none;
    overflow-y: auto;
    background: var(--sheet);
    border: 1px solid var(--line);
}
.row {
    display: grid;
    grid-template-columns: 24px minmax(0, 1fr) auto;
    gap: 0 6px;
    align-items: baseline;
    width: 100%;
    height: auto;
    padding: 7px 10px;
    font-size: 14px;
    line-height: 1.3;
    text-align: left;
    white-space: normal;
    color: var(--ink) !important;
    border: 0;
    border-bottom: 1px solid var(--line);
    border-left: 5px solid transparent;
    border-radius: 0;
}
.row:hover {
    background: color-mix(in oklab, var(--sheet), var(--kraft) 16%) !important;
}
.row[aria-current] {
    border-left-color: var(--kraft);
    background: color-mix(in oklab, var(--sheet), var(--kraft) 26%) !important;
}
.done .figure {
    color: var(--clean);
    font-weight: 700;
}
.wrong .said {
    border-left: 4px solid var(--bypass);
    padding-left: 6px;
}
.said {
    display: -webkit-box;
    -webkit-line-clamp: 2;
    -webkit-box-orient: vertical;
    overflow: hidden;
}
.min {
    font-size: 12px;
    color: var(--pencil);
}
small {
    grid-column: 2;
    color: var(--pencil);
    font-size: 12.5px;
}
</style>
