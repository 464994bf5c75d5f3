<script setup lang="ts">
import { computed } from 'vue';
import type { Ledger } from '../../api/client';
import { useMeasure } from '../../composables/useMeasure';
import { ledgerRows } from './rows';

const props = defineProps<{ ledger: Ledger; before: Ledger | null; currency: string }>();
const { measure } = useMeasure();
const rows = computed(() => ledgerRows(props.ledger, props.before, measure.value, props.currency));
</script>

<template>
    <table>
        <tbody>
            <tr v-for="row in rows" :key="row.key" :class="{ strong: row.strong }">
                <th scope="row">{{ row.name }}</th>
                <td v-if="!row.wide" class="was figure">
                    <s v-if="row.was" :aria-label="`was ${row.was}`">{{ row.was }}</s>
                </td>
                <td class="figure" :colspan="row.wide ? 2 : 1" :data-row="row.key">{{ row.now }}</td>
            </tr>
        </tbody>
    </table>
</template>

<style scoped>
table {
    width: 100%;
    border-collapse: collapse;
    font-size: 14px;
    line-height: 1.35;
}
th {
    font-weight: 400;
    text-align: left;
    color: var(--pencil);
    padding: 2px 0;
    white-space: nowrap;
}
td {
    text-align: right;
    font-size: 13px;
    white-space: nowrap;
    padding: 2px 0 2px 4px;
}
tr + tr > * {
    border-top: 1px solid var(--line);
}
.strong td:last-child {
    font-size: 16px;
    font-weight: 700;
}
.strong th {
    color: var(--ink);
    font-weight: 700;
}
.was {
    color: var(--pencil);
    font-size: 11px;
}
</style>
