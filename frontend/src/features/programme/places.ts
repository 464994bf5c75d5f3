import { useInfiniteQuery, useQuery, useQueryClient } from '@tanstack/vue-query';
import { toValue, type MaybeRefOrGetter } from 'vue';
import { answer, api, type Copies, type DeletedItem } from '../../api/client';
import { useWrite } from '../../api/useWrite';

/** Asks for the programme anew once something of it was changed. */
function useChange<T, V>(write: (what: V) => Promise<T>) {
    const client = useQueryClient();
    return useWrite(write, () =>
        Promise.all(
            ['programme', 'programmes', 'deleted', 'activities', 'guide', 'units', 'days', 'meters'].map((key) =>
                client.invalidateQueries({ queryKey: [key] }),
            ),
        ),
    );
}

export const useCopyRoom = (room: number) =>
    useChange((body: Copies) => answer(api.POST('/rooms/{room}/copies', { params: { path: { room } }, body })));

export const useMoveRoom = (room: number) =>
    useChange((site: number) => answer(api.PUT('/rooms/{room}/site', { params: { path: { room } }, body: { site } })));

export type Deletable = Pick<DeletedItem, 'kind' | 'id'>;

type Answered = Promise<{ data?: never; error?: unknown; response: Response }>;

/** Where each kind is deleted, and brought back. */
const PLACES: Record<Deletable['kind'], { remove: (id: number) => Answered; back: (id: number) => Answered }> = {
    site: {
        remove: (site) => api.DELETE('/sites/{site}', { params: { path: { site } } }),
        back: (site) => api.DELETE('/sites/{site}/deletion', { params: { path: { site } } }),
    },
    room: {
        remove: (room) => api.DELETE('/rooms/{room}', { params: { path: { room } } }),
        back: (room) => api.DELETE('/rooms/{room}/deletion', { params: { path: { room } } }),
    },
    unit: {
        remove: (unit) => api.DELETE('/units/{unit}', { params: { path: { unit } } }),
        back: (unit) => api.DELETE('/units/{unit}/deletion', { params: { path: { unit } } }),
    },
    day: {
        remove: (day) => api.DELETE('/days/{day}', { params: { path: { day } } }),
        back: (day) => api.DELETE('/days/{day}/deletion', { params: { path: { day } } }),
    },
    meter: {
        remove: (meter) => api.DELETE('/meters/{meter}', { params: { path: { meter } } }),
        back: (meter) => api.DELETE('/meters/{meter}/deletion', { params: { path: { meter } } }),
    },
};

export const useDelete = () => useChange(({ kind, id }: Deletable) => answer(PLACES[kind].remove(id)));

export const useBringBack = () => useChange(({ kind, id }: Deletable) => answer(PLACES[kind].back(id)));

export const useOrderSites = (programme: MaybeRefOrGetter<number>) =>
    useChange((sites: number[]) =>
        answer(api.PUT('/programmes/{programme}/site-order', { params: { path: { programme: toValue(programme) } }, body: { sites } })),
    );

export const useArchive = (programme: MaybeRefOrGetter<number>) =>
    useChange((isArchived: boolean) => {
        const path = { params: { path: { programme: toValue(programme) } } };
        return isArchived
            ? answer(api.PUT('/programmes/{programme}/archive', path))
            : answer(api.DELETE('/programmes/{programme}/archive', path));
    });

export const useAddProgramme = () => useChange((name: string) => answer(api.POST('/programmes', { body: { name } })));

/** What was deleted and can be brought back. */
export const useDeleted = (programme: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['deleted', programme],
        queryFn: () => answer(api.GET('/programmes/{programme}/deleted', { params: { path: { programme: toValue(programme) } } })),
    });

/** Who did what when, the latest first, page by page; of one room where one is named. */
export const useActivities = (programme: MaybeRefOrGetter<number>, room: MaybeRefOrGetter<number | null>) =>
    useInfiniteQuery({
        queryKey: ['activities', programme, room],
        queryFn: ({ pageParam }) =>
            answer(
                api.GET('/programmes/{programme}/activities', {
                    params: {
                        path: { programme: toValue(programme) },
                        query: { ...(pageParam ? { before: pageParam } : {}), ...(toValue(room) ? { room: toValue(room)! } : {}) },
                    },
                }),
            ),
        initialPageParam: 0,
        getNextPageParam: (page) => (page.has_earlier ? page.activities.at(-1)!.id : null),
    });
