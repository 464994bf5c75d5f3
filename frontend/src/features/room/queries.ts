import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import { toValue, type MaybeRefOrGetter } from 'vue';
import { answer, api, type PlanEdit, type RoomEntries } from '../../api/client';
import { useWrite } from '../../api/useWrite';
import type { Question } from '../work/queries';

export type PlanQuestion = Pick<Question, 'room' | 'unit' | 'programme' | 'beside'>;

/** The room as it is drawn, whoever uses it. */
export const usePlanned = (question: MaybeRefOrGetter<PlanQuestion | null>) =>
    useQuery({
        queryKey: ['plan', question],
        queryFn: ({ signal }) => answer(api.POST('/plans', { body: toValue(question) as PlanQuestion, signal })),
        enabled: () => toValue(question) !== null,
        placeholderData: keepPreviousData,
        gcTime: 30_000,
    });

/** What a hand does to the plan: the entries as they are after, and the plan drawn. */
export const useEditPlan = () => useWrite((body: PlanQuestion & { edit: PlanEdit }) => answer(api.POST('/plans/edits', { body })));

/** The key of a plan that was drawn. */
export const planKey = (question: PlanQuestion) => ['plan', question] as const;

/** The outline that comes of a tape's reading of one wall. */
export const useReadWall = () =>
    useWrite((body: { room: RoomEntries; wall: number; length: string }) => answer(api.POST('/walls', { body })));

export type Answers = Record<string, string[]>;

export const useNeed = (answers: MaybeRefOrGetter<Answers>, room: MaybeRefOrGetter<RoomEntries>, open: MaybeRefOrGetter<boolean>) =>
    useQuery({
        queryKey: ['need', answers, room],
        queryFn: () => answer(api.POST('/needs', { body: { answers: toValue(answers), room: toValue(room) } })),
        enabled: () => toValue(open),
        placeholderData: keepPreviousData,
        staleTime: Infinity,
    });
