<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import type { Find, Found } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import DataTable, { type Column } from '../../ui/DataTable.vue';
import { useWork } from '../work/useWork';

/** All best builds as a table, sorted by any measure and narrowed down by shape. */
const props = defineProps<{ builds: Found[]; axes: Find['axes']; currency: string }>();
const emit = defineEmits<{ take: [build: Found]; light: [code: string] }>();
const { show } = useMeasure();

const PER_PAGE = 12;
const best = (key: string) => (a: Found, b: Found) => (b.places[key] ?? 0) - (a.places[key] ?? 0);
const SHOWN: Record<Find['axes'][number]['key'], (build: Found) => string> = {
    cost: (build) => `${props.currency} ${build.total_cost}`,
    level: (build) => show(build.level),
    share: (build) => show(build.output),
    footprint: (build) => show(build.footprint),
    power: (build) => show(build.power),
    minutes: (build) => show(build.minutes),
};
type Measured = keyof typeof SHOWN;
const { catalogue } = useWork();
const shapes = computed(() => {
    const found = new Set(props.builds.map(({ choices }) => choices.shape));
    return (catalogue.data.value?.shapes ?? []).filter(({ id }) => found.has(id)).map(({ id, name }) => ({ value: id, text: name }));
});
const columns = computed<Column<Found, Measured | 'title' | 'take'>[]>(() => [
    {
        key: 'title',
        title: 'Build',
        width: 260,
        filters: shapes.value,
        onFilter: (value: string | number | boolean, build: Found) => build.choices.shape === value,
    },
    ...props.axes.map(({ key, name }) => ({ key, title: name, align: 'right' as const, sorter: best(key), showSorterTooltip: false })),
    { key: 'take', title: '', width: 120 },
]);
</script>

<template>
    <DataTable
        class="builds"
        :columns="columns"
        :rows="builds"
        :row-key="(build) => build.code"
        :width="760"
        :per-page="PER_PAGE"
        :on-row="(build) => ({ onMouseenter: () => emit('light', build.code), onMouseleave: () => emit('light', '') })"
    >
        <template #cell="{ column, row }">
            <template v-if="column === 'title'">
                <b>{{ row.title }}</b>
                <small>{{ row.parts }}{{ row.filters_last ? `; filters last ${row.filters_last}` : '' }}; {{ row.stands }}</small>
            </template>
            <Button v-else-if="column === 'take'" size="small" @click="emit('take', row)">
                Use<span class="visually-hidden"> this build: {{ row.title }}, {{ row.parts }}</span>
            </Button>
            <span v-else class="figure">{{ SHOWN[column](row) }}</span>
        </template>
    </DataTable>
</template>

<style scoped>
.builds {
    background: var(--sheet);
    border: 1px solid var(--line);
}
small {
    display: block;
    color: var(--pencil);
    font-size: 13px;
}
.figure {
    font-size: 13px;
    white-space: nowrap;
}
</style>
