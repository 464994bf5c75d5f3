import { computed, onBeforeUnmount, ref, watch, type Ref } from 'vue';

/** Most steps that are kept in the browser; older ones are dropped from the far end. */
const KEPT = 10_000;

interface Steps {
    past: string[];
    future: string[];
}

const same = (a: unknown, b: string): boolean => JSON.stringify(a) === b;

/**
 * Undo and redo of what is drawn and chosen, over a reload too. Every change counts, wherever on the screen it was made,
 * but all that is done in one hold is one step; a new change after an undo begins a new future.
 */
export function useHistory<T>(key: string, state: () => T, ready: Ref<boolean>, put: (state: T) => void, held: Ref<boolean> = ref(false)) {
    const place = `steps:${key}`;
    const kept = sessionStorage.getItem(place);
    const steps = ref<Steps>(kept === null ? { past: [], future: [] } : (JSON.parse(kept) as Steps));
    let present: string | null = null;
    /** Whether the hold that goes on has its step already. */
    let merged = false;

    watch(
        () => (ready.value ? JSON.stringify(state()) : null),
        (now) => {
            if (now === null) {
                present = null;
                return;
            }
            if (present !== null && present !== now && !(held.value && merged)) {
                merged = held.value;
                steps.value = { past: [...steps.value.past, present].slice(-KEPT), future: [] };
            }
            present = now;
        },
        { immediate: true, flush: 'sync' },
    );
    watch(held, (holds) => (merged = merged && holds), { flush: 'sync' });
    watch(steps, (now) => sessionStorage.setItem(place, JSON.stringify(now)), { deep: true });

    function go(from: 'past' | 'future', to: 'past' | 'future'): void {
        const wanted = steps.value[from].at(-1);
        if (wanted === undefined || present === null || same(state(), wanted)) return;
        const left = steps.value[from].slice(0, -1);
        const other = [...steps.value[to], present];
        steps.value = from === 'past' ? { past: left, future: other } : { past: other, future: left };
        present = wanted;
        put(JSON.parse(wanted) as T);
    }
    const undo = (): void => go('past', 'future');
    const redo = (): void => go('future', 'past');

    function onKey(event: KeyboardEvent): void {
        const typing = event.target instanceof HTMLInputElement && event.target.type !== 'checkbox';
        if (!(event.ctrlKey || event.metaKey) || typing || event.key.toLowerCase() !== 'z') return;
        event.preventDefault();
        if (event.shiftKey) redo();
        else undo();
    }
    window.addEventListener('keydown', onKey);
    onBeforeUnmount(() => window.removeEventListener('keydown', onKey));

    return {
        undo,
        redo,
        canUndo: computed(() => steps.value.past.length > 0),
        canRedo: computed(() => steps.value.future.length > 0),
    };
}
