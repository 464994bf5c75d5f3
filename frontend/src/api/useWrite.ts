import { useMutation } from '@tanstack/vue-query';
import { computed } from 'vue';
import { Refused } from './client';

/**
 * One thing that is written to the server: whether it is on its way, what was refused, and at which fields.
 *
 * @param write sends it
 * @param done takes what came of it, before it counts as written
 */
export function useWrite<T, V = void>(write: (what: V) => Promise<T>, done: (answer: T, what: V) => unknown = () => undefined) {
    const mutation = useMutation({
        mutationFn: async (what: V): Promise<T> => {
            const answer = await write(what);
            await done(answer, what);
            return answer;
        },
    });
    const refused = computed(() => (mutation.error.value instanceof Refused ? mutation.error.value : null));

    /** Writes it; what is refused is told by the fields below and gives nothing. */
    async function run(what: V): Promise<T | undefined> {
        try {
            return await mutation.mutateAsync(what);
        } catch (fault) {
            if (!(fault instanceof Refused)) throw fault;
            return undefined;
        }
    }

    return {
        busy: mutation.isPending,
        refused,
        run,
        forget: mutation.reset,
        errors: computed(() => refused.value?.errors ?? {}),
        offers: computed(() => refused.value?.choices ?? {}),
        /** What was refused as a whole, where no field is at fault. */
        message: computed(() => (refused.value && Object.keys(refused.value.errors).length === 0 ? refused.value.message : '')),
    };
}
