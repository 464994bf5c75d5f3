<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query';
import { Button } from 'ant-design-vue';
import { answer, api } from '../../api/client';
import { useKit } from '../../api/queries';
import { useSaved } from '../../composables/useSaved';
import AwayNotice from '../AwayNotice.vue';

const props = defineProps<{ version: number; currency: string; mayChange: boolean }>();
const kit = useKit(() => props.version);
const client = useQueryClient();
const saving = useSaved();
const { busy, message, errors } = saving;

const pieces = (count: number): string => (count === 1 ? '1 piece' : `${count} pieces`);
const shelf = (line: { fromShelf: number; needed: number; free: number }): string =>
    [
        line.fromShelf > 0 ? `${line.fromShelf} from stock` : '',
        line.fromShelf < line.needed && line.free > 0 ? `${line.free} free in stock` : '',
    ]
        .filter(Boolean)
        .join(', ');

async function move(how: 'reserved' | 'used' | 'returned'): Promise<void> {
    const moved = await saving.save(
        () => answer(api.POST('/versions/{version}/kit', { params: { path: { version: props.version } }, body: { move: how } })),
        '',
    );
    if (moved) client.setQueryData(['stock', 'kit', props.version], moved);
    // Somebody else may have taken it meanwhile: then the list is another.
    else await kit.refetch();
    await Promise.all(['stock', 'find'].map((key) => client.invalidateQueries({ queryKey: [key], refetchType: 'none' })));
}
</script>

<template>
    <AwayNotice v-if="kit.error.value && !kit.data.value" :fault="kit.error.value" @retry="kit.refetch()" />
    <div v-else-if="kit.data.value" class="kit">
        <table>
            <tbody>
                <tr v-for="(line, place) in kit.data.value.lines" :key="place">
                    <td class="figure many">{{ line.needed }}</td>
                    <td>
                        <b>{{ line.name }}</b>
                        <small v-if="shelf(line)" class="shelf">{{ shelf(line) }}</small>
                        <small>
                            <template v-if="line.packs"
                                >{{ line.packs }}{{ line.leftOver ? `, ${line.leftOver} left over` : '' }}. </template
                            >{{ line.note }}
                        </small>
                    </td>
                    <td class="figure price">{{ line.packs ? `${currency} ${line.price}` : '–' }}</td>
                </tr>
                <tr class="sum">
                    <td></td>
                    <td>To buy</td>
                    <td class="figure price">{{ currency }} {{ kit.data.value.toBuy }}</td>
                </tr>
            </tbody>
        </table>
        <div v-if="mayChange && (kit.data.value.wanted || kit.data.value.reserved)" class="moves">
            <Button v-if="kit.data.value.wanted" :loading="busy" type="primary" @click="move('reserved')">
                Reserve {{ pieces(kit.data.value.wanted) }} from stock
            </Button>
            <template v-if="kit.data.value.reserved">
                <Button :disabled="busy" @click="move('used')">Mark {{ pieces(kit.data.value.reserved) }} as used</Button>
                <Button :disabled="busy" type="text" @click="move('returned')">Release</Button>
            </template>
        </div>
        <p v-if="message || errors.move" class="refused" role="alert">{{ message || errors.move?.[0] }}</p>
    </div>
</template>

<style scoped>
.kit {
    display: grid;
    gap: 10px;
}
table {
    width: 100%;
    border-collapse: collapse;
    font-size: 15px;
}
td {
    padding: 5px 8px 5px 0;
    border-bottom: 1px solid var(--line);
    vertical-align: top;
    line-height: 1.25;
}
.many {
    font-weight: 700;
    text-align: right;
    width: 2em;
}
.price {
    text-align: right;
    font-size: 13px;
    white-space: nowrap;
    padding-right: 0;
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
.sum td {
    border-bottom: 0;
    font-weight: 700;
}
.moves {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
}
.refused {
    padding: 6px 12px;
    border-left: 5px solid var(--short);
    background: var(--short-soft);
}
</style>
