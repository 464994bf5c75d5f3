import { MutationCache, QueryCache, QueryClient, notifyManager } from '@tanstack/vue-query';
import { Refused } from './client';

/** What is done when the server does not know who asks and nobody signs in again. */
let onSignedOut: () => unknown = () => undefined;

export function whenSignedOut(done: () => unknown): void {
    onSignedOut = done;
}

function onFault(fault: Error): void {
    if (!(fault instanceof Refused) || fault.status !== 401) return;
    // What is for everybody stays, also when it is still on its way.
    queryClient.removeQueries({ predicate: (query) => query.meta?.isForEverybody !== true });
    queryClient.getMutationCache().clear();
    onSignedOut();
}

// Answers are shown as they come, not a timer's tick later.
notifyManager.setScheduler(queueMicrotask);

export const queryClient = new QueryClient({
    queryCache: new QueryCache({ onError: onFault }),
    mutationCache: new MutationCache({ onError: onFault }),
    // An answer is replaced whole, never changed: nothing in it needs to be watched.
    defaultOptions: { queries: { retry: false, refetchOnWindowFocus: false, staleTime: 10_000, shallow: true } },
});
