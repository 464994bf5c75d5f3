import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import { toValue, type MaybeRefOrGetter } from 'vue';
import { answer, api, type Choices, type Drawing, type FindRequest } from '../../api/client';

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
