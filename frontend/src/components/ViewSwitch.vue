<script setup lang="ts" generic="V extends string">
import { computed } from 'vue';

const props = defineProps<{ views: Record<V, string>; view: V; label: string; canUndo: boolean; canRedo: boolean }>();
const emit = defineEmits<{ view: [view: V]; undo: []; redo: [] }>();
const entries = computed(() => Object.entries(props.views) as [V, string][]);
</script>

<template>
    <div class="bar">
        <div role="group" :aria-label="label">
            <button v-for="[key, name] in entries" :key="key" type="button" :aria-pressed="view === key" @click="emit('view', key)">
                {{ name }}
            </button>
        </div>
        <div role="group" aria-label="Changes">
            <button type="button" title="Undo (Ctrl+Z)" :disabled="!canUndo" @click="emit('undo')">
                <span aria-hidden="true">↶</span> Undo
            </button>
            <button type="button" title="Redo (Ctrl+Shift+Z)" :disabled="!canRedo" @click="emit('redo')">
                <span aria-hidden="true">↷</span> Redo
            </button>
        </div>
    </div>
</template>

<style scoped>
.bar {
    position: absolute;
    z-index: 3;
    top: 10px;
    left: 50%;
    translate: -50%;
    display: flex;
    gap: 14px;
}
.bar > div {
    display: flex;
    background: var(--sheet);
    border: 1px solid var(--pencil);
    box-shadow: var(--shadow);
}
button {
    padding: 5px 12px;
    font: inherit;
    font-size: 14px;
    color: var(--ink);
    background: none;
    border: 0;
    cursor: pointer;
    white-space: nowrap;
}
button + button {
    border-left: 1px solid var(--line);
}
button:disabled {
    color: var(--pencil);
    opacity: 0.6;
    cursor: default;
}
[aria-pressed='true'] {
    color: var(--sheet);
    background: var(--clean);
    font-weight: 700;
}
@media (max-width: 900px) {
    .bar {
        position: static;
        translate: none;
        flex-wrap: wrap;
        justify-content: center;
        padding: 8px 0;
    }
    .bar > div {
        flex-wrap: wrap;
        justify-content: center;
    }
}
</style>
