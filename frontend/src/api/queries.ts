import { MutationCache, QueryCache, QueryClient, keepPreviousData, useQuery } from '@tanstack/vue-query';
import { computed, toValue, type MaybeRefOrGetter } from 'vue';
import { router } from '../router';
import { answer, api, Refused, type Choices, type RoomEntries } from './client';

function onFault(fault: Error): void {
    if (fault instanceof Refused && (fault.status === 401 || fault.status === 419)) {
        queryClient.clear();
        const here = router.currentRoute.value;
        if (here.name !== 'sign-in') void router.push({ name: 'sign-in', query: { then: here.fullPath } });
    }
}

export const queryClient = new QueryClient({
    queryCache: new QueryCache({ onError: onFault }),
    mutationCache: new MutationCache({ onError: onFault }),
    defaultOptions: { queries: { retry: false, refetchOnWindowFocus: false, staleTime: 10_000 } },
});

export const useSession = () => useQuery({ queryKey: ['session'], queryFn: () => answer(api.GET('/session')), staleTime: Infinity });

export const useCatalogue = () => useQuery({ queryKey: ['catalogue'], queryFn: () => answer(api.GET('/catalogue')), staleTime: 300_000 });

export const useProgrammes = () => useQuery({ queryKey: ['programmes'], queryFn: () => answer(api.GET('/programmes')) });

export const useProgramme = (id: MaybeRefOrGetter<number | null>) =>
    useQuery({
        queryKey: ['programme', id],
        queryFn: () => answer(api.GET('/programmes/{programme}', { params: { path: { programme: toValue(id) ?? 0 } } })),
        enabled: () => toValue(id) !== null,
    });

export const useRoom = (id: MaybeRefOrGetter<number | null>) =>
    useQuery({
        queryKey: ['room', id],
        queryFn: () => answer(api.GET('/rooms/{room}', { params: { path: { room: toValue(id) ?? 0 } } })),
        enabled: () => toValue(id) !== null,
    });

export const useVersion = (id: MaybeRefOrGetter<number | null>) =>
    useQuery({
        queryKey: ['version', id],
        queryFn: () => answer(api.GET('/versions/{version}', { params: { path: { version: toValue(id) ?? 0 } } })),
        enabled: () => toValue(id) !== null,
    });

export interface Question {
    room: RoomEntries;
    goal: string;
    unit: Choices | null;
    version: number | null;
}

export const useEvaluation = (question: MaybeRefOrGetter<Question | null>) =>
    useQuery({
        queryKey: ['evaluation', question],
        queryFn: ({ signal }) => answer(api.POST('/evaluations', { body: toValue(question) as Question, signal })),
        enabled: () => toValue(question) !== null,
        placeholderData: keepPreviousData,
        gcTime: 30_000,
    });

export const useMisfits = (unit: MaybeRefOrGetter<Choices | null>, open: MaybeRefOrGetter<boolean>) =>
    useQuery({
        // Joining, corners, number and speed change nothing about what fits.
        queryKey: ['misfits', computed(() => [toValue(unit)?.shape, toValue(unit)?.fan, toValue(unit)?.filter])],
        queryFn: () => answer(api.POST('/misfits', { body: { unit: toValue(unit) as Choices } })),
        enabled: () => toValue(open) && toValue(unit) !== null,
        placeholderData: keepPreviousData,
    });
