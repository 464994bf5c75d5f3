import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import { computed, toValue, type MaybeRefOrGetter } from 'vue';
import { answer, api, type Choices, type Ledger, type Placement, type RoomEntries } from '../../api/client';
import { drawn, withStrokes } from './strokes';

export const useRoom = (id: MaybeRefOrGetter<number | null>) =>
    useQuery({
        queryKey: ['room', id],
        queryFn: () => answer(api.GET('/rooms/{room}', { params: { path: { room: toValue(id) ?? 0 } } })),
        enabled: () => toValue(id) !== null,
        // Two people may work on one room: whoever is on the screen is told of the other within this time.
        refetchInterval: 10_000,
    });

export const useVersion = (id: MaybeRefOrGetter<number | null>) =>
    useQuery({
        queryKey: ['version', id],
        queryFn: () => answer(api.GET('/versions/{version}', { params: { path: { version: toValue(id) ?? 0 } } })),
        enabled: () => toValue(id) !== null,
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

/** Curves, working points and the reasons of the figures of what is on the bench. */
export const useWorking = (question: MaybeRefOrGetter<Question | null>, open: MaybeRefOrGetter<boolean>) =>
    useQuery({
        queryKey: ['working', question],
        queryFn: ({ signal }) => answer(api.POST('/workings', { body: toValue(question) as Question, signal })),
        enabled: () => toValue(open) && toValue(question)?.unit != null,
        placeholderData: keepPreviousData,
        gcTime: 30_000,
    });
