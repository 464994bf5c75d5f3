<script setup lang="ts">
import type { Drawing } from '../../api/client';
import SceneDrawing from '../../drawing/SceneDrawing.vue';
import { useMeasure } from '../../session/useMeasure';
import { choiceOf, type ChoiceKey } from './choices';

defineProps<{ drawing: Drawing; title: string; picked: ChoiceKey | null }>();
const emit = defineEmits<{ pick: [choice: ChoiceKey]; turn: [degrees: number] }>();
const { show } = useMeasure();
</script>

<template>
    <SceneDrawing
        :drawing="drawing"
        :title="title"
        labelled
        :keep-free="172"
        :above="54"
        class="unit"
        @pick="(part) => emit('pick', choiceOf(part))"
        @turn="(degrees) => emit('turn', degrees)"
    >
        <template #label="{ label, side, top }">
            <button
                type="button"
                class="label"
                :class="[side, { on: picked === choiceOf(label.part), bypass: label.part === 'corners' || label.part === 'seam' }]"
                :style="{ top: `${top}px` }"
                :data-label="label.part"
                @click="emit('pick', choiceOf(label.part))"
            >
                <b>{{ label.name }}</b>
                <span v-for="line in label.lines" :key="line.imperial">{{ show(line) }}</span>
            </button>
        </template>
        <template #extent="{ extent }">
            <span class="size figure">{{ show(extent.length) }}</span>
        </template>
    </SceneDrawing>
</template>

<style scoped>
.unit :deep(.stroke) {
    cursor: pointer;
}
.label {
    position: absolute;
    width: 178px;
    display: grid;
    gap: 1px;
    padding: 4px 9px 5px;
    font: 13.5px/1.4 var(--text);
    font-variant-numeric: tabular-nums;
    text-align: left;
    color: var(--ink);
    background: color-mix(in oklab, var(--sheet), transparent 6%);
    border: 1px solid var(--line);
    border-left: 4px solid var(--clean);
    cursor: pointer;
}
.label.bypass {
    border-left-color: var(--bypass);
}
.label.left {
    left: 6px;
}
.label.right {
    right: 6px;
}
.label:hover,
.label.on {
    border-color: var(--clean);
    box-shadow: var(--shadow);
}
.size {
    font-size: 12px;
    padding: 1px 5px;
    background: var(--tape);
    color: #2b251f;
    border: 1px solid var(--tape-edge);
}
</style>
