<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import { answer, api, type Stock, type StockMovement } from '../api/client';
import { useParts, useProgramme, useStock } from '../api/queries';
import AwayNotice from '../components/AwayNotice.vue';
import ProgrammeNav from '../components/ProgrammeNav.vue';
import ShelfBin from '../components/stock/ShelfBin.vue';
import StockForm from '../components/stock/StockForm.vue';
import { useSaved } from '../composables/useSaved';

const route = useRoute();
const client = useQueryClient();
const id = computed(() => Number(route.params.programme));
const programme = useProgramme(id);
const parts = useParts(id);
const stock = useStock(id);
const saving = useSaved();
const { errors, message, done, busy } = saving;
const mayChange = computed(() => programme.data.value?.role !== 'reader');
const picked = ref('');

const SHELVES: { kind: Stock['lines'][number]['kind']; name: string }[] = [
    { kind: 'fan', name: 'Fans' },
    { kind: 'filter', name: 'Filters' },
    { kind: 'material', name: 'Sheets, tapes, hardware' },
];
const shelves = computed(() =>
    SHELVES.map((shelf) => ({ ...shelf, lines: (stock.data.value?.lines ?? []).filter((line) => line.kind === shelf.kind) })).filter(
        (shelf) => shelf.lines.length > 0,
    ),
);
const SAID: Record<StockMovement['move'], string> = { bought: 'bought', reserved: 'reserved', used: 'used', returned: 'returned' };

async function move(movement: StockMovement): Promise<void> {
    saving.forget();
    const kept = await saving.save(
        () => answer(api.POST('/programmes/{programme}/stock', { params: { path: { programme: id.value } }, body: movement })),
        `${movement.pieces} ${SAID[movement.move]}`,
    );
    if (!kept) return;
    client.setQueryData(['stock', id.value], kept);
    await client.invalidateQueries({ queryKey: ['find'] });
}

const day = (at: string): string => new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
</script>

<template>
    <main class="stock">
        <AwayNotice
            v-if="stock.error.value ?? parts.error.value"
            :fault="(stock.error.value ?? parts.error.value)!"
            @retry="stock.refetch()"
        />
        <template v-else-if="stock.data.value && parts.data.value && programme.data.value">
            <Teleport to="#where">
                <ProgrammeNav :programme="programme.data.value" />
            </Teleport>
            <StockForm
                v-if="mayChange"
                :parts="parts.data.value"
                :builds="stock.data.value.builds"
                :part="picked"
                :errors="errors"
                :message="message"
                :done="done"
                :busy="busy"
                @move="move"
            />
            <div class="shelves" tabindex="0" role="region" aria-label="In stock">
                <h1>In stock</h1>
                <p v-if="shelves.length === 0" class="empty">
                    Nothing in stock. Add what you buy: the finder and the shopping lists take it into account.
                </p>
                <section v-for="shelf in shelves" :key="shelf.kind" :aria-label="shelf.name">
                    <h2>{{ shelf.name }}</h2>
                    <div class="bins">
                        <ShelfBin
                            v-for="line in shelf.lines"
                            :key="line.code"
                            :line="line"
                            :picked="picked === `${line.kind} ${line.code}`"
                            @pick="picked = `${line.kind} ${line.code}`"
                        />
                    </div>
                </section>
                <section v-if="stock.data.value.movements.length" aria-label="Recent movements">
                    <h2>Recent movements</h2>
                    <ol>
                        <li v-for="one in stock.data.value.movements" :key="one.id">
                            <time class="figure" :datetime="one.at">{{ day(one.at) }}</time>
                            <b class="figure">{{ one.pieces }}</b>
                            <span>
                                {{ SAID[one.move] }} · {{ one.name }}<template v-if="one.build"> · {{ one.build }}</template>
                                <small v-if="one.note || one.person">{{ [one.note, one.person].filter(Boolean).join(' · ') }}</small>
                            </span>
                        </li>
                    </ol>
                </section>
            </div>
        </template>
    </main>
</template>

<style scoped>
.stock {
    flex: 1;
    min-height: 0;
    display: grid;
    grid-template-columns: 340px minmax(0, 1fr);
}
.stock > :only-child {
    grid-column: 1 / -1;
}
@media (min-width: 901px) {
    .stock {
        height: calc(100vh - 53px);
        flex: none;
    }
}
.shelves {
    padding: 18px 22px 30px;
    overflow-y: auto;
    background: var(--mat);
}
h1 {
    font-size: 22px;
}
h2 {
    margin: 16px 0 8px;
    font-size: 17px;
}
.bins {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
    gap: 12px;
    padding-bottom: 8px;
    border-bottom: 5px solid var(--kraft-edge);
}
.empty {
    max-width: 34em;
    margin-top: 10px;
}
ol {
    margin: 0;
    padding: 0;
    list-style: none;
    background: var(--sheet);
    border: 1px solid var(--line);
}
li {
    display: grid;
    grid-template-columns: 110px 40px 1fr;
    gap: 8px;
    padding: 5px 12px;
    border-bottom: 1px solid var(--line);
}
li b {
    text-align: right;
}
small {
    display: block;
}
time,
small {
    font-size: 13px;
    color: var(--pencil);
}
@media (max-width: 900px) {
    .stock {
        grid-template-columns: minmax(0, 1fr);
    }
    li {
        grid-template-columns: 92px 30px 1fr;
    }
}
</style>
