import { keepPreviousData, useInfiniteQuery, useQuery, useQueryClient } from '@tanstack/vue-query';
import { toValue, type MaybeRefOrGetter } from 'vue';
import { answer, api, type Stock, type StockMovement } from '../../api/client';
import { useWrite } from '../../api/useWrite';

export const useStock = (programme: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['stock', programme],
        queryFn: () => answer(api.GET('/programmes/{programme}/stock', { params: { path: { programme: toValue(programme) } } })),
    });

/** Movements before those that came with the stock, asked for page by page. */
export const useEarlierMovements = (programme: MaybeRefOrGetter<number>, latest: () => Stock['latest'] | undefined) =>
    useInfiniteQuery({
        queryKey: ['stock', programme, 'earlier', () => latest()?.movements.at(-1)?.id ?? 0],
        queryFn: ({ pageParam }) =>
            answer(
                api.GET('/programmes/{programme}/stock/movements', {
                    params: {
                        path: { programme: toValue(programme) },
                        query: { before: pageParam || (latest()?.movements.at(-1)?.id ?? 1) },
                    },
                }),
            ),
        initialPageParam: 0,
        getNextPageParam: (page) => (page.has_earlier ? page.movements.at(-1)!.id : null),
        enabled: false,
    });

/** Builds by words of their names; nothing is asked before there are any. */
export const useBuildSearch = (programme: MaybeRefOrGetter<number>, search: MaybeRefOrGetter<string>) =>
    useQuery({
        queryKey: ['stock', programme, 'builds', search],
        queryFn: () =>
            answer(
                api.GET('/programmes/{programme}/stock/builds', {
                    params: { path: { programme: toValue(programme) }, query: { search: toValue(search) } },
                }),
            ),
        enabled: () => toValue(search).trim() !== '',
        placeholderData: keepPreviousData,
    });

export function useMoveStock(programme: MaybeRefOrGetter<number>) {
    const client = useQueryClient();
    return useWrite(
        (body: StockMovement) =>
            answer(api.POST('/programmes/{programme}/stock', { params: { path: { programme: toValue(programme) } }, body })),
        async (stock) => {
            client.setQueryData(['stock', toValue(programme)], stock);
            client.removeQueries({ queryKey: ['stock', toValue(programme), 'earlier'] });
            await client.invalidateQueries({ queryKey: ['find'] });
        },
    );
}
