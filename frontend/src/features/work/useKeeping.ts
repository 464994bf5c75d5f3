import { onBeforeUnmount, onMounted, ref, watch, type Ref } from 'vue';
import { answer, api } from '../../api/client';
import { useWrite } from '../../api/useWrite';
import type { Desk } from '../../store/desk';

/** As long as nothing more was changed before it is kept, ms. */
const STILL = 1200;

/**
 * Keeps on the server what is not saved yet, so that it is there on another machine too. Without a connection it stays in
 * this browser and is kept as soon as there is one.
 */
export function useKeeping(
    roomId: Ref<number | null>,
    desk: Ref<Desk | null>,
    unsaved: Ref<string | null>,
    ready: Ref<boolean>,
    may: Ref<boolean>,
) {
    const state = ref<'kept' | 'waits' | 'none'>('none');
    /** What the server holds; undefined until it was asked. */
    let there: string | null | undefined;
    let pause: ReturnType<typeof setTimeout> | undefined;
    const writing = useWrite(
        ({ room, work }: { room: number; work: string | null }) => {
            const params = { path: { room } };
            // Kept alive over a reload that follows a save, or the draft would come back with it.
            return work === null
                ? answer(api.DELETE('/rooms/{room}/draft', { params, keepalive: true }))
                : answer(api.PUT('/rooms/{room}/draft', { params, body: { work } }));
        },
        (_, { work }) => {
            there = work;
            state.value = work === null ? 'none' : 'kept';
            if (work !== null && work === unsaved.value) desk.value?.sent();
        },
    );

    async function keep(): Promise<void> {
        clearTimeout(pause);
        const work = unsaved.value;
        if (roomId.value === null || !ready.value || !may.value || work === there) return;
        await writing.run({ room: roomId.value, work });
        if (writing.refused.value) state.value = 'waits';
    }
    watch([unsaved, ready, may], ([work]) => {
        if (work === null) state.value = 'none';
        clearTimeout(pause);
        // What is saved leaves nothing behind, and at once.
        pause = setTimeout(() => void keep(), work === null ? 0 : STILL);
    });
    const again = (): void => void keep();
    onMounted(() => window.addEventListener('online', again));
    onBeforeUnmount(() => {
        window.removeEventListener('online', again);
        void keep();
    });

    return { state, found: (work: string | null) => (there = work) };
}
