import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { toValue, type MaybeRefOrGetter } from 'vue';
import { answer, api, type StockMovement } from '../../api/client';
import { useWrite } from '../../api/useWrite';

export const useStock = (programme: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['stock', programme],
        queryFn: () => answer(api.GET('/programmes/{programme}/stock', { params: { path: { programme: toValue(programme) } } })),
    });

export function useMoveStock(programme: MaybeRefOrGetter<number>) {
    const client = useQueryClient();
    return useWrite(
        (body: StockMovement) =>
            answer(api.POST('/programmes/{programme}/stock', { params: { path: { programme: toValue(programme) } }, body })),
        async (stock) => {
            client.setQueryData(['stock', toValue(programme)], stock);
            await client.invalidateQueries({ queryKey: ['find'] });
        },
    );
}
