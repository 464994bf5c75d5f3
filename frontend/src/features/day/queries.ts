import { useInfiniteQuery, useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, onBeforeUnmount, ref, toValue, type MaybeRefOrGetter } from 'vue';
import { answer, api, type BuildDay, type DayEntries } from '../../api/client';
import { useWrite } from '../../api/useWrite';

/** Days that come at a time; fewer are the last. */
const DAYS_AT_ONCE = 100;

export const useDays = (programme: MaybeRefOrGetter<number>) =>
    useInfiniteQuery({
        queryKey: ['days', programme],
        queryFn: ({ pageParam }) =>
            answer(
                api.GET('/programmes/{programme}/days', {
                    params: { path: { programme: toValue(programme) }, query: pageParam === 0 ? {} : { after: pageParam } },
                }),
            ),
        initialPageParam: 0,
        getNextPageParam: (last: unknown[], pages: unknown[][]) => (last.length < DAYS_AT_ONCE ? undefined : pages.flat().length),
        staleTime: 0,
    });

/** A build day; once it has begun, what is ticked at its tables is seen within seconds. */
export const useDay = (day: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['day', day],
        queryFn: () => answer(api.GET('/days/{day}', { params: { path: { day: toValue(day) } } })),
        staleTime: 0,
        refetchInterval: (query) => (query.state.data?.begun_at ? 6000 : false),
    });

export function useAddDay(programme: MaybeRefOrGetter<number>) {
    const client = useQueryClient();
    return useWrite(
        (body: DayEntries) =>
            answer(api.POST('/programmes/{programme}/days', { params: { path: { programme: toValue(programme) } }, body })),
        (day) => client.setQueryData(['day', day.id], day),
    );
}

/** All that is written of a day: changed, moved in, begun. */
export function useDayWrites(day: number) {
    const client = useQueryClient();
    const path = { day };
    const take = (changed: BuildDay): unknown => client.setQueryData(['day', day], changed);
    return {
        changing: useWrite((body: DayEntries & { revision: number }) => answer(api.PUT('/days/{day}', { params: { path }, body })), take),
        moving: useWrite(
            (body: { task: string; start: number; people: string[]; revision: number }) =>
                answer(api.POST('/days/{day}/moves', { params: { path }, body })),
            take,
        ),
        beginning: useWrite(() => answer(api.POST('/days/{day}/beginning', { params: { path } })), take),
        settingAside: useWrite(
            (body: { units: number[]; revision: number }) => answer(api.PUT('/days/{day}/set-aside', { params: { path }, body })),
            take,
        ),
    };
}

/** Time for a first plan, and for a shorter one, ms. */
const FIRST = 300;
const LONGER = 4200;
const PULSE = 100;

/** Plans a day: a first plan at once, then a shorter one for some seconds, with how far that is; whoever cancels keeps the first. */
export function usePlanning(day: number) {
    const client = useQueryClient();
    const share = ref(0);
    let pulse = 0;
    let ending: AbortController | null = null;
    const planning = useWrite(async (budget: number) => {
        ending = new AbortController();
        const planned = await answer(api.POST('/days/{day}/plan', { params: { path: { day } }, body: { budget }, signal: ending.signal }));
        client.setQueryData(['day', day], planned);
        return planned;
    });
    const isSearching = ref(false);

    async function plan(): Promise<void> {
        try {
            if (!(await planning.run(FIRST))) return;
            isSearching.value = true;
            const began = Date.now();
            pulse = window.setInterval(() => (share.value = Math.min(1, (Date.now() - began) / LONGER)), PULSE);
            await planning.run(LONGER);
        } catch (fault) {
            if (!(fault instanceof DOMException && fault.name === 'AbortError')) throw fault;
        } finally {
            window.clearInterval(pulse);
            isSearching.value = false;
            share.value = 0;
        }
    }
    const cancel = (): void => ending?.abort();
    onBeforeUnmount(() => {
        window.clearInterval(pulse);
        cancel();
    });
    return {
        plan,
        cancel,
        share,
        isSearching,
        busy: computed(() => planning.busy.value),
        message: planning.message,
        errors: planning.errors,
    };
}
