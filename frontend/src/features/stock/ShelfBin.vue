<script setup lang="ts">
import { computed } from 'vue';
import type { Stock } from '../../api/client';

const props = defineProps<{ line: Stock['lines'][number]; picked: boolean }>();
const emit = defineEmits<{ pick: [] }>();

/** Pieces that are drawn one by one; more are told as a number alone. */
const MOST = 28;
const drawn = computed(() =>
    Array.from({ length: Math.min(MOST, props.line.on_hand) }, (_, index) => (index < props.line.reserved ? 'reserved' : 'free')),
);
</script>

<template>
    <button type="button" class="bin" :aria-pressed="picked" :data-bin="line.code" @click="emit('pick')">
        <b>{{ line.name }}</b>
        <span class="pieces" aria-hidden="true">
            <i v-for="(piece, index) in drawn" :key="index" :class="piece" />
            <em v-if="line.on_hand > drawn.length">+ {{ line.on_hand - drawn.length }}</em>
            <em v-if="line.on_hand === 0">empty</em>
        </span>
        <span class="figure">
            {{ line.free }} free<template v-if="line.reserved">, {{ line.reserved }} reserved</template>
        </span>
    </button>
</template>

<style scoped>
.bin {
    display: grid;
    grid-template-rows: auto 1fr auto;
    gap: 6px;
    min-height: 104px;
    padding: 8px 12px 9px;
    font: inherit;
    font-size: 14px;
    text-align: left;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--kraft-edge);
    border-bottom: 9px solid var(--kraft);
    box-shadow: var(--shadow);
    cursor: pointer;
}
.bin:hover,
[aria-pressed='true'] {
    background: var(--paper);
}
[aria-pressed='true'] {
    outline: 2px solid var(--clean);
}
b {
    line-height: 1.2;
}
.pieces {
    display: flex;
    flex-wrap: wrap;
    align-content: end;
    gap: 3px;
}
i {
    width: 13px;
    height: 18px;
    border: 1.5px solid var(--ink);
    background: var(--pleat);
}
i.reserved {
    background: repeating-linear-gradient(135deg, var(--tape) 0 3px, var(--sheet) 3px 6px);
}
em {
    color: var(--pencil);
}
.figure {
    font-size: 13px;
    color: var(--pencil);
}
</style>
