<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Choices, Need, RoomEntries, Wishes } from '../api/client';
import AwayNotice from '../components/AwayNotice.vue';
import BenchStage from '../components/bench/BenchStage.vue';
import { MOST_PINNED } from '../components/bench/choices';
import SheetStage from '../components/bench/SheetStage.vue';
import FindStage from '../components/finder/FindStage.vue';
import LedgerPanel from '../components/ledger/LedgerPanel.vue';
import OvertakenNotice from '../components/room/OvertakenNotice.vue';
import RoomStage from '../components/room/RoomStage.vue';
import SaveBar from '../components/room/SaveBar.vue';
import StageRail from '../components/room/StageRail.vue';
import TargetStage from '../components/room/TargetStage.vue';
import { NEW } from '../composables/useDraft';
import { keepWishes } from '../composables/useFinder';
import { useHistory } from '../composables/useHistory';
import { useWork } from '../composables/useWork';

const work = useWork();
const { siteId, stage, stages, catalogue, room, programme, versionId, saved, fault } = work;
const { draft, ready, roomChanged, buildChanged } = work.drafting;
const { ledger, errors, away, current } = work.bench;
const currency = computed(() => programme.data.value?.currency ?? '');

/** Whether something on the plan is held just now. */
const held = ref(false);
const history = useHistory(
    work.roomId.value === null ? 'new' : `room-${work.roomId.value}`,
    () => {
        const { outline, furnishings, length, width } = draft.entries;
        // Where a room has several builds, a step belongs to the one that was on the bench.
        const onBench = (room.data.value?.builds.length ?? 0) > 1 ? { bench: work.build.value?.id } : {};
        return { choices: draft.choices, outline, furnishings, length, width, ...onBench };
    },
    ready,
    ({
        choices,
        bench,
        ...drawn
    }: { choices: Choices; bench?: number } & Pick<RoomEntries, 'outline' | 'furnishings' | 'length' | 'width'>) => {
        if (room.data.value && bench !== undefined && bench !== work.build.value?.id) work.drafting.put(room.data.value, bench, choices);
        else draft.choices = choices;
        draft.entries = { ...draft.entries, ...drawn };
    },
    held,
);
/** Rooms that a door may lead to. */
const neighbours = computed(() => {
    const sites = programme.data.value?.sites ?? [];
    const site = sites.find((one) => one.id === siteId || one.rooms.some((other) => other.id === work.roomId.value));
    return (site?.rooms ?? []).filter((other) => other.id !== work.roomId.value).map(({ id, name }) => ({ id, name }));
});

/** What the answers about the need came to: entries and goal are set at once, limits wait where builds are looked for. */
function settle(sets: Need['sets']): void {
    const limits: Partial<Wishes> = {};
    const entries: Record<string, string | boolean> = {};
    for (const { field, value } of sets) {
        if (field === 'goal') draft.goal = String(value);
        else if (field.startsWith('limits.')) Object.assign(limits, { [field.slice('limits.'.length)]: value });
        else entries[field] = value;
    }
    draft.entries = { ...draft.entries, ...entries };
    keepWishes(`room-${work.roomId.value}`, limits);
}

/** What was found comes to the bench, to be looked at and changed. */
function take(choices: Choices, isAdded: boolean): void {
    if (isAdded && room.data.value) work.drafting.put(room.data.value, NEW, choices);
    else draft.choices = { ...choices };
    stage.value = 'build';
}
</script>

