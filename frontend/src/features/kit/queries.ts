import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/vue-query';
import { ref, toValue, type MaybeRefOrGetter } from 'vue';
import { answer, api, type LayOut, type Measured, type Shopping } from '../../api/client';
import { randomKey } from '../../api/randomKey';
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

/** The parts of a version on their sheets, and the sizes that they are cut by. */
export const useCutPlan = (version: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['cut-plan', version],
        queryFn: () => answer(api.GET('/versions/{version}/cut-plan', { params: { path: { version: toValue(version) } } })),
        staleTime: 0,
    });

/** Lays the parts out as somebody wants it. */
export function useLayOut(version: MaybeRefOrGetter<number>) {
    const client = useQueryClient();
    return useWrite(
        (body: LayOut) => answer(api.PUT('/versions/{version}/cut-plan', { params: { path: { version: toValue(version) } }, body })),
        (plan) => client.setQueryData(['cut-plan', toValue(version)], plan),
    );
}

/** Keeps a size that was measured as the part's own. */
export function useMeasureSize(version: MaybeRefOrGetter<number>) {
    const client = useQueryClient();
    return useWrite(
        (body: Measured) => answer(api.POST('/versions/{version}/sizes', { params: { path: { version: toValue(version) } }, body })),
        async (plan) => {
            client.setQueryData(['cut-plan', toValue(version)], plan);
            await Promise.all(['parts', 'evaluation', 'find'].map((key) => client.invalidateQueries({ queryKey: [key] })));
        },
    );
}

/** Keeps the window that a filler board is cut for, as it was measured. */
export function useMeasureWindow(version: MaybeRefOrGetter<number>) {
    const client = useQueryClient();
    return useWrite(
        (body: { width: string; height: string }) =>
            answer(api.POST('/versions/{version}/window', { params: { path: { version: toValue(version) } }, body })),
        (plan) => client.setQueryData(['cut-plan', toValue(version)], plan),
    );
}

/** Keeps what is left of a sheet for other builds. */
export function useKeepOffcut(version: MaybeRefOrGetter<number>) {
    const client = useQueryClient();
    return useWrite(
        (body: { sheet: string; number: number }) =>
            answer(api.POST('/versions/{version}/offcuts', { params: { path: { version: toValue(version) } }, body })),
        () => client.invalidateQueries({ queryKey: ['cut-plan'], refetchType: 'none' }),
    );
}

/** An offcut that is used up or thrown away. */
export function useDropOffcut() {
    const client = useQueryClient();
    return useWrite(
        (offcut: number) => answer(api.DELETE('/offcuts/{offcut}', { params: { path: { offcut } } })),
        () => client.invalidateQueries({ queryKey: ['cut-plan'] }),
    );
}

/** How often it is asked how far a layout is, ms. */
const PULSE = 400;

/** The list for the shop, for some rooms of a programme or all, and how far the layout is that it waits for, 0 to 1. */
export function useShopping(programme: number, rooms: MaybeRefOrGetter<string>) {
    const share = ref(0);
    async function ask(signal: AbortSignal): Promise<Shopping> {
        const chosen = toValue(rooms);
        const path = { ticket: randomKey() };
        share.value = 0;
        const watching = setInterval(() => {
            void answer(api.GET('/layouts/{ticket}', { params: { path } })).then(
                (told) => (share.value = told.share),
                () => undefined,
            );
        }, PULSE);
        signal.addEventListener('abort', () => void api.DELETE('/layouts/{ticket}', { params: { path } }));
        try {
            return await answer(
                api.GET('/programmes/{programme}/shopping', {
                    params: { path: { programme }, ...(chosen ? { query: { rooms: chosen } } : {}) },
                    headers: { 'X-Ticket': path.ticket },
                    signal,
                }),
            );
        } finally {
            clearInterval(watching);
        }
    }
    const asked = useQuery({
        queryKey: ['stock', 'shopping', programme, rooms],
        queryFn: ({ signal }) => ask(signal),
        staleTime: 0,
        // Whoever else is in the shop is seen within this time.
        refetchInterval: 6000,
        placeholderData: keepPreviousData,
    });
    return { ...asked, share };
}

/** Brings all that was ticked off to stock. */
export function useBookBought(programme: number, rooms: MaybeRefOrGetter<string>) {
    const client = useQueryClient();
    return useWrite(
        () =>
            answer(
                api.POST('/programmes/{programme}/shopping/bought', { params: { path: { programme } }, body: { rooms: toValue(rooms) } }),
            ),
        async (shopping) => {
            client.setQueryData(['stock', 'shopping', programme, toValue(rooms)], shopping);
            await client.invalidateQueries({ queryKey: ['stock'], refetchType: 'none' });
        },
    );
}
