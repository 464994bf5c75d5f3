<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { Choices } from '../../api/client';
import NoticeBar from '../../ui/NoticeBar.vue';
import UndoButtons from '../../ui/UndoButtons.vue';
import ViewTabs from '../../ui/ViewTabs.vue';
import { useLedger, useWork } from '../work/useWork';
import AirView from './AirView.vue';
import ChoicePanel from './ChoicePanel.vue';
import CompareView from './CompareView.vue';
import CurvesView from './CurvesView.vue';
import PartTray from './PartTray.vue';
import { pin } from './pinned';
import StandsView from './StandsView.vue';
import UnitView from './UnitView.vue';
import { useTray } from './useTray';
import VersionsView from './VersionsView.vue';

const { draft, bench, history, saved } = useWork();
const ledger = useLedger();

const VIEWS = { unit: 'Drawing', curves: 'Curves', air: 'Air', stands: 'In the room', compare: 'Compare', versions: 'Versions' };
const view = ref<keyof typeof VIEWS>('unit');
/** Whether the view shows the unit itself, whose parts are changed there; the others show it beside what it is held against. */
const isMade = computed(() => view.value === 'unit' || view.value === 'curves');
const tray = useTray(isMade);
const { open } = tray;

const faults = computed(() => Object.entries(bench.errors.value).flatMap(([field, said]) => (field.startsWith('unit.') ? said : [])));
const newer = computed(() => (draft.keepFigures ? (saved.data.value?.newer ?? []) : []));

/** A version goes beside what is on the bench, and is shown there. */
function compareWith(version: Choices): void {
    pin(draft, version);
    view.value = 'compare';
}
</script>

<template>
    <section class="bench" aria-label="The build">
        <ViewTabs class="mat" :views="VIEWS" label="View of the bench" :view="view" @view="(next) => (view = next)">
            <UndoButtons
                :can-undo="history.canUndo.value"
                :can-redo="history.canRedo.value"
                @undo="history.undo()"
                @redo="history.redo()"
            />
        </ViewTabs>
        <div class="middle mat" :class="{ choosing: open }">
            <CompareView v-if="view === 'compare'" class="unit" />
            <StandsView v-else-if="view === 'stands'" class="unit" />
            <AirView v-else-if="view === 'air' && bench.question.value" class="unit" :question="bench.question.value" />
            <VersionsView v-else-if="view === 'versions'" class="unit" @compare="compareWith" />
            <CurvesView v-else-if="view === 'curves'" class="unit" />
            <UnitView v-else-if="ledger.unit" class="unit" :picked="open" @pick="tray.pick" />
            <NoticeBar v-if="faults.length" class="told fault" kind="error">
                <b>This does not fit.</b>
                <p v-for="fault in faults" :key="fault">{{ fault }}</p>
                <p class="stays">Drawing and figures still show the last build that fitted.</p>
            </NoticeBar>
            <NoticeBar v-else-if="view === 'unit' && newer.length" class="told">
                Calculated with the figures of the saved version. There are newer figures for {{ newer.join(', ') }}.
                <Button type="link" size="small" @click="draft.keepFigures = false">Use the newer figures</Button>
            </NoticeBar>
            <ChoicePanel v-if="open" :tray="tray" />
        </div>
        <PartTray v-if="isMade" :catalogue="tray.catalogue.value" :open="open" @open="tray.toggle" />
    </section>
</template>

<style scoped>
.bench {
    display: grid;
    grid-template-rows: auto 1fr auto;
    grid-template-columns: minmax(0, 1fr);
    min-height: 0;
}
.middle {
    position: relative;
    min-height: 0;
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    overflow: hidden;
}
.unit {
    grid-area: 1 / 1;
}
.choosing .unit {
    margin-left: min(400px, 50%);
    width: auto;
}
.told {
    position: absolute;
    right: 10px;
    bottom: 10px;
    max-width: 400px;
    z-index: 4;
}
.fault {
    z-index: 1100;
}
.stays {
    color: var(--pencil);
}
@media (max-width: 900px) {
    .choosing .unit {
        margin-left: 0;
    }
    .middle {
        min-height: 380px;
    }
    .told {
        position: static;
        max-width: none;
    }
}
</style>