<template>
    <main class="work">
        <AwayNotice v-if="fault" :fault="fault" @retry="work.retry" />
        <template v-else-if="catalogue.data.value && ready">
            <Teleport to="#where">
                <span class="where">
                    <RouterLink v-if="programme.data.value" :to="{ name: 'programme', params: { programme: programme.data.value.id } }">{{
                        programme.data.value.name
                    }}</RouterLink>
                    <span v-if="room.data.value"> · {{ room.data.value.site }}</span> · <b>{{ draft.entries.name || 'New room' }}</b>
                </span>
            </Teleport>
            <h1 class="visually-hidden">{{ draft.entries.name || 'New room' }}</h1>
            <StageRail :stages="stages" :present="stage" @go="(key) => (stage = key)" />
            <div class="middle">
                <p v-if="away" class="lost" role="alert">
                    {{ away.message }} Nothing is lost. <button type="button" @click="work.bench.retry()">Try again</button>
                </p>
                <OvertakenNotice
                    v-if="work.overtaken.value && room.data.value"
                    :room="room.data.value"
                    :by="work.overtaken.value"
                    :changed="roomChanged || buildChanged"
                    @theirs="work.drafting.takeTheirs(room.data.value)"
                    @mine="work.drafting.keepMine(room.data.value)"
                />
                <RoomStage
                    v-if="stage === 'room'"
                    :entries="draft.entries"
                    :goal="draft.goal"
                    :unit="work.build.value ? draft.choices : null"
                    :programme="work.programmeId.value"
                    :neighbours="neighbours"
                    :catalogue="catalogue.data.value"
                    :errors="errors"
                    :can-undo="history.canUndo.value"
                    :can-redo="history.canRedo.value"
                    @change="(entries) => (draft.entries = entries)"
                    @need="settle"
                    @hold="(holds) => (held = holds)"
                    @undo="history.undo()"
                    @redo="history.redo()"
                />
                <TargetStage
                    v-else-if="stage === 'target' && ledger"
                    :ledger="ledger"
                    :goal="draft.goal"
                    :errors="errors"
                    @goal="(id) => (draft.goal = id)"
                />
                <FindStage
                    v-else-if="stage === 'find' && ledger && work.programmeId.value"
                    :room="`room-${work.roomId.value}`"
                    :entries="draft.entries"
                    :goal="draft.goal"
                    :goal-name="ledger.goal"
                    :programme="work.programmeId.value"
                    :build="work.build.value?.id ?? null"
                    :beside="work.placing.counted.value"
                    :there="work.placing.all.value"
                    :currency="currency"
                    @take="take"
                />
                <BenchStage
                    v-else-if="stage === 'build' && ledger"
                    :ledger="ledger"
                    :catalogue="catalogue.data.value"
                    :choices="draft.choices"
                    :programme="work.programmeId.value ?? 0"
                    :build="work.build.value?.id ?? null"
                    :errors="errors"
                    :newer="saved.data.value?.newer ?? []"
                    :keep-figures="draft.keepFigures"
                    :currency="currency"
                    :question="work.bench.question.value"
                    :can-undo="history.canUndo.value"
                    :can-redo="history.canRedo.value"
                    :pinned="draft.pinned"
                    :looked="work.bench.view"
                    :against="work.against.pinned.value"
                    :placing="work.placing"
                    @another="(build) => room.data.value && work.drafting.put(room.data.value, build ?? NEW)"
                    @hold-against="(version) => (work.against.pinned.value = version)"
                    @look="(looked) => Object.assign(work.bench.view, looked)"
                    @undo="history.undo()"
                    @redo="history.redo()"
                    @pin="(one) => (draft.pinned = [...draft.pinned, { ...one }].slice(-MOST_PINNED))"
                    @unpin="(index) => (draft.pinned = draft.pinned.filter((_, place) => place !== index))"
                    @choose="(choices) => (draft.choices = choices)"
                    @take-newer="draft.keepFigures = false"
                />
                <SheetStage
                    v-else-if="stage === 'sheet' && versionId"
                    :version="versionId"
                    :changed="buildChanged || roomChanged"
                    :currency="currency"
                    :may-change="programme.data.value?.role !== 'reader'"
                />
            </div>
            <div class="side">
                <LedgerPanel
                    v-if="ledger"
                    :ledger="ledger"
                    :before="work.against.ledger.value"
                    :against="work.against.number.value"
                    :current="current"
                    :question="work.bench.question.value"
                    :currency="currency"
                    @speed="(name) => (draft.choices.speed = name)"
                    @let-go="work.against.pinned.value = null"
                />
                <div v-else class="empty">The ledger appears once the size of the room and the number of people are entered.</div>
                <SaveBar :work="work" />
            </div>
        </template>
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
    top: 0;
    left: 0;
    right: 0;
    z-index: 9;
    padding: 8px 16px;
    background: var(--bypass-soft);
    border-bottom: 2px solid var(--bypass);
}
.lost button {
    font: inherit;
    font-weight: 700;
    color: var(--ink);
    background: none;
    border: 0;
    text-decoration: underline;
    cursor: pointer;
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
