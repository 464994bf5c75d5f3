import { MutationCache, QueryCache, QueryClient, keepPreviousData, notifyManager, useQuery } from '@tanstack/vue-query';
import { computed, toValue, type MaybeRefOrGetter } from 'vue';
import {
    answer,
    api,
    Refused,
    type Choices,
    type Drawing,
    type FindRequest,
    type Ledger,
    type PartLine,
    type Placement,
    type RoomEntries,
} from './client';
import { drawn, withStrokes } from './strokes';

/** What is done when the server does not know who asks. */
let onSignedOut: () => void = () => undefined;

export function whenSignedOut(done: () => void): void {
    onSignedOut = done;
}

function onFault(fault: Error): void {
    if (fault instanceof Refused && (fault.status === 401 || fault.status === 419)) {
        queryClient.clear();
        onSignedOut();
    }
}

// Answers are shown as they come, not a timer's tick later.
notifyManager.setScheduler(queueMicrotask);

export const queryClient = new QueryClient({
    queryCache: new QueryCache({ onError: onFault }),
    mutationCache: new MutationCache({ onError: onFault }),
    // An answer is replaced whole, never changed: nothing in it needs to be watched.
    defaultOptions: { queries: { retry: false, refetchOnWindowFocus: false, staleTime: 10_000, shallow: true } },
});

export const useSession = () => useQuery({ queryKey: ['session'], queryFn: () => answer(api.GET('/session')), staleTime: Infinity });

export const useCatalogue = (programme: MaybeRefOrGetter<number | null>) =>
    useQuery({
        queryKey: ['catalogue', programme],
        queryFn: () => answer(api.GET('/catalogue', { params: { query: { programme: toValue(programme) ?? undefined } } })),
        enabled: () => toValue(programme) !== null,
        staleTime: 300_000,
    });

export const useSetting = (programme: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['setting', programme],
        queryFn: () => answer(api.GET('/programmes/{programme}/setting', { params: { path: { programme: toValue(programme) } } })),
    });

export const useParts = (programme: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['parts', programme],
        queryFn: () => answer(api.GET('/programmes/{programme}/parts', { params: { path: { programme: toValue(programme) } } })),
    });

export type PartKind = PartLine['kind'];

export const usePart = (programme: MaybeRefOrGetter<number>, part: MaybeRefOrGetter<{ kind: PartKind; code: string } | null>) =>
    useQuery({
        queryKey: ['part', programme, part],
        queryFn: () => {
            const { kind, code } = toValue(part) ?? { kind: 'fan' as const, code: '' };
            return answer(
                api.GET('/programmes/{programme}/parts/{kind}/{code}', { params: { path: { programme: toValue(programme), kind, code } } }),
            );
        },
        enabled: () => toValue(part) !== null,
    });

export const useProgrammes = () => useQuery({ queryKey: ['programmes'], queryFn: () => answer(api.GET('/programmes')) });

export const useProgramme = (id: MaybeRefOrGetter<number | null>) =>
    useQuery({
        queryKey: ['programme', id],
        queryFn: () => answer(api.GET('/programmes/{programme}', { params: { path: { programme: toValue(id) ?? 0 } } })),
        enabled: () => toValue(id) !== null,
    });

export const useRoom = (id: MaybeRefOrGetter<number | null>) =>
    useQuery({
        queryKey: ['room', id],
        queryFn: () => answer(api.GET('/rooms/{room}', { params: { path: { room: toValue(id) ?? 0 } } })),
        enabled: () => toValue(id) !== null,
        // Two people may work on one room: whoever is on the screen is told of the other within this time.
        refetchInterval: 10_000,
    });

export const useSitePlan = (site: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['programme', 'site-plan', site],
        queryFn: () => answer(api.GET('/sites/{site}/plan', { params: { path: { site: toValue(site) } } })),
    });

export const useVersion = (id: MaybeRefOrGetter<number | null>) =>
    useQuery({
        queryKey: ['version', id],
        queryFn: () => answer(api.GET('/versions/{version}', { params: { path: { version: toValue(id) ?? 0 } } })),
        enabled: () => toValue(id) !== null,
    });

/** All versions of a build, the latest first. */
export const useVersions = (build: MaybeRefOrGetter<number | null>) =>
    useQuery({
        queryKey: ['room', 'versions', build],
        queryFn: () => answer(api.GET('/builds/{build}/versions', { params: { path: { build: toValue(build) ?? 0 } } })),
        enabled: () => toValue(build) !== null,
    });

/** What was kept of one's own work on a room; asked for once, when the room is opened. */
export const useKeptDraft = (room: MaybeRefOrGetter<number | null>) =>
    useQuery({
        queryKey: ['draft', room],
        queryFn: () => answer(api.GET('/rooms/{room}/draft', { params: { path: { room: toValue(room) ?? 0 } } })),
        enabled: () => toValue(room) !== null,
        staleTime: 0,
        gcTime: 0,
    });

export interface Question {
    room: RoomEntries;
    goal: string;
    unit: Choices | null;
    version: number | null;
    programme: number | null;
    /** What stands in the room besides and is counted; left out for nothing. */
    beside?: Placement[];
    view?: { turn: number; apart: boolean };
}

/** As one text, which is compared and kept sooner than all that stands in a room. */
const evaluationKey = (question: Question | null) => ['evaluation', JSON.stringify(question)];

/** An evaluation to be asked before it is needed; its answer is found by whoever asks the same. */
export const evaluationOf = (question: Question) => ({
    queryKey: evaluationKey(question),
    queryFn: async ({ signal }: { signal: AbortSignal }): Promise<Ledger> => {
        const ask = (marks: string[]) => answer(api.POST('/evaluations', { body: { ...question, drawn: marks }, signal }));
        return withStrokes(await ask(drawn())) ?? (await ask([]));
    },
    staleTime: 30_000,
    gcTime: 60_000,
});

