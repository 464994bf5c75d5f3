<script setup lang="ts" generic="R extends object, K extends string">
import { Table } from 'ant-design-vue';
import type { ColumnType } from 'ant-design-vue/es/table';
import { onMounted, onUpdated, ref } from 'vue';

/** Rows in columns; sorted, narrowed down and turned over where a column or their number asks for it. */
export type Column<Row, Key extends string> = Omit<ColumnType<Row>, 'key'> & { key: Key };

withDefaults(
    defineProps<{
        columns: Column<R, K>[];
        rows: R[];
        rowKey: (row: R) => string | number;
        perPage?: number;
        /** It scrolls sideways where there is less room, px. */
        width?: number;
        rowClass?: (row: R) => string;
        onRow?: (row: R) => Record<string, unknown>;
    }>(),
    { perPage: 0, width: 0, rowClass: () => '', onRow: () => ({}) },
);
/** The arrows of a sorted column are decoration; their names would be read as words of its title. */
const host = ref<{ $el: HTMLElement }>();
function quieten(): void {
    for (const icon of host.value?.$el.querySelectorAll('.ant-table-column-sorter [aria-label]') ?? []) icon.removeAttribute('aria-label');
}
onMounted(quieten);
onUpdated(quieten);
defineSlots<{ cell(props: { column: K; row: R; index: number }): unknown; summary?(): unknown }>();
</script>

<template>
    <Table
        ref="host"
        size="small"
        :columns="columns"
        :data-source="rows"
        :row-key="rowKey"
        :row-class-name="rowClass"
        :custom-row="onRow"
        :pagination="perPage > 0 ? { pageSize: perPage, size: 'small', showSizeChanger: false, hideOnSinglePage: true } : false"
        :scroll="width > 0 ? { x: width } : {}"
    >
        <template #bodyCell="{ column, record, index }">
            <slot name="cell" :column="column.key as K" :row="record as R" :index="index" />
        </template>
        <template v-if="$slots.summary" #summary><slot name="summary" /></template>
    </Table>
</template>
