<script setup lang="ts">
import type { Stage } from '../../composables/stage';

defineProps<{ stages: Stage[]; present: string }>();
const emit = defineEmits<{ go: [stage: Stage['key']] }>();
</script>

<template>
    <nav class="rail" aria-label="Stages of the job">
        <button
            v-for="(stage, index) in stages"
            :key="stage.key"
            type="button"
            :class="{ done: stage.done }"
            :aria-current="stage.key === present ? 'step' : undefined"
            :disabled="!stage.open"
            @click="emit('go', stage.key)"
        >
            <i aria-hidden="true">{{ stage.done ? '✓' : index + 1 }}</i>
            <b>{{ stage.name }}</b>
            <span>{{ stage.says }}</span>
        </button>
    </nav>
</template>

<style scoped>
.rail {
    display: grid;
    align-content: start;
    background: var(--paper);
    border-right: 1px solid var(--line);
}
button {
    display: grid;
    grid-template-columns: 26px 1fr;
    gap: 1px 8px;
    padding: 13px 10px 13px 12px;
    font: inherit;
    text-align: left;
    color: var(--ink);
    background: none;
    border: 0;
    border-bottom: 1px solid var(--line);
    border-left: 5px solid transparent;
    cursor: pointer;
}
button:disabled {
    cursor: default;
    color: var(--pencil);
}
button:hover:not(:disabled) {
    background: var(--sheet);
}
[aria-current='step'] {
    background: var(--sheet);
    border-left-color: var(--kraft);
}
i {
    width: 24px;
    height: 24px;
    display: grid;
    place-items: center;
    font: 600 13px/1 var(--figures);
    border: 2px solid var(--pencil);
    border-radius: 50%;
}
.done i {
    background: var(--clean);
    border-color: var(--clean);
    color: var(--sheet);
}
span {
    grid-column: 2;
    font-size: 13px;
    line-height: 1.25;
    color: var(--pencil);
}
@media (max-width: 900px) {
    .rail {
        grid-template-columns: repeat(5, 1fr);
        border-right: 0;
    }
    button {
        padding: 8px 6px;
        border-left: 0;
        border-bottom: 4px solid transparent;
        grid-template-columns: 1fr;
        justify-items: center;
    }
    [aria-current='step'] {
        border-bottom-color: var(--kraft);
    }
    span {
        display: none;
    }
}
</style>
