<script setup lang="ts">
import type { Target } from '../../api/client';
import FoldAway from '../../ui/FoldAway.vue';
import { useMeasure } from '../../session/useMeasure';

defineProps<{ targets: Target[]; open: boolean }>();
const { show } = useMeasure();
const said = (target: Target): string => (target.reached === null ? '–' : target.reached ? '✓' : '✕');
</script>

<template>
    <FoldAway class="rules" title="All rules" :open="open">
        <ul>
            <li v-for="target in targets" :key="target.id" :class="{ goal: target.is_goal, no: target.reached === false }">
                <span aria-hidden="true">{{ said(target) }}</span>
                <span class="visually-hidden">{{ target.reached === null ? '' : target.reached ? 'reached:' : 'not reached:' }}</span>
                {{ target.name }}
                <span v-if="target.asks" class="figure">{{ show(target.asks) }}</span>
                <small v-else>enter {{ target.needs }}</small>
            </li>
        </ul>
    </FoldAway>
</template>

<style scoped>
.rules {
    border-top: 1px solid var(--line);
    font-size: 14px;
}
small {
    font-size: 13px;
    color: var(--pencil);
}
ul {
    list-style: none;
    margin: 4px 0 0;
    padding: 0;
}
li {
    display: grid;
    grid-template-columns: 18px 1fr auto;
    gap: 4px;
    padding: 3px 0;
    font-size: 13.5px;
}
li > span:first-child {
    color: var(--clean);
    font-weight: 700;
}
.no > span:first-child {
    color: var(--short);
}
.goal {
    font-weight: 700;
}
.figure {
    font-size: 12px;
}
</style>
