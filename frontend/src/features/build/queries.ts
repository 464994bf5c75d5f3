import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import { computed, toValue, type MaybeRefOrGetter } from 'vue';
import { answer, api, type Choices } from '../../api/client';
import type { Question } from '../work/queries';

/** What would not fit the build on the bench, and why. */
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

/** Questions that makers dispute, answered for the build on the bench. */
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

/** All versions of a build, the latest first. */
export const useVersions = (build: MaybeRefOrGetter<number | null>) =>
    useQuery({
        queryKey: ['room', 'versions', build],
        queryFn: () => answer(api.GET('/builds/{build}/versions', { params: { path: { build: toValue(build) ?? 0 } } })),
        enabled: () => toValue(build) !== null,
    });
