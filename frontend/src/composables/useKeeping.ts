import { onBeforeUnmount, onMounted, ref, watch, type Ref } from 'vue';
import { answer, api, Refused } from '../api/client';

/** As long as nothing more was changed before it is kept, ms. */
const STILL = 1200;

/**
 * Keeps on the server what is not saved yet, so that it is there on another machine too. Without a connection it stays in
 * this browser and is kept as soon as there is one.
 */
export function useKeeping(roomId: Ref<number | null>, unsaved: Ref<string | null>, ready: Ref<boolean>, may: Ref<boolean>) {
    const state = ref<'kept' | 'waits' | 'none'>('none');
    /** What the server holds; undefined until it was asked. */
    let there: string | null | undefined;
    let pause: ReturnType<typeof setTimeout> | undefined;

    async function keep(): Promise<void> {
        clearTimeout(pause);
        const work = unsaved.value;
        if (roomId.value === null || !ready.value || !may.value || work === there) return;
        const params = { path: { room: roomId.value } };
        try {
            if (work === null) await answer(api.DELETE('/rooms/{room}/draft', { params }));
            else await answer(api.PUT('/rooms/{room}/draft', { params, body: { work } }));
            there = work;
            state.value = work === null ? 'none' : 'kept';
        } catch (refused) {
            if (!(refused instanceof Refused)) throw refused;
            state.value = 'waits';
        }
    }
    watch([unsaved, ready, may], ([work]) => {
        if (work === null) state.value = 'none';
        clearTimeout(pause);
        pause = setTimeout(() => void keep(), STILL);
    });
    const again = (): void => void keep();
    onMounted(() => window.addEventListener('online', again));
    onBeforeUnmount(() => {
        window.removeEventListener('online', again);
        void keep();
    });

    return { state, found: (work: string | null) => (there = work) };
}
