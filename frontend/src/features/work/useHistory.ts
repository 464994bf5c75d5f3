import { computed, onBeforeUnmount, onScopeDispose, shallowRef, watch, type Ref } from 'vue';
import { MOST_STEPS, type Desk } from '../../store/desk';

/**
 * Undo and redo of what is drawn and chosen, over a reload too. Every change counts, wherever on the screen it was made,
 * but all that is done in one hold is one step; a new change after an undo begins a new future.
 */
export function useHistory<T>(desk: Ref<Desk | null>, state: () => T, ready: Ref<boolean>, put: (state: T) => void, held: Ref<boolean>) {
    const past = shallowRef<string[]>([]);
    const future = shallowRef<string[]>([]);
    let present: string | null = null;
    /** Whether the hold that goes on has its step already. */
    let merged = false;

    watch(
        desk,
        (opened) => {
            past.value = opened?.past ?? [];
            future.value = opened?.future ?? [];
        },
        { immediate: true, flush: 'sync' },
    );
    watch(
        () => (ready.value ? JSON.stringify(state()) : null),
        (now) => {
            if (now !== null && present !== null && present !== now && !(held.value && merged)) {
                merged = held.value;
                desk.value?.step(present);
                past.value = [...past.value, present].slice(-MOST_STEPS);
                future.value = [];
            }
            present = now;
        },
        { immediate: true, flush: 'sync' },
    );
    watch(held, (holds) => (merged = merged && holds), { flush: 'sync' });

    function go(to: string | undefined, by: -1 | 1): void {
        if (to === undefined || present === null) return;
        desk.value?.move(present, by);
        if (by < 0) [past.value, future.value] = [past.value.slice(0, -1), [present, ...future.value]];
        else [past.value, future.value] = [[...past.value, present], future.value.slice(1)];
        present = to;
        put(JSON.parse(to) as T);
    }
    /** What still works on the state, each told as a promise of when it is through. */
    const workers = new Set<() => Promise<unknown>>();
    /** Lets whatever works on the state come to its end first, so that nothing comes in behind the step. */
    async function after(step: () => void): Promise<void> {
        if (workers.size > 0) await Promise.all([...workers].map((settled) => settled()));
        step();
    }
    const undo = (): Promise<void> => after(() => go(past.value.at(-1), -1));
    const redo = (): Promise<void> => after(() => go(future.value[0], 1));
    function waitFor(settled: () => Promise<unknown>): void {
        workers.add(settled);
        onScopeDispose(() => workers.delete(settled));
    }

    function onKey(event: KeyboardEvent): void {
        const typing = event.target instanceof HTMLInputElement && event.target.type !== 'checkbox' && event.target.type !== 'radio';
        if (!(event.ctrlKey || event.metaKey) || typing || event.key.toLowerCase() !== 'z') return;
        event.preventDefault();
        void (event.shiftKey ? redo() : undo());
    }
    window.addEventListener('keydown', onKey);
    onBeforeUnmount(() => window.removeEventListener('keydown', onKey));

    return { undo, redo, waitFor, canUndo: computed(() => past.value.length > 0), canRedo: computed(() => future.value.length > 0) };
}

export type History = ReturnType<typeof useHistory>;
