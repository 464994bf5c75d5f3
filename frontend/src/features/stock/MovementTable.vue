<script setup lang="ts">
import { Button } from 'ant-design-vue';
import type { Movement } from '../../api/client';
import DataTable, { type Column } from '../../ui/DataTable.vue';
import { MOVED } from './moved';

/** What came in and went out of stock, the latest first; sorted and narrowed down by its columns. */
defineProps<{ movements: Movement[]; hasEarlier: boolean; busy: boolean }>();
const emit = defineEmits<{ earlier: [] }>();

const COLUMNS: Column<Movement, 'at' | 'pieces' | 'move' | 'name'>[] = [
    { key: 'at', title: 'Day', width: 130, sorter: (a, b) => a.at.localeCompare(b.at) },
    { key: 'pieces', title: 'Pieces', dataIndex: 'pieces', width: 80, align: 'right' },
    {
        key: 'move',
        title: 'Movement',
        width: 120,
        filters: Object.entries(MOVED).map(([value, text]) => ({ value, text })),
        onFilter: (value, movement) => movement.move === value,
    },
    { key: 'name', title: 'Part', sorter: (a, b) => a.name.localeCompare(b.name) },
];
const SHOWN = 20;
const day = (at: string): string => new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
</script>

<template>
    <DataTable class="movements" :columns="COLUMNS" :rows="movements" :row-key="(one) => one.id" :width="480" :per-page="SHOWN">
        <template #cell="{ column, row: record }">
            <time v-if="column === 'at'" class="figure" :datetime="record.at">{{ day(record.at) }}</time>
            <b v-else-if="column === 'pieces'" class="figure">{{ record.pieces }}</b>
            <template v-else-if="column === 'move'">{{ MOVED[record.move] }}</template>
            <template v-else>
                {{ record.name }}<template v-if="record.build"> · {{ record.build }}</template>
                <small v-if="record.note || record.person">{{ [record.note, record.person].filter(Boolean).join(' · ') }}</small>
            </template>
        </template>
    </DataTable>
    <Button v-if="hasEarlier" class="earlier" :loading="busy" @click="emit('earlier')">Show earlier movements</Button>
</template>

<style scoped>
.movements {
    background: var(--sheet);
    border: 1px solid var(--line);
}

.earlier {
    margin-top: 10px;
}
small {
    display: block;
}
time,
small {
    font-size: 13px;
    color: var(--pencil);
}
</style>
