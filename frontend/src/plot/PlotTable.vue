<script setup lang="ts">
import { computed } from 'vue';
import DataTable from '../ui/DataTable.vue';
import { figure } from './option';
import type { Line, Plot } from './plot';

/** A plot as numbers: points of each line, evenly along it. */
const props = defineProps<{ plot: Plot; lines: Line[]; measure: 'imperial' | 'metric' }>();

/** Points of a line that are listed, about. */
const LISTED = 12;
interface Row {
    key: string;
    name: string;
    across: string;
    up: string;
}
const unit = (axis: 'across' | 'up'): string => `${props.plot[axis].name}, ${props.plot[axis].unit[props.measure]}`;
const rows = computed<Row[]>(() =>
    props.lines.flatMap((line) => {
        const points = line.line[props.measure];
        const every = Math.max(1, Math.round(points.length / LISTED));
        return points.flatMap(([x, y], index) =>
            index % every === 0 || index === points.length - 1
                ? [
                      {
                          key: `${line.key} ${index}`,
                          name: line.name,
                          across: figure(x ?? 0, props.plot.across[props.measure]),
                          up: figure(y ?? 0, props.plot.up[props.measure]),
                      },
                  ]
                : [],
        );
    }),
);
const columns = computed(() => [
    {
        key: 'name' as const,
        title: 'Line',
        filters: [...new Set(props.lines.map(({ name }) => name))].map((value) => ({ value, text: value })),
        onFilter: (value: string | number | boolean, row: Row) => row.name === value,
    },
    { key: 'across' as const, title: unit('across'), align: 'right' as const },
    { key: 'up' as const, title: unit('up'), align: 'right' as const },
]);
</script>

<template>
    <DataTable :columns="columns" :rows="rows" :row-key="(row) => row.key">
        <template #cell="{ column, row }">
            <span :class="{ figure: column !== 'name' }">{{ row[column] }}</span>
        </template>
    </DataTable>
</template>
