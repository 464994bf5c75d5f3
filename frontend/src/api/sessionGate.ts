import { ref } from 'vue';

/**
 * Where requests wait when a session has ended: whoever was signed in is asked to sign in again over the page, which
 * stays as it is, and what was asked then goes on.
 */
const waiting = ref<((isOpen: boolean) => void)[]>([]);

/** Number of who is signed in on this page, as far as it knows; 0 for nobody. */
let known = 0;

export const sessionGate = {
    waiting,
    /** Somebody is signed in, or nobody any more. */
    know(person: number): void {
        known = person;
    },
    who: (): number => known,
    /** Waits until somebody has signed in again; false where nobody was signed in, or nobody does. */
    pass(): Promise<boolean> {
        return known > 0 ? new Promise((resolve) => (waiting.value = [...waiting.value, resolve])) : Promise.resolve(false);
    },
    settle(isOpen: boolean): void {
        const all = waiting.value;
        waiting.value = [];
        for (const resolve of all) resolve(isOpen);
    },
};
