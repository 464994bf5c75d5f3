<script setup lang="ts">
import { Empty, message } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import type { StockMovement } from '../api/client';
import { useParts } from '../features/parts/queries';
import ProgrammeNav from '../features/programme/ProgrammeNav.vue';
import { useProgramme } from '../features/programme/queries';
import MovementTable from '../features/stock/MovementTable.vue';
import { MOVED } from '../features/stock/moved';
import { useBuildSearch, useEarlierMovements, useMoveStock, useStock } from '../features/stock/queries';
import ShelfBin from '../features/stock/ShelfBin.vue';
import { SHELVES } from '../features/stock/shelves';
import StockForm from '../features/stock/StockForm.vue';
import PageGate from '../ui/PageGate.vue';

const route = useRoute();
const id = computed(() => Number(route.params.programme));
const programme = useProgramme(id);
const parts = useParts(id);
const stock = useStock(id);
const earlier = useEarlierMovements(id, () => stock.data.value?.latest);
const movements = computed(() => [
    ...(stock.data.value?.latest.movements ?? []),
    ...(earlier.data.value?.pages.flatMap((page) => page.movements) ?? []),
]);
const hasEarlier = computed(() => (earlier.data.value ? earlier.hasNextPage.value : (stock.data.value?.latest.has_earlier ?? false)));
const sought = ref('');
const found = useBuildSearch(id, sought);
const builds = computed(() => (sought.value.trim() !== '' && found.data.value) || (stock.data.value?.builds ?? []));
const moving = useMoveStock(id);
const mayChange = computed(() => programme.data.value?.role !== 'reader');
const picked = ref('');
const written = ref(0);

const shelves = computed(() =>
    SHELVES.map((shelf) => ({ ...shelf, lines: (stock.data.value?.lines ?? []).filter((line) => line.kind === shelf.kind) })).filter(
        (shelf) => shelf.lines.length > 0,
    ),
);

async function move(movement: StockMovement): Promise<void> {
    if (!(await moving.run(movement))) return;
    written.value++;
    void message.success(`${movement.pieces} ${MOVED[movement.move]}`);
}
</script>

<template>
    <main class="stock">
        <PageGate :asked="[stock, parts, programme]">
            <Teleport to="#where">
                <ProgrammeNav :programme="programme.data.value!" />
            </Teleport>
            <StockForm
                v-if="mayChange"
                :parts="parts.data.value!"
                :builds="builds"
                :has-more-builds="stock.data.value!.has_more_builds"
                :part="picked"
                :errors="moving.errors.value"
                :message="moving.message.value"
                :busy="moving.busy.value"
                :written="written"
                @search="(words) => (sought = words)"
                @move="move"
            />
            <div class="shelves" tabindex="0" role="region" aria-label="In stock">
                <h1>In stock</h1>
                <Empty
                    v-if="shelves.length === 0"
                    description="Nothing in stock. Add what you buy: the finder and the shopping lists take it into account."
                />
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
                <section v-if="movements.length" aria-label="Recent movements">
                    <h2>Recent movements</h2>
                    <MovementTable
                        :movements="movements"
                        :has-earlier="hasEarlier"
                        :busy="earlier.isFetching.value"
                        @earlier="earlier.fetchNextPage()"
                    />
                </section>
            </div>
        </PageGate>
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
@media (max-width: 900px) {
    .stock {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
