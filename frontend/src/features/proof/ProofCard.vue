<script setup lang="ts">
import type { UnitLine } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import { useProof } from './queries';
import { GRADES } from './words';

/** A unit with what its proof comes to so far. */
const props = defineProps<{ unit: UnitLine }>();
const { show } = useMeasure();
const proof = useProof(() => props.unit.id, false);
</script>

<template>
    <RouterLink class="card" :to="{ name: 'proof', params: { unit: unit.id } }">
        <b>{{ unit.title }}</b>
        <template v-if="proof.data.value">
            <span class="grade" :class="proof.data.value.grade">{{ GRADES[proof.data.value.grade] }}</span>
            <span class="says">{{ show(proof.data.value.says) }}</span>
            <span class="aside">{{
                proof.data.value.surveys.length ? `${proof.data.value.surveys.length} surveys` : 'nothing measured yet'
            }}</span>
        </template>
    </RouterLink>
</template>

<style scoped>
.card {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 4px 12px;
    padding: 14px 16px;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--line);
    box-shadow: var(--shadow);
}
.grade {
    justify-self: end;
    padding: 1px 10px;
    background: var(--paper);
    border-left: 5px solid var(--pencil);
}
.grade.pass {
    border-color: var(--clean);
}
.grade.marginal {
    border-color: var(--bypass);
}
.grade.fail {
    border-color: var(--short);
}
.says {
    grid-column: 1 / -1;
    line-height: 1.35;
}
.aside {
    color: var(--pencil);
    font-size: 14px;
}
</style>
