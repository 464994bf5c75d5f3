import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useCatalogue, useKeptDraft, useProgramme, useRoom, useVersion } from '../api/queries';
import type { Stage } from './stage';
import { useAgainst } from './useAgainst';
import { beside, useAhead } from './useAhead';
import { useBench } from './useBench';
import { onBench, useDraft } from './useDraft';
import { useKeeping } from './useKeeping';
import { useMeasure } from './useMeasure';
import { usePlacements } from './usePlacements';
import { useSaving } from './useSaving';

type StageKey = Stage['key'];

/** The work on one room, from the address: what the server holds of it, what is on the screen, what came of it. */
export function useWork() {
    const route = useRoute();
    const router = useRouter();
    const { show } = useMeasure();

    const roomId = ref<number | null>(route.params.room === undefined ? null : Number(route.params.room));
    const siteId = Number(route.params.site ?? 0);
    const stage = ref<StageKey>(roomId.value === null ? 'room' : (route.params.stage as StageKey) || 'room');
    const programmeOfRoute = route.params.programme === undefined ? null : Number(route.params.programme);

    const room = useRoom(roomId);
    const programmeId = computed(() => room.data.value?.programmeId ?? programmeOfRoute);
    const programme = useProgramme(programmeId);
    const catalogue = useCatalogue(programmeId);

    const drafting = useDraft(roomId.value === null ? `new-in-${siteId}` : `room-${roomId.value}`);
    const { draft, ready, roomChanged, buildChanged } = drafting;
    if (roomId.value === null) drafting.begin(null);
    const kept = useKeptDraft(roomId);
    const mayKeep = computed(() => programme.data.value !== undefined && programme.data.value.role !== 'reader');
    const keeping = useKeeping(roomId, drafting.unsaved, ready, mayKeep);
    watch(
        [room.data, kept.isFetched],
        ([data, isFetched]) => {
            if (!data || !isFetched || ready.value) return;
            const work = kept.data.value?.work ?? null;
            keeping.found(work === null ? null : JSON.stringify(work));
            drafting.begin(data, work);
        },
        { immediate: true },
    );

    const build = computed(() => onBench(room.data.value ?? null, draft.bench));
    const versionId = computed(() => build.value?.latest.id ?? null);
    const saved = useVersion(versionId);
    const against = useAgainst(`room-${roomId.value}`, versionId);
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

    watch(stage, (next) => {
        if (roomId.value !== null) void router.replace({ name: 'room', params: { room: roomId.value, stage: next } });
    });

    const stages = computed<Stage[]>(() => {
        const ledger = bench.ledger.value;
        const latest = build.value?.latest;
        return [
            {
                key: 'room',
                name: 'Room',
                says: ledger ? `${show(ledger.floorArea)}, ${draft.entries.people || 'no'} people` : 'not measured yet',
                done: roomId.value !== null && !roomChanged.value,
                open: true,
            },
            { key: 'target', name: 'Goal', says: ledger?.goal ?? '', done: roomId.value !== null, open: ledger !== undefined },
            {
                key: 'find',
                name: 'Find',
                says: 'best builds',
                done: latest !== undefined,
                open: ledger !== undefined && roomId.value !== null,
            },
            {
                key: 'build',
                name: 'Build',
                says: latest ? `version ${latest.number}${buildChanged.value ? ', changed' : ''}` : 'no version yet',
                done: latest !== undefined && !buildChanged.value,
                open: ledger !== undefined,
            },
            {
                key: 'sheet',
                name: 'Sheet',
                says: latest ? 'ready to print' : 'save a build first',
                done: false,
                open: latest !== undefined,
            },
        ];
    });

    /** What someone else has saved since this was begun; null for nothing. */
    const overtaken = computed(() => {
        if (!room.data.value || !ready.value || saving.busy.value) return null;
        const by = drafting.overtaken(room.data.value);
        return by.room || by.build ? by : null;
    });

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
        drafting,
        kept: keeping.state,
        build,
        versionId,
        saved,
        against,
        placing,
        bench,
        saving,
        overtaken,
        fault,
        retry,
    };
}
