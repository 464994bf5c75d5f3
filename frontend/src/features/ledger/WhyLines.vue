<script setup lang="ts">
import type { Working } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';

defineProps<{ lines: Working['why'][string] }>();
const { show } = useMeasure();
</script>

<template>
    <ol class="why" aria-label="Why">
        <li v-if="lines.length === 0" class="wait">…</li>
        <li v-for="(line, index) in lines" :key="index">
            <b>{{ line.figure }}</b> <code>{{ line.formula }}</code>
            <span class="figure">{{ show(line.filled) }}</span>
            <small>{{ [line.from && `from ${line.from} figures`, line.source].filter(Boolean).join('; ') }}</small>
        </li>
    </ol>
</template>

<style scoped>
.why {
    display: grid;
    gap: 6px;
    max-height: 300px;
    margin: 2px 0 4px;
    padding: 8px 10px;
    overflow-y: auto;
    font-size: 13px;
    line-height: 1.35;
    list-style: none;
    background: var(--paper);
    border-left: 4px solid var(--clean);
}
li {
    display: grid;
    gap: 1px;
    overflow-wrap: anywhere;
}
code {
    font: italic 13px/1.35 var(--text);
}
.figure {
    font-size: 12px;
}
small {
    color: var(--pencil);
    font-size: 12px;
}
.wait {
    min-height: 40px;
}
</style>
