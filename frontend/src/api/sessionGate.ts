import { ref } from 'vue';

/**
 * Where requests wait when a session has ended: whoever was signed in is asked to sign in again over the page, which
 * stays as it is, and what was asked then goes on.
 */
const waiting = ref<((isOpen: boolean) => void)[]>([]);

/** Number of the person who is signed in on this page, once the server has said so; 0 for nobody. */
const known = ref(0);

/** Where this browser remembers who was signed in last: without a network a page is theirs before any server says so. */
const LAST = 'last-person';

export const sessionGate = {
    waiting,
    /** Somebody is signed in, or with 0 nobody any more. */
    know(person: number): void {
        known.value = person;
        if (person > 0) localStorage.setItem(LAST, String(person));
        else localStorage.removeItem(LAST);
    },
    /** Number of the person whose page this is: who is signed in, or who was last where that is not known yet; 0 for nobody. */
    who: (): number => known.value || Number(localStorage.getItem(LAST) ?? 0),
    /** Whether an answer that was given to a person is for somebody else than who is signed in on this page. */
    isForAnother: (person: string | null): boolean => person !== null && known.value > 0 && person !== String(known.value),
    /** Waits until somebody has signed in again; false where nobody was signed in, or nobody does. */
    pass(): Promise<boolean> {
        return known.value > 0 ? new Promise((resolve) => (waiting.value = [...waiting.value, resolve])) : Promise.resolve(false);
    },
    settle(isOpen: boolean): void {
        const all = waiting.value;
        waiting.value = [];
        for (const resolve of all) resolve(isOpen);
    },
};
