<script setup lang="ts">
import { Button, message } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useCatalogue, useProgramme, useRoom, useVersion } from '../api/queries';
import { Refused } from '../api/client';
import AwayNotice from '../components/AwayNotice.vue';
import BenchStage from '../components/bench/BenchStage.vue';
import SheetStage from '../components/bench/SheetStage.vue';
import LedgerPanel from '../components/ledger/LedgerPanel.vue';
import RoomStage from '../components/room/RoomStage.vue';
import StageRail, { type Stage } from '../components/room/StageRail.vue';
import TargetStage from '../components/room/TargetStage.vue';
import { useBench } from '../composables/useBench';
import { useDraft } from '../composables/useDraft';
import { useMeasure } from '../composables/useMeasure';
import { useSaving } from '../composables/useSaving';

const route = useRoute();
const router = useRouter();
const { show } = useMeasure();

const roomId = ref<number | null>(route.params.room === undefined ? null : Number(route.params.room));
const siteId = Number(route.params.site ?? 0);
const stage = ref<Stage['key']>(roomId.value === null ? 'room' : (route.params.stage as Stage['key']) || 'room');

const catalogue = useCatalogue();
const room = useRoom(roomId);
const programme = useProgramme(
    computed(() => room.data.value?.programmeId ?? (route.params.programme === undefined ? null : Number(route.params.programme))),
);
const mayBuild = computed(() => programme.data.value !== undefined && programme.data.value.role !== 'reader');
const currency = computed(() => programme.data.value?.currency ?? '');

const drafting = useDraft(roomId.value === null ? `new-in-${siteId}` : `room-${roomId.value}`);
const { draft, ready, roomChanged, buildChanged } = drafting;
if (roomId.value === null) drafting.begin(null);
watch(
    room.data,
    (data) => {
        if (data && !ready.value) drafting.begin(data);
    },
    { immediate: true },
);

const build = computed(() => room.data.value?.builds.at(-1) ?? null);
const versionId = computed(() => build.value?.latest.id ?? null);
const saved = useVersion(versionId);
const withUnit = computed(() => build.value !== null || stage.value === 'build');
const { ledger, errors, offers, away, current, retry } = useBench(draft, ready, withUnit, versionId);
const saving = useSaving({ roomId, siteId, drafting, room, build, ledger });

watch(stage, (next) => {
    if (roomId.value !== null) void router.replace({ name: 'room', params: { room: roomId.value, stage: next } });
});

const stages = computed<Stage[]>(() => [
    {
        key: 'room',
        name: 'Room',
        says: ledger.value ? `${show(ledger.value.floorArea)}, ${draft.entries.people || 'no'} people` : 'not measured yet',
        done: roomId.value !== null && !roomChanged.value,
        open: true,
    },
    { key: 'target', name: 'Target', says: ledger.value?.goal ?? '', done: roomId.value !== null, open: ledger.value !== undefined },
    {
        key: 'build',
        name: 'Build',
        says: build.value ? `version ${build.value.latest.number}${buildChanged.value ? ', changed' : ''}` : 'nothing saved yet',
        done: build.value !== null && !buildChanged.value,
        open: ledger.value !== undefined,
    },
    { key: 'sheet', name: 'Sheet', says: build.value ? 'ready to print' : 'save a build first', done: false, open: build.value !== null },
]);
const fault = computed(() => room.error.value ?? catalogue.error.value ?? (ledger.value ? null : away.value));

function retryAll(): void {
    void room.refetch();
    void catalogue.refetch();
    void retry();
}

async function save(): Promise<void> {
    try {
        const said = await saving.save(stage.value === 'build');
        void message.success(said);
    } catch (refused) {
        if (!(refused instanceof Refused)) throw refused;
        void message.error({ content: refused.message, duration: 8 });
    }
}
</script>

<template>
    <main class="work">
        <AwayNotice v-if="fault" :fault="fault" @retry="retryAll" />
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
                    {{ away.message }} What you see is kept. <button type="button" @click="retry()">Try again</button>
                </p>
                <RoomStage
                    v-if="stage === 'room'"
                    :entries="draft.entries"
                    :ledger="ledger"
                    :catalogue="catalogue.data.value"
                    :errors="errors"
                    :offers="offers"
                    @change="(entries) => (draft.entries = entries)"
                />
                <TargetStage
                    v-else-if="stage === 'target' && ledger"
                    :ledger="ledger"
                    :goal="draft.goal"
                    :errors="errors"
                    @goal="(id) => (draft.goal = id)"
                />
                <BenchStage
                    v-else-if="stage === 'build' && ledger"
                    :ledger="ledger"
                    :catalogue="catalogue.data.value"
                    :choices="draft.choices"
                    :errors="errors"
                    :newer="saved.data.value?.newer ?? []"
                    :keep-figures="draft.keepFigures"
                    :currency="currency"
                    @choose="(choices) => (draft.choices = choices)"
                    @take-newer="draft.keepFigures = false"
                />
                <SheetStage
                    v-else-if="stage === 'sheet' && versionId"
                    :version="versionId"
                    :changed="buildChanged || roomChanged"
                    :currency="currency"
                />
            </div>
            <div class="side">
                <LedgerPanel
                    v-if="ledger"
                    :ledger="ledger"
                    :before="saved.data.value?.ledger ?? null"
                    :current="current"
                    :currency="currency"
                    @speed="(name) => (draft.choices.speed = name)"
                />
                <div v-else class="empty">The ledger fills as soon as the room has its three lengths.</div>
                <footer v-if="mayBuild">
                    <Button
                        type="primary"
                        size="large"
                        block
                        :loading="saving.busy.value"
                        :disabled="!saving.worthwhile(stage === 'build')"
                        @click="save"
                    >
                        {{
                            stage === 'build'
                                ? build
                                    ? `Save version ${build.latest.number + 1}`
                                    : 'Save this build'
                                : roomId === null
                                  ? 'Save the room'
                                  : 'Save changes'
                        }}
                    </Button>
                    <Button
                        v-if="stage !== 'build' && roomId !== null && !roomChanged && !build"
                        size="large"
                        block
                        @click="stage = stage === 'room' ? 'target' : 'build'"
                    >
                        Next: {{ stage === 'room' ? 'choose the target' : 'build for it' }}
                    </Button>
                </footer>
                <footer v-else-if="programme.data.value" class="reader">
                    You may look and try things out; saving is for builders and organisers.
                </footer>
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
footer {
    padding: 10px 16px 14px;
    border-left: 1px solid var(--line);
    border-top: 1px solid var(--line);
    display: grid;
    gap: 8px;
}
.reader {
    font-size: 14px;
    color: var(--pencil);
}
.where :deep(a) {
    color: var(--pencil);
}
@media (max-width: 900px) {
    .work {
        grid-template-columns: minmax(0, 1fr);
    }
    .ledger,
    .empty,
    footer {
        border-left: 0;
    }
    .side {
        grid-template-rows: auto auto;
    }
    footer {
        position: sticky;
        bottom: 0;
        background: var(--sheet);
    }
}
</style>
