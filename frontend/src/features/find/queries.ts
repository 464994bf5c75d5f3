import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import { ref, toValue, type MaybeRefOrGetter } from 'vue';
import { answer, api, type Choices, type Drawing, type Find, type FindRequest } from '../../api/client';
import { randomKey } from '../../api/randomKey';

/** With so many before one or fewer the server keeps the question until it is its turn (app/Finder/FindQueue). */
const NEAR = 3;

/** How long one waits before asking again for one's turn, ms: longer while more come first, and never so long as to be forgotten. */
const pause = (before: number): number => (before <= NEAR ? 100 : Math.min(3000, 300 * (before - NEAR)));

/** Asks until it is answered; while others come first it says how many. Whoever leaves gives the place back. */
async function find(question: FindRequest, signal: AbortSignal, wait: (before: number | null) => void): Promise<Find> {
    const ticket = randomKey();
    const leave = (): void => void api.DELETE('/finds/{ticket}', { params: { path: { ticket } }, keepalive: true }).catch(() => undefined);
    signal.addEventListener('abort', leave);
    window.addEventListener('pagehide', leave);
    try {
        for (;;) {
            const said = await answer(api.POST('/finds', { body: { ...question, ticket }, signal }));
            if (!('before' in said)) return said;
            wait(said.before);
            await new Promise((resolve) => setTimeout(resolve, pause(said.before)));
            signal.throwIfAborted();
        }
    } finally {
        signal.removeEventListener('abort', leave);
        window.removeEventListener('pagehide', leave);
        wait(null);
    }
}

export function useFind(question: MaybeRefOrGetter<FindRequest | null>) {
    /** Searches that come first; null while none does. */
    const before = ref<number | null>(null);
    const search = useQuery({
        queryKey: ['find', question],
        queryFn: ({ signal }) => find(toValue(question) as FindRequest, signal, (count) => (before.value = count)),
        enabled: () => toValue(question) !== null,
        placeholderData: keepPreviousData,
        gcTime: 120_000,
    });
    return { search, before };
}

/** A build with its small drawing. */
export interface Sketch {
    choices: Choices;
    drawing: Drawing;
}

export const useSketches = (units: MaybeRefOrGetter<Choices[]>, programme: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['sketches', programme, units],
        queryFn: async ({ signal }): Promise<Sketch[]> => {
            const asked = toValue(units);
            const drawings = await answer(api.POST('/sketches', { body: { units: asked, programme: toValue(programme) }, signal }));
            return asked.flatMap((choices, index) => {
                const drawing = drawings[index];
                return drawing ? [{ choices, drawing }] : [];
            });
        },
        enabled: () => toValue(units).length > 0,
        placeholderData: keepPreviousData,
        staleTime: Infinity,
    });
