import { computed, ref } from 'vue';
import { Refused } from '../api/client';

/** One thing being written to the server: whether it is on its way, what was refused, and at which fields. */
export function useSaved() {
    const busy = ref(false);
    const refused = ref<Refused | null>(null);
    const done = ref('');

    async function save<T>(write: () => Promise<T>, said: string): Promise<T | undefined> {
        busy.value = true;
        done.value = '';
        try {
            const answer = await write();
            refused.value = null;
            done.value = said;
            return answer;
        } catch (fault) {
            if (!(fault instanceof Refused)) throw fault;
            refused.value = fault;
            return undefined;
        } finally {
            busy.value = false;
        }
    }

    function forget(): void {
        refused.value = null;
        done.value = '';
    }

    return {
        busy,
        done,
        save,
        forget,
        errors: computed(() => refused.value?.errors ?? {}),
        offers: computed(() => refused.value?.choices ?? {}),
        /** What was refused as a whole, where no field is at fault. */
        message: computed(() => (refused.value && Object.keys(refused.value.errors).length === 0 ? refused.value.message : '')),
    };
}
