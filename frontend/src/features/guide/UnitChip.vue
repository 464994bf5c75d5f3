<script setup lang="ts">
import type { UnitLine } from '../../api/client';

/** A unit in a row of them: what it is called and how far it is. */
defineProps<{ unit: UnitLine }>();
</script>

<template>
    <RouterLink class="chip" :to="{ name: 'unit', params: { unit: unit.id } }">
        <b>{{ unit.title }}</b>
        <span>{{ unit.made_at ? 'made' : `${unit.done} of ${unit.steps}` }}</span>
        <i :style="{ width: `${(100 * (unit.made_at ? 1 : unit.done / unit.steps)).toFixed(0)}%` }" />
    </RouterLink>
</template>

<style scoped>
.chip {
    position: relative;
    display: inline-flex;
    gap: 8px;
    padding: 4px 12px 7px;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--line);
}
.chip span {
    color: var(--pencil);
}
.chip i {
    position: absolute;
    left: 0;
    bottom: 0;
    height: 4px;
    background: var(--clean);
}
</style>
