import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { toValue, type MaybeRefOrGetter } from 'vue';
import { answer, api, type Proof, type SurveyKind } from '../../api/client';
import { randomKey } from '../../api/randomKey';
import { useWrite } from '../../api/useWrite';
import { useKeptReadings } from './useKeptReadings';

/** What was measured on a unit, and what it comes to; whoever else measures is seen within seconds. */
export const useProof = (unit: MaybeRefOrGetter<number>, isLive = true) =>
    useQuery({
        queryKey: ['proof', unit],
        queryFn: () => answer(api.GET('/units/{unit}/proof', { params: { path: { unit: toValue(unit) } } })),
        staleTime: 0,
        refetchInterval: isLive ? 10_000 : false,
    });

export const usePoints = (unit: MaybeRefOrGetter<number>, turn: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['points', unit, turn],
        queryFn: () =>
            answer(api.GET('/units/{unit}/points', { params: { path: { unit: toValue(unit) }, query: { turn: toValue(turn) } } })),
        staleTime: Infinity,
        placeholderData: (last) => last,
    });

/** A log with what a decay fitted to it leaves over; over a stretch, or over the one that is found. */
export const useLog = (log: MaybeRefOrGetter<number>, stretch: MaybeRefOrGetter<{ from: number; to: number } | null>) =>
    useQuery({
        queryKey: ['log', log, stretch],
        queryFn: () => {
            const told = toValue(stretch);
            return answer(
                api.GET('/logs/{log}', {
                    params: { path: { log: toValue(log) }, query: told ? { from_min: told.from, to_min: told.to } : {} },
                }),
            );
        },
        staleTime: Infinity,
        enabled: () => toValue(log) > 0,
        placeholderData: (last, query) => (query?.queryKey[1] === toValue(log) ? last : undefined),
    });

/** How a log is to be read where what was found is not right. */
export interface LogChoices {
    time_column?: number;
    value_column?: number;
    clock?: string;
    sensor?: string;
}

/** Writes evidence of a unit; each answer is the whole proof anew. */
export function useMeasuring(unit: number) {
    const client = useQueryClient();
    const take = (proof: Proof): void => void client.setQueryData(['proof', unit], proof);
    return {
        beginning: useWrite(
            ({ kind, setting, replaces }: { kind: SurveyKind; setting: Record<string, string>; replaces?: number }) =>
                answer(
                    api.POST('/units/{unit}/surveys', {
                        params: { path: { unit } },
                        body: { key: randomKey(), kind, setting, ...(replaces === undefined ? {} : { replaces }) },
                    }),
                ),
            take,
        ),
        telling: useKeptReadings(unit, take),
        keeping: useWrite(
            (kind: Proof['measured'][number]['kind']) =>
                answer(api.POST('/units/{unit}/measured-parts', { params: { path: { unit } }, body: { kind } })),
            async (proof) => {
                take(proof);
                await client.invalidateQueries({ queryKey: ['parts'] });
            },
        ),
        adding: useWrite(({ file, choices = {} }: { file: File; choices?: LogChoices }) =>
            answer(
                api.POST('/units/{unit}/logs', {
                    params: { path: { unit }, query: { name: file.name, ...choices } },
                    body: file as unknown as string,
                    bodySerializer: (body) => body as unknown as BodyInit,
                    headers: { 'Content-Type': 'text/csv' },
                }),
            ),
        ),
    };
}

/** A photo that shows a place on the unit. */
export const usePhoto = (unit: number) =>
    useWrite((photo: string) =>
        answer(api.POST('/units/{unit}/photos', { params: { path: { unit } }, body: { key: randomKey(), photo } })),
    );

export type Measuring = ReturnType<typeof useMeasuring>;
