<script setup lang="ts">
import { Button, Skeleton, TableSummary, TableSummaryCell, TableSummaryRow } from 'ant-design-vue';
import { computed } from 'vue';
import type { Kit } from '../../api/client';
import AwayNotice from '../../ui/AwayNotice.vue';
import DataTable, { type Column } from '../../ui/DataTable.vue';
import NoticeBar from '../../ui/NoticeBar.vue';
import { useKit, useMoveKit, type KitMove } from './queries';

/** What a version takes: what of it is in stock, what is to be bought, and reserving it. */
const props = defineProps<{ version: number; currency: string; mayChange: boolean }>();
const kit = useKit(() => props.version);
const moving = useMoveKit(() => props.version);
const fault = computed(() => moving.message.value || moving.errors.value.move?.[0]);

type Line = Kit['lines'][number];
const COLUMNS: Column<Line, 'needed' | 'name' | 'price'>[] = [
    { key: 'needed', title: '', width: 44, align: 'right' },
    { key: 'name', title: 'Part' },
    { key: 'price', title: 'Price', width: 110, align: 'right' },
];
const pieces = (count: number): string => (count === 1 ? '1 piece' : `${count} pieces`);
const stock = ({ from_shelf, needed, free }: Line): string =>
    [from_shelf > 0 ? `${from_shelf} from stock` : '', from_shelf < needed && free > 0 ? `${free} free in stock` : '']
        .filter(Boolean)
        .join(', ');

async function move(how: KitMove): Promise<void> {
    // Somebody else may have taken it meanwhile: then the list is another.
    if (!(await moving.run(how))) await kit.refetch();
}
</script>

<template>
    <AwayNotice v-if="kit.error.value && !kit.data.value" :fault="kit.error.value" @retry="kit.refetch()" />
    <Skeleton v-else-if="!kit.data.value" active />
    <div v-else class="kit">
        <DataTable :columns="COLUMNS" :rows="kit.data.value.lines" :row-key="(line) => line.name + line.note">
            <template #cell="{ column, row: record }">
                <span v-if="column === 'needed'" class="figure many">{{ record.needed }}</span>
                <span v-else-if="column === 'price'" class="figure">{{ record.packs ? `${currency} ${record.price}` : '–' }}</span>
                <template v-else>
                    <b>{{ record.name }}</b>
                    <small v-if="stock(record)" class="shelf">{{ stock(record) }}</small>
                    <small>
                        <template v-if="record.packs"
                            >{{ record.packs }}{{ record.left_over ? `, ${record.left_over} left over` : '' }}. </template
                        >{{ record.note }}
                    </small>
                </template>
            </template>
            <template #summary>
                <TableSummary>
                    <TableSummaryRow>
                        <TableSummaryCell :index="0" />
                        <TableSummaryCell :index="1"><b>To buy</b></TableSummaryCell>
                        <TableSummaryCell :index="2" align="right">
                            <b class="figure">{{ currency }} {{ kit.data.value.to_buy }}</b>
                        </TableSummaryCell>
                    </TableSummaryRow>
                </TableSummary>
            </template>
        </DataTable>
        <div v-if="mayChange && (kit.data.value.wanted || kit.data.value.reserved)" class="moves">
            <Button v-if="kit.data.value.wanted" :loading="moving.busy.value" type="primary" @click="move('reserved')">
                Reserve {{ pieces(kit.data.value.wanted) }} from stock
            </Button>
            <template v-if="kit.data.value.reserved">
                <Button :disabled="moving.busy.value" @click="move('used')">Mark {{ pieces(kit.data.value.reserved) }} as used</Button>
                <Button :disabled="moving.busy.value" type="text" @click="move('returned')">Release</Button>
            </template>
        </div>
        <NoticeBar v-if="fault" kind="error">{{ fault }}</NoticeBar>
    </div>
</template>

<style scoped>
.kit {
    display: grid;
    gap: 10px;
}
.figure {
    font-size: 13px;
    white-space: nowrap;
}
.many {
    font-size: 15px;
    font-weight: 700;
}
small {
    display: block;
    color: var(--pencil);
    font-size: 13px;
}
.shelf {
    color: var(--clean);
    font-weight: 700;
}
.moves {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
}
</style>
