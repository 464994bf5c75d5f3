import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { toValue, type MaybeRefOrGetter } from 'vue';
import { answer, api } from '../../api/client';
import { useWrite } from '../../api/useWrite';

/** What a version takes, against what is in stock. */
export const useKit = (version: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['stock', 'kit', version],
        queryFn: () => answer(api.GET('/versions/{version}/kit', { params: { path: { version: toValue(version) } } })),
        staleTime: 0,
    });

export type KitMove = 'reserved' | 'used' | 'returned';

export function useMoveKit(version: MaybeRefOrGetter<number>) {
    const client = useQueryClient();
    return useWrite(
        (move: KitMove) => answer(api.POST('/versions/{version}/kit', { params: { path: { version: toValue(version) } }, body: { move } })),
        async (kit) => {
            client.setQueryData(['stock', 'kit', toValue(version)], kit);
            await Promise.all(['stock', 'find'].map((key) => client.invalidateQueries({ queryKey: [key], refetchType: 'none' })));
        },
    );
}
