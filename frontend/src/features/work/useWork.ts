import { computed, inject, provide, ref, shallowRef, watch, type ComputedRef, type InjectionKey } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { Choices, Ledger, RoomEntries } from '../../api/client';
import { openDesk, type Desk } from '../../store/desk';
import { useCatalogue } from '../parts/queries';
import { useProgramme, useRoomNames } from '../programme/queries';
import { useSession } from '../../session/queries';
import { useKeptDraft, useRoom, useVersion } from './queries';
import type { StageKey } from './stage';
import { useAgainst } from './useAgainst';
import { beside, useAhead } from './useAhead';
import { useBench } from './useBench';
import { onBench, useDraft } from './useDraft';
import { useHistory } from './useHistory';
import { useKeeping } from './useKeeping';
import { usePlacements } from './usePlacements';
import { useSaving } from './useSaving';
import { useStages } from './useStages';

/** What undo and redo bring back. */
type Drawn = Pick<RoomEntries, 'outline' | 'furnishings' | 'length' | 'width'>;
type Step = { choices: Choices; bench?: number | undefined } & Drawn;

/** The work on one room, from the address: what the server holds of it, what is on the screen, what came of it. */
function beginWork() {
    const route = useRoute();
    const router = useRouter();

    const roomId = ref<number | null>(route.params.room === undefined ? null : Number(route.params.room));
    const siteId = Number(route.params.site ?? 0);
    const stage = ref<StageKey>(roomId.value === null ? 'room' : (route.params.stage as StageKey) || 'room');
    const programmeOfRoute = route.params.programme === undefined ? null : Number(route.params.programme);

    const session = useSession();
    const room = useRoom(roomId);
    const programmeId = computed(() => room.data.value?.programme_id ?? programmeOfRoute);
    const programme = useProgramme(programmeId);
    const catalogue = useCatalogue(programmeId);
    const mayBuild = computed(() => programme.data.value !== undefined && programme.data.value.role !== 'reader');

    const desk = shallowRef<Desk | null>(null);
    watch(
        () => session.data.value?.email,
        async (person) => {
            if (person !== undefined && desk.value === null) {
                desk.value = await openDesk(person, roomId.value === null ? `new-in-${siteId}` : `room-${roomId.value}`);
            }
        },
        { immediate: true },
    );
    const drafting = useDraft();
    const { draft, ready, buildChanged } = drafting;
    const kept = useKeptDraft(roomId);
    const keeping = useKeeping(roomId, desk, drafting.unsaved, ready, mayBuild);
    watch(
        [room.data, kept.isFetched, desk],
        ([data, isFetched, opened]) => {
            if (!opened || ready.value) return;
            if (roomId.value === null) drafting.begin(opened, null);
            else if (data && isFetched) {
                const work = kept.data.value?.work ?? null;
                keeping.found(work === null ? null : JSON.stringify(work));
                drafting.begin(opened, data, work);
            }
        },
        { immediate: true },
    );

    const build = computed(() => onBench(room.data.value ?? null, draft.bench));
    const versionId = computed(() => build.value?.latest.id ?? null);
    const saved = useVersion(versionId);
    const against = useAgainst(desk, versionId);
    const withUnit = computed(() => build.value !== null || stage.value === 'build');
    const placing = usePlacements(room.data, build, drafting.placed);
    const bench = useBench(draft, ready, withUnit, versionId, programmeId, placing.counted);
    useAhead(
        bench.question,
        bench.ledger,
        computed(() => {
            const [unit, line] = [bench.question.value?.unit, bench.ledger.value?.unit];
            return unit && line ? beside(unit, line) : [];
        }),
    );
    const saving = useSaving({ roomId, siteId, stage, drafting, build, ledger: bench.ledger, beside: placing.counted });

    /** Whether something on the plan is held, or a field is written in, just now. */
    const held = ref(false);
    const history = useHistory<Step>(
        desk,
        () => {
            const { outline, furnishings, length, width } = draft.entries;
            // Where a room has several builds, a step belongs to the one that was on the bench.
            const several = (room.data.value?.builds.length ?? 0) > 1 ? { bench: build.value?.id } : {};
            return { choices: draft.choices, outline, furnishings, length, width, ...several };
        },
        ready,
        ({ choices, bench: wanted, ...drawn }) => {
            if (room.data.value && wanted !== undefined && wanted !== build.value?.id) drafting.put(room.data.value, wanted, choices);
            else draft.choices = choices;
            draft.entries = { ...draft.entries, ...drawn };
        },
        held,
    );

    watch(
        () => route.name === 'room' && route.params.stage,
        (next) => next && (stage.value = next as StageKey),
    );
    watch(stage, (next) => {
        if (roomId.value !== null) void router.replace({ name: 'room', params: { room: roomId.value, stage: next } });
    });
    const stages = useStages({ roomId, drafting, build, ledger: bench.ledger });

    /** What someone else has saved since this was begun; null for nothing. */
    const overtaken = computed(() => {
        if (!room.data.value || !ready.value || saving.busy.value) return null;
        const by = drafting.overtaken(room.data.value);
        return by.room || by.build ? by : null;
    });

    /** Rooms that a door may lead to. */
    const names = useRoomNames(computed(() => room.data.value?.site_id ?? siteId));
    const neighbours = computed(() => (names.data.value ?? []).filter(({ id }) => id !== roomId.value));

    const fault = computed(
        () => (room.data.value ? null : room.error.value) ?? catalogue.error.value ?? (bench.ledger.value ? null : bench.away.value),
    );
    function retry(): void {
        void room.refetch();
        void catalogue.refetch();
        void bench.retry();
    }

    return {
        roomId,
        siteId,
        stage,
        stages,
        catalogue,
        room,
        programme,
        programmeId,
        currency: computed(() => programme.data.value?.currency ?? ''),
        mayBuild,
        neighbours,
        desk,
        draft,
        drafting,
        buildChanged,
        kept: keeping.state,
        build,
        versionId,
        saved,
        against,
        placing,
        bench,
        saving,
        held,
        history,
        overtaken,
        fault,
        retry,
    };
}

export type Work = ReturnType<typeof beginWork>;

export const WORK: InjectionKey<Work> = Symbol('the work on a room');

/** Begins the work on the room of the address, for the page and all that stands on it. */
export function provideWork(): Work {
    const work = beginWork();
    provide(WORK, work);
    return work;
}

/** The work on the room that the page shows. */
export function useWork(): Work {
    const work = inject(WORK);
    if (!work) throw new Error('No work on a room is provided here.');
    return work;
}

/** The ledger, where it is shown only once there is one. */
export function useLedger(): ComputedRef<Ledger> {
    const { bench } = useWork();
    return computed(() => bench.ledger.value as Ledger);
}
