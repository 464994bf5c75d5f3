import { useInfiniteQuery, useQuery, useQueryClient } from '@tanstack/vue-query';
import { toValue, type MaybeRefOrGetter } from 'vue';
import { answer, api, type Setting, type Site } from '../../api/client';
import { useWrite } from '../../api/useWrite';

export const useProgrammes = () => useQuery({ queryKey: ['programmes'], queryFn: () => answer(api.GET('/programmes')) });

export const useProgramme = (id: MaybeRefOrGetter<number | null>) =>
    useQuery({
        queryKey: ['programme', id],
        queryFn: () => answer(api.GET('/programmes/{programme}', { params: { path: { programme: toValue(id) ?? 0 } } })),
        enabled: () => toValue(id) !== null,
    });

/** Rooms of a site after those that came with its programme, asked for page by page. */
export const useMoreRooms = (site: () => Site) =>
    useInfiniteQuery({
        queryKey: ['programme', 'rooms', () => site().id, () => site().rooms.at(-1)?.id ?? 0],
        queryFn: ({ pageParam }) =>
            answer(
                api.GET('/sites/{site}/rooms', {
                    params: { path: { site: site().id }, query: { after: pageParam || (site().rooms.at(-1)?.id ?? 0) } },
                }),
            ),
        initialPageParam: 0,
        getNextPageParam: (page) => (page.has_more ? page.rooms.at(-1)!.id : null),
        enabled: false,
    });

/** All rooms of a site by name. */
export const useRoomNames = (site: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['programme', 'room-names', site],
        queryFn: () => answer(api.GET('/sites/{site}/room-names', { params: { path: { site: toValue(site) } } })),
        enabled: () => toValue(site) > 0,
    });

export const useSitePlan = (site: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['programme', 'site-plan', site],
        queryFn: () => answer(api.GET('/sites/{site}/plan', { params: { path: { site: toValue(site) } } })),
    });

export function useAddSite(programme: MaybeRefOrGetter<number>) {
    const client = useQueryClient();
    return useWrite(
        (name: string) =>
            answer(api.POST('/programmes/{programme}/sites', { params: { path: { programme: toValue(programme) } }, body: { name } })),
        () => client.invalidateQueries({ queryKey: ['programme'] }),
    );
}

/** What can have another name. */
export type Named = { kind: 'programme' | 'site'; id: number };

export function useRename({ kind, id }: Named) {
    const client = useQueryClient();
    return useWrite(
        (name: string) =>
            kind === 'programme'
                ? answer(api.PATCH('/programmes/{programme}', { params: { path: { programme: id } }, body: { name } }))
                : answer(api.PATCH('/sites/{site}', { params: { path: { site: id } }, body: { name } })),
        () => client.invalidateQueries({ queryKey: ['programme'] }),
    );
}

export const useSetting = (programme: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['setting', programme],
        queryFn: () => answer(api.GET('/programmes/{programme}/setting', { params: { path: { programme: toValue(programme) } } })),
    });

export function useSaveSetting(programme: MaybeRefOrGetter<number>) {
    const client = useQueryClient();
    return useWrite(
        (body: Omit<Setting, 'density'>) =>
            answer(api.PUT('/programmes/{programme}/setting', { params: { path: { programme: toValue(programme) } }, body })),
        async (setting) => {
            client.setQueryData(['setting', toValue(programme)], setting);
            await Promise.all(['programme', 'evaluation'].map((key) => client.invalidateQueries({ queryKey: [key] })));
        },
    );
}