export const useEvaluation = (question: MaybeRefOrGetter<Question | null>) =>
    useQuery({
        queryKey: computed(() => evaluationKey(toValue(question))),
        queryFn: (context) => evaluationOf(toValue(question) as Question).queryFn(context),
        enabled: () => toValue(question) !== null,
        placeholderData: keepPreviousData,
        staleTime: 30_000,
        gcTime: 60_000,
    });

export type PlanQuestion = Pick<Question, 'room' | 'goal' | 'unit' | 'programme' | 'beside'>;

/** The room as it is drawn, whoever uses it. */
export const usePlanned = (question: MaybeRefOrGetter<PlanQuestion | null>) =>
    useQuery({
        queryKey: ['plan', question],
        queryFn: ({ signal }) => answer(api.POST('/plans', { body: toValue(question) as PlanQuestion, signal })),
        enabled: () => toValue(question) !== null,
        placeholderData: keepPreviousData,
        gcTime: 30_000,
    });

export const useMisfits = (unit: MaybeRefOrGetter<Choices>, programme: MaybeRefOrGetter<number>, open: MaybeRefOrGetter<boolean>) =>
    useQuery({
        // Joining, corners, number and speed change nothing about what fits.
        queryKey: [
            'misfits',
            programme,
            computed(() => [toValue(unit).shape, toValue(unit).fan, toValue(unit).filter, toValue(unit).prefilter, toValue(unit).options]),
        ],
        queryFn: () => answer(api.POST('/misfits', { body: { unit: toValue(unit), programme: toValue(programme) } })),
        enabled: () => toValue(open),
        placeholderData: keepPreviousData,
    });

export const useFind = (question: MaybeRefOrGetter<FindRequest | null>) =>
    useQuery({
        queryKey: ['find', question],
        queryFn: ({ signal }) => answer(api.POST('/finds', { body: toValue(question) as FindRequest, signal })),
        enabled: () => toValue(question) !== null,
        placeholderData: keepPreviousData,
        gcTime: 120_000,
    });

/** A build with its small drawing. */
export interface Sketch {
    choices: Choices;
    drawing: Drawing;
}

export const useSketches = (units: MaybeRefOrGetter<Choices[]>, programme: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['sketches', programme, units],
        queryFn: async ({ signal }): Promise<Sketch[]> => {
            const asked = toValue(units);
            const drawings = await answer(api.POST('/sketches', { body: { units: asked, programme: toValue(programme) }, signal }));
            return asked.flatMap((choices, index) => {
                const drawing = drawings[index];
                return drawing ? [{ choices, drawing }] : [];
            });
        },
        enabled: () => toValue(units).length > 0,
        placeholderData: keepPreviousData,
        staleTime: Infinity,
    });

export const useStock = (programme: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['stock', programme],
        queryFn: () => answer(api.GET('/programmes/{programme}/stock', { params: { path: { programme: toValue(programme) } } })),
    });

/** What a version takes, against the shelf. */
export const useKit = (version: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['stock', 'kit', version],
        queryFn: () => answer(api.GET('/versions/{version}/kit', { params: { path: { version: toValue(version) } } })),
        staleTime: 0,
    });

/** Curves, working points and the reasons of the figures of what is on the bench. */
export const useWorking = (question: MaybeRefOrGetter<Question | null>, open: MaybeRefOrGetter<boolean>) =>
    useQuery({
        queryKey: ['working', question],
        queryFn: ({ signal }) => answer(api.POST('/workings', { body: toValue(question) as Question, signal })),
        enabled: () => toValue(open) && toValue(question)?.unit != null,
        placeholderData: keepPreviousData,
        gcTime: 30_000,
    });

/** The air of the room over an hour or a day, with what is on the bench and stands beside it. */
export const useAir = (question: MaybeRefOrGetter<Question>, start: MaybeRefOrGetter<string>, hours: MaybeRefOrGetter<1 | 24>) =>
    useQuery({
        queryKey: ['air', question, start, hours],
        queryFn: ({ signal }) => {
            const { room, goal, unit, version, programme, beside } = toValue(question);
            const body = { room, goal, unit: unit as Choices, version, programme, beside, start: toValue(start), hours: toValue(hours) };
            return answer(api.POST('/airs', { body, signal }));
        },
        enabled: () => toValue(question).unit !== null,
        placeholderData: keepPreviousData,
        gcTime: 30_000,
    });

export const useDisputes = (unit: MaybeRefOrGetter<Choices>, programme: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['disputes', programme, unit],
        queryFn: () => answer(api.POST('/disputes', { body: { unit: toValue(unit), programme: toValue(programme) } })),
        placeholderData: keepPreviousData,
    });

export const useComparison = (question: MaybeRefOrGetter<Question | null>, units: MaybeRefOrGetter<Choices[]>) =>
    useQuery({
        queryKey: ['comparison', question, units],
        queryFn: ({ signal }) => {
            const { room, goal, programme, beside } = toValue(question) as Question;
            return answer(api.POST('/comparisons', { body: { room, goal, programme, beside, units: toValue(units) }, signal }));
        },
        enabled: () => toValue(question) !== null && toValue(units).length > 0,
        placeholderData: keepPreviousData,
    });

export type Answers = Record<string, string[]>;

export const useNeed = (answers: MaybeRefOrGetter<Answers>, open: MaybeRefOrGetter<boolean>) =>
    useQuery({
        queryKey: ['need', answers],
        queryFn: () => answer(api.POST('/needs', { body: { answers: toValue(answers) } })),
        enabled: () => toValue(open),
        placeholderData: keepPreviousData,
        staleTime: Infinity,
    });
