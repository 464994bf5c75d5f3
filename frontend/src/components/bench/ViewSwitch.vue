<script setup lang="ts">
export type BenchView = 'unit' | 'curves' | 'compare' | 'versions';

defineProps<{ view: BenchView; canUndo: boolean; canRedo: boolean }>();
const emit = defineEmits<{ view: [view: BenchView]; undo: []; redo: [] }>();

const VIEWS: Record<BenchView, string> = { unit: 'Drawing', curves: 'Curves', compare: 'Compare', versions: 'Versions' };
</script>

<template>
    <div class="bar">
        <div role="group" aria-label="View of the bench">
            <button v-for="(name, key) in VIEWS" :key="key" type="button" :aria-pressed="view === key" @click="emit('view', key)">
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
}
</style>
