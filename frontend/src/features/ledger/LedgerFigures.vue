<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import type { Ledger, Working } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import { ledgerRows } from './rows';
import WhyLines from './WhyLines.vue';

const props = defineProps<{ ledger: Ledger; before: Ledger | null; currency: string; open: string; why: Working['why'] | null }>();
const emit = defineEmits<{ ask: [row: string] }>();
const { measure } = useMeasure();
const rows = computed(() => ledgerRows(props.ledger, props.before, measure.value, props.currency));
</script>

<template>
    <table>
        <tbody>
            <template v-for="row in rows" :key="row.key">
                <tr :class="{ strong: row.strong, wide: row.wide }">
                    <th scope="row">
                        <Button
                            v-if="ledger.unit"
                            type="link"
                            size="small"
                            :aria-expanded="open === row.key"
                            :title="`Why? ${row.name}`"
                            :data-why="row.key"
                            @click="emit('ask', open === row.key ? '' : row.key)"
                        >
                            {{ row.name }}<span class="visually-hidden">: why?</span>
                        </Button>
                        <template v-else>{{ row.name }}</template>
                    </th>
                    <td v-if="!row.wide" class="was figure">
                        <s v-if="row.was" :aria-label="`was ${row.was}`">{{ row.was }}</s>
                    </td>
                    <td class="figure" :colspan="row.wide ? 2 : 1" :data-row="row.key">{{ row.now }}</td>
                </tr>
                <tr v-if="open === row.key" class="opened">
                    <td colspan="3"><WhyLines :lines="why?.[row.key] ?? []" /></td>
                </tr>
            </template>
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
    padding: 0;
}
th :deep(.ant-btn) {
    height: auto;
    padding: 2px 0;
    text-align: left;
    color: inherit;
    font-weight: inherit;
    text-decoration: none !important;
    border: 0;
    border-bottom: 1px dotted var(--pencil);
    cursor: help;
}
th :deep(.ant-btn:hover),
th :deep(.ant-btn[aria-expanded='true']) {
    color: var(--clean);
    border-bottom-color: var(--clean);
}
td {
    text-align: right;
    font-size: 13px;
    padding: 2px 0 2px 4px;
}
tr + tr > * {
    border-top: 1px solid var(--line);
}
.strong td:last-child {
    white-space: nowrap;
    font-size: 16px;
    font-weight: 700;
}
.strong th {
    color: var(--ink);
    font-weight: 700;
}
.wide th,
.wide :deep(.ant-btn) {
    white-space: normal;
    text-align: left;
}
.was {
    color: var(--pencil);
    font-size: 11px;
}
.opened > td {
    text-align: left;
    white-space: normal;
    padding: 0 0 4px;
}
</style>
