import { useInfiniteQuery, useQuery, useQueryClient } from '@tanstack/vue-query';
import { toValue, type MaybeRefOrGetter } from 'vue';
import { answer, api, type MadeUnit, type UnitLine } from '../../api/client';
import { useWrite } from '../../api/useWrite';

/** How a version is made, and the units that are made by it. */
export const useGuide = (version: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['guide', version],
        queryFn: () => answer(api.GET('/versions/{version}/guide', { params: { path: { version: toValue(version) } } })),
        staleTime: 0,
    });

/** Asks for what is seen at a step; from where it is seen best, or turned from there. */
export const askPicture = (version: number, step: string, turn: number) =>
    answer(api.GET('/versions/{version}/steps/{step}', { params: { path: { version, step }, ...(turn ? { query: { turn } } : {}) } }));

export const useStepPicture = (version: MaybeRefOrGetter<number>, step: MaybeRefOrGetter<string>, turn: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['step-picture', version, step, turn],
        queryFn: () => askPicture(toValue(version), toValue(step), toValue(turn)),
        staleTime: Infinity,
        // While the next turn of the same step is on its way, the last one stays.
        placeholderData: (last, query) => (query?.queryKey[2] === toValue(step) ? last : undefined),
    });

/** A unit with what was told of its steps; whoever else is at it is seen within seconds. */
export const useUnit = (unit: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['unit', unit],
        queryFn: () => answer(api.GET('/units/{unit}', { params: { path: { unit: toValue(unit) } } })),
        staleTime: 0,
        refetchInterval: 5000,
    });

/** Units that come at a time; fewer are the last. */
const UNITS_AT_ONCE = 100;

export const useUnits = (programme: MaybeRefOrGetter<number>) =>
    useInfiniteQuery({
        queryKey: ['units', programme],
        queryFn: ({ pageParam }) =>
            answer(
                api.GET('/programmes/{programme}/units', {
                    params: { path: { programme: toValue(programme) }, query: pageParam === 0 ? {} : { before: pageParam } },
                }),
            ),
        initialPageParam: 0,
        getNextPageParam: (last: UnitLine[]) => (last.length < UNITS_AT_ONCE ? undefined : last.at(-1)?.number),
        staleTime: 0,
    });

export function useBeginUnit(version: MaybeRefOrGetter<number>) {
    const client = useQueryClient();
    return useWrite(
        (name: string) =>
            answer(api.POST('/versions/{version}/units', { params: { path: { version: toValue(version) } }, body: { name } })),
        async (unit) => {
            client.setQueryData(['unit', unit.id], unit);
            await Promise.all(['guide', 'units'].map((key) => client.invalidateQueries({ queryKey: [key], refetchType: 'none' })));
        },
    );
}

type Change = { name?: string; made?: boolean; is_open?: boolean };

export function useChangeUnit(unit: MaybeRefOrGetter<MadeUnit>) {
    const client = useQueryClient();
    return useWrite(
        (change: Change) =>
            answer(
                api.PATCH('/units/{unit}', {
                    params: { path: { unit: toValue(unit).id } },
                    body: { ...change, revision: toValue(unit).revision },
                }),
            ),
        (changed) => client.setQueryData(['unit', changed.id], changed),
    );
}
