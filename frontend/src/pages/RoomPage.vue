<script setup lang="ts">
import { Button, Grid, Skeleton } from 'ant-design-vue';
import { computed, defineAsyncComponent, onMounted } from 'vue';
import LedgerPanel from '../features/ledger/LedgerPanel.vue';
import OvertakenNotice from '../features/work/OvertakenNotice.vue';
import SaveBar from '../features/work/SaveBar.vue';
import StageRail from '../features/work/StageRail.vue';
import { provideWork } from '../features/work/useWork';
import AwayNotice from '../ui/AwayNotice.vue';
import NoticeBar from '../ui/NoticeBar.vue';

/** Each stage comes when it is opened, and the others as soon as there is nothing else to do. */
const STAGES = {
    room: () => import('../features/room/RoomStage.vue'),
    target: () => import('../features/goal/GoalStage.vue'),
    find: () => import('../features/find/FindStage.vue'),
    build: () => import('../features/build/BenchStage.vue'),
    kit: () => import('../features/kit/KitStage.vue'),
    guide: () => import('../features/guide/GuideStage.vue'),
    sheet: () => import('../features/sheet/SheetStage.vue'),
    proof: () => import('../features/proof/ProofStage.vue'),
};
const RoomStage = defineAsyncComponent(STAGES.room);
const GoalStage = defineAsyncComponent(STAGES.target);
const FindStage = defineAsyncComponent(STAGES.find);
const BenchStage = defineAsyncComponent(STAGES.build);
const KitStage = defineAsyncComponent(STAGES.kit);
const GuideStage = defineAsyncComponent(STAGES.guide);
const SheetStage = defineAsyncComponent(STAGES.sheet);
const ProofStage = defineAsyncComponent(STAGES.proof);
const IDLE = 1500;
onMounted(() => setTimeout(() => Object.values(STAGES).forEach((load) => void load()), IDLE));

const { stage, stages, catalogue, room, programme, programmeId, draft, drafting, bench, versionId, fault, retry } = provideWork();
const { ready } = drafting;
const { ledger, away } = bench;
const name = computed(() => draft.entries.name || 'New room');
const screens = Grid.useBreakpoint();
</script>

<template>
    <main class="work">
        <AwayNotice v-if="fault" :fault="fault" @retry="retry" />
        <template v-else-if="catalogue.data.value && ready">
            <Teleport to="#where">
                <span class="where">
                    <RouterLink v-if="programme.data.value" :to="{ name: 'programme', params: { programme: programme.data.value.id } }">{{
                        programme.data.value.name
                    }}</RouterLink>
                    <span v-if="room.data.value"> · {{ room.data.value.site }}</span> · <b>{{ name }}</b>
                </span>
            </Teleport>
            <h1 class="visually-hidden">{{ name }}</h1>
            <StageRail :stages="stages" :present="stage" :is-narrow="!screens.lg" @go="(key) => (stage = key)" />
            <div class="middle">
                <NoticeBar v-if="away" class="lost" kind="warning">
                    {{ away.message }} Nothing is lost. <Button type="link" size="small" @click="bench.retry()">Try again</Button>
                </NoticeBar>
                <OvertakenNotice />
                <RoomStage v-if="stage === 'room'" />
                <GoalStage v-else-if="stage === 'target' && ledger" />
                <FindStage v-else-if="stage === 'find' && ledger && programmeId" />
                <BenchStage v-else-if="stage === 'build' && ledger" />
                <KitStage v-else-if="stage === 'kit' && versionId" :version="versionId" />
                <GuideStage v-else-if="stage === 'guide' && versionId" :version="versionId" />
                <SheetStage v-else-if="stage === 'sheet' && versionId" :version="versionId" />
                <ProofStage v-else-if="stage === 'proof' && versionId" :version="versionId" />
            </div>
            <div class="side">
                <LedgerPanel v-if="ledger" />
                <div v-else class="empty">The ledger appears once the size of the room and the number of people are entered.</div>
                <SaveBar />
            </div>
        </template>
        <div v-else class="waiting" role="status" aria-label="Loading"><Skeleton active :paragraph="{ rows: 8 }" /></div>
    </main>
</template>

<style scoped>
.work {
    flex: 1;
    min-height: 0;
    display: grid;
    grid-template-columns: 148px minmax(0, 1fr) 316px;
}
.work > :only-child {
    grid-column: 1 / -1;
}
@media (min-width: 901px) {
    .work {
        height: calc(100vh - 53px);
        flex: none;
    }
}
.middle {
    min-height: 0;
    display: grid;
    grid-template-rows: 1fr;
    position: relative;
}
.middle > * {
    min-height: 0;
}
.lost {
    position: absolute;
    inset: 0 0 auto;
    z-index: 9;
}
.side {
    display: grid;
    grid-template-rows: 1fr auto;
    min-height: 0;
    background: var(--sheet);
}
.empty {
    padding: 18px 16px;
    color: var(--pencil);
    border-left: 1px solid var(--line);
}
.waiting {
    padding: 30px;
}
.where :deep(a) {
    color: var(--pencil);
}
@media (max-width: 900px) {
    .work {
        grid-template-columns: minmax(0, 1fr);
    }
    .ledger,
    .empty {
        border-left: 0;
    }
    .side {
        grid-template-rows: auto auto;
    }
}
</style>
