<script setup lang="ts">
import { Button, Checkbox, message, Popconfirm } from 'ant-design-vue';
import { computed, onMounted, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { useBookBought, useShopping } from '../features/kit/queries';
import ShopLines from '../features/kit/ShopLines.vue';
import { useTicks } from '../features/kit/useTicks';
import ProgrammeNav from '../features/programme/ProgrammeNav.vue';
import { useProgramme } from '../features/programme/queries';
import { useMeasure } from '../session/useMeasure';
import { keepPage } from '../store/away';
import FoldAway from '../ui/FoldAway.vue';
import NoticeBar from '../ui/NoticeBar.vue';
import PageGate from '../ui/PageGate.vue';

/** The one list for all rooms, or some: for the desk, and for the phone in the shop, with a network or without. */
const route = useRoute();
const id = Number(route.params.programme);
const programme = useProgramme(id);
const { show } = useMeasure();
/** Numbers of the rooms that are left out. */
const without = ref<number[]>([]);
const all = ref<{ id: number; name: string; site: string; build: string; units: number }[]>([]);
const rooms = computed(() =>
    without.value.length ? all.value.flatMap((room) => (without.value.includes(room.id) ? [] : [room.id])).join(',') : '',
);
const shopping = useShopping(id, rooms);
watch(
    () => shopping.data.value,
    (list) => {
        if (list && !rooms.value) all.value = list.rooms;
    },
    { immediate: true },
);
const ticks = useTicks(id, shopping.data, () => shopping.refetch());
const booking = useBookBought(id, rooms);
const mayChange = computed(() => programme.data.value !== undefined && programme.data.value.role !== 'reader');
const currency = computed(() => programme.data.value?.currency ?? '');
const count = computed(() => ticks.lines.value.filter((line) => line.packs).length);
const ticked = computed(() => ticks.lines.value.filter((line) => line.packs && line.ticked).length);
const query = computed(() => (rooms.value ? `?rooms=${rooms.value}` : ''));

function choose(room: number, isChosen: boolean): void {
    const next = isChosen ? without.value.filter((one) => one !== room) : [...without.value, room];
    if (next.length < all.value.length) without.value = next;
}
/** Back to the rooms that the list on the screen is for. */
function cancel(): void {
    const shown = shopping.data.value?.rooms.map((room) => room.id) ?? [];
    without.value = all.value.flatMap((room) => (shown.includes(room.id) ? [] : [room.id]));
}
async function book(): Promise<void> {
    if (await booking.run()) void message.success('All that was ticked is in stock');
}
onMounted(() =>
    watch(
        () => shopping.isSuccess.value && programme.isSuccess.value,
        (isThere) => isThere && void keepPage(),
        { immediate: true },
    ),
);
</script>

<template>
    <main class="shop">
        <PageGate :asked="[programme, shopping]">
            <Teleport to="#where"><ProgrammeNav :programme="programme.data.value!" /></Teleport>
            <div class="list">
                <header>
                    <h1>Shopping list</h1>
                    <p>
                        <b class="figure">{{ currency }} {{ shopping.data.value!.to_buy }}</b> to buy · {{ ticked }} of {{ count }} ticked
                        off
                    </p>
                </header>
                <NoticeBar v-if="ticks.isWaiting.value" kind="warning"
                    >No network: your ticks are kept on this phone and sent as soon as there is one.</NoticeBar
                >
                <NoticeBar v-if="shopping.isPlaceholderData.value"
                    >Laying out what is cut for {{ all.length - without.length }} rooms: {{ Math.round(100 * shopping.share.value) }} %.
                    <template #actions><Button size="small" @click="cancel">Cancel</Button></template>
                </NoticeBar>
                <NoticeBar v-if="shopping.data.value!.misfits.length" kind="warning">
                    <FoldAway :title="`Sizes measured since do not go together: ${shopping.data.value!.misfits.length} of the builds`">
                        They are cut by the sizes they were saved with.
                        <ul>
                            <li v-for="one in shopping.data.value!.misfits" :key="one">{{ one }}</li>
                        </ul>
                    </FoldAway>
                </NoticeBar>
                <NoticeBar v-if="shopping.data.value!.beyond" kind="warning"
                    >{{ shopping.data.value!.beyond }} rooms more are not on this list: it is made for
                    {{ shopping.data.value!.rooms.length }} at the most.</NoticeBar
                >
                <p v-if="!shopping.data.value!.lines.length">No room has a build yet. Save one, and what it takes stands here.</p>
                <ShopLines :lines="ticks.lines.value" :currency="currency" :may-tick="mayChange" @tick="ticks.tick" />
            </div>
            <aside>
                <section>
                    <h2>For these rooms</h2>
                    <Checkbox
                        v-for="room in all"
                        :key="room.id"
                        :checked="!without.includes(room.id)"
                        @change="(event) => choose(room.id, event.target.checked)"
                    >
                        <b>{{ room.name }}</b>, {{ room.units }} × {{ room.build }}
                    </Checkbox>
                </section>
                <section>
                    <h2>What it comes to</h2>
                    <dl>
                        <dt>First cost</dt>
                        <dd class="figure">{{ currency }} {{ shopping.data.value!.to_buy }}</dd>
                        <dt>Each change of filters</dt>
                        <dd class="figure">{{ currency }} {{ shopping.data.value!.per_change }}</dd>
                        <dt>Energy, {{ shopping.data.value!.years }}</dt>
                        <dd class="figure">{{ currency }} {{ shopping.data.value!.energy }}</dd>
                        <dt>All, {{ shopping.data.value!.years }} and {{ shopping.data.value!.changes }} changes</dt>
                        <dd class="figure">{{ currency }} {{ shopping.data.value!.total }}</dd>
                        <template v-if="shopping.data.value!.per_clean_air.imperial">
                            <dt>For its clean air</dt>
                            <dd class="figure">{{ currency }} {{ show(shopping.data.value!.per_clean_air) }}</dd>
                        </template>
                        <dt>Sheets to cut from</dt>
                        <dd class="figure">
                            {{ shopping.data.value!.sheets }}, {{ Math.round(100 * shopping.data.value!.used_share) }} % used
                        </dd>
                    </dl>
                </section>
                <section class="acts">
                    <Popconfirm
                        v-if="mayChange"
                        title="Bring all that is ticked to stock and clear the ticks?"
                        ok-text="To stock"
                        @confirm="book"
                    >
                        <Button type="primary" :disabled="!ticked || ticks.isWaiting.value" :loading="booking.busy.value"
                            >Ticked to stock</Button
                        >
                    </Popconfirm>
                    <Button :href="`/api/v1/programmes/${id}/shopping.pdf${query}`" target="_blank" rel="noopener">PDF</Button>
                    <Button :href="`/api/v1/programmes/${id}/shopping.csv${query}`">CSV</Button>
                </section>
            </aside>
        </PageGate>
    </main>
</template>

<style scoped>
.shop {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 340px;
    gap: 18px 26px;
    width: 100%;
    max-width: 1240px;
    margin: 0 auto;
    padding: 18px 22px 30px;
    align-items: start;
}
.list {
    display: grid;
    gap: 10px;
}
header {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 2px 16px;
}
h1 {
    font-size: 24px;
}
h2 {
    font-size: 16px;
    margin-bottom: 4px;
}
aside {
    display: grid;
    gap: 18px;
    padding: 14px 16px;
    background: var(--sheet);
    border: 1px solid var(--line);
}
section {
    display: grid;
    gap: 2px;
}
section :deep(.ant-checkbox-wrapper) {
    margin: 0;
    padding: 4px 0;
    font-size: 15px;
}
ul {
    margin: 4px 0 0;
    padding-left: 18px;
}
dl {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 4px 12px;
    margin: 0;
    font-size: 15px;
}
dd {
    margin: 0;
    font-size: 14px;
    text-align: right;
}
.acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
}
@media (max-width: 900px) {
    .shop {
        grid-template-columns: minmax(0, 1fr);
        padding: 12px 12px 24px;
    }
}
</style>
