<script setup lang="ts">
import { computed, ref } from 'vue';
import NoticeBar from '../../ui/NoticeBar.vue';
import PageGate from '../../ui/PageGate.vue';
import ViewTabs from '../../ui/ViewTabs.vue';
import { useVersion } from '../work/queries';
import { useWork } from '../work/useWork';
import CutView from './CutView.vue';
import InsteadList from './InsteadList.vue';
import KitList from './KitList.vue';
import PrintView from './PrintView.vue';
import { useCutPlan } from './queries';
import SizesView from './SizesView.vue';

/** What the saved version is bought and cut from. */
const props = defineProps<{ version: number }>();
const { drafting, currency, mayBuild } = useWork();
const saved = useVersion(() => props.version);
const plan = useCutPlan(() => props.version);

type View = 'cut' | 'sizes' | 'buy' | 'print';
const view = ref<View>('cut');
const views = computed<Record<View, string>>(() => ({
    cut: 'Cut',
    sizes: plan.data.value?.is_measured ? 'Sizes ✓' : 'Sizes to measure',
    buy: 'Buy',
    print: 'Print',
}));
const isChanged = computed(() => drafting.roomChanged.value || drafting.buildChanged.value);
const told = computed(() => {
    const now = plan.data.value;
    if (!now || !now.sheets.length) return '';
    const bought = now.sheets.filter((sheet) => sheet.bought).length;
    const sheets = now.sheets.length === 1 ? 'one sheet' : `${now.sheets.length} sheets`;
    const least = now.sheets.length > now.bound ? `, ${now.bound} at the least` : ', fewer cannot do';
    return `${sheets}, ${bought ? `${bought} to buy` : 'none to buy'}${least} · ${Math.round(100 * now.used_share)} % used`;
});
</script>

<template>
    <section class="stage" aria-label="Kit">
        <PageGate :asked="[saved, plan]">
            <header>
                <h2>Kit</h2>
                <p>
                    {{ saved.data.value!.ledger.unit?.summary }} · version {{ saved.data.value!.version.number }} ·
                    <b>make {{ saved.data.value!.version.units }}</b>
                    <template v-if="told"> · {{ told }}</template>
                </p>
            </header>
            <NoticeBar v-if="isChanged" kind="warning">This is the saved version. Changes made since are not in it.</NoticeBar>
            <NoticeBar v-if="plan.data.value!.misfit" kind="error"
                >The sizes measured since do not go together in this build. {{ plan.data.value!.misfit }} It is cut by those it was saved
                with.</NoticeBar
            >
            <ViewTabs :views="views" :view="view" label="Parts of the kit" @view="(next) => (view = next)" />
            <div class="view">
                <CutView
                    v-if="view === 'cut'"
                    :version="version"
                    :plan="plan.data.value!"
                    :drawing="saved.data.value!.ledger.unit?.drawing"
                    :may-change="mayBuild"
                />
                <SizesView v-else-if="view === 'sizes'" :version="version" :plan="plan.data.value!" :may-change="mayBuild" />
                <div v-else-if="view === 'buy'" class="buy">
                    <KitList :version="version" :currency="currency" :may-change="mayBuild" />
                    <InsteadList :plan="plan.data.value!" :currency="currency" />
                </div>
                <PrintView v-else :version="version" :plan="plan.data.value!" />
            </div>
        </PageGate>
    </section>
</template>

<style scoped>
.stage {
    display: grid;
    grid-template-rows: auto auto minmax(0, 1fr);
    gap: 6px;
    padding: 12px 16px 14px;
    background: var(--paper);
    overflow: hidden;
}
.stage:has(> .notice) {
    grid-template-rows: auto auto auto minmax(0, 1fr);
}
.stage:has(> .notice + .notice) {
    grid-template-rows: auto auto auto auto minmax(0, 1fr);
}
h2 {
    font-size: 22px;
}
header p {
    margin: 0;
    font-size: 15px;
}
.view {
    min-height: 0;
    display: grid;
}
.view > * {
    min-height: 0;
}
.buy {
    overflow-y: auto;
    padding: 14px 16px;
    background: var(--sheet);
    border: 1px solid var(--line);
}
@media (max-width: 900px) {
    .stage {
        overflow: visible;
    }
}
</style>
