import { computed, onBeforeUnmount, ref, watch, type Ref } from 'vue';
import type { Choices } from '../api/client';

/** Most steps that are kept in the browser; older ones are dropped from the far end. */
const KEPT = 10_000;

interface Steps {
    past: string[];
    future: string[];
}

const same = (a: Choices, b: string): boolean => JSON.stringify(a) === b;

/**
 * Undo and redo of what is chosen for a build, over a reload too. Every change counts, wherever on the screen it was made;
 * a new one after an undo begins a new future.
 */
export function useHistory(key: string, choices: () => Choices, ready: Ref<boolean>, put: (choices: Choices) => void) {
    const place = `history:${key}`;
    const kept = sessionStorage.getItem(place);
    const steps = ref<Steps>(kept === null ? { past: [], future: [] } : (JSON.parse(kept) as Steps));
    let present: string | null = null;

    watch(
        () => (ready.value ? JSON.stringify(choices()) : null),
        (now) => {
            if (now === null) {
                present = null;
                return;
            }
            if (present !== null && present !== now) {
                steps.value = { past: [...steps.value.past, present].slice(-KEPT), future: [] };
            }
            present = now;
        },
        { immediate: true, flush: 'sync' },
    );
    watch(steps, (now) => sessionStorage.setItem(place, JSON.stringify(now)), { deep: true });

    function go(from: 'past' | 'future', to: 'past' | 'future'): void {
        const wanted = steps.value[from].at(-1);
        if (wanted === undefined || present === null || same(choices(), wanted)) return;
        const left = steps.value[from].slice(0, -1);
        const other = [...steps.value[to], present];
        steps.value = from === 'past' ? { past: left, future: other } : { past: other, future: left };
        present = wanted;
        put(JSON.parse(wanted) as Choices);
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
