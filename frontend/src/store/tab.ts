import { randomKey } from '../api/randomKey';

const KEY = 'tab';

/** Holds the lock of a tab as long as the page is open; false where another page holds it. */
function hold(id: string): Promise<boolean> {
    const locks: LockManager | undefined = navigator.locks;
    if (!locks) return Promise.resolve(true);
    return new Promise((resolve) => {
        void locks.request(`tab ${id}`, { ifAvailable: true }, (lock) => {
            resolve(lock !== null);
            return lock === null ? undefined : new Promise(() => undefined);
        });
    });
}

export interface Tab {
    id: string;
    /** The tab that this one is a copy of; null for none. */
    copyOf: string | null;
}

let own: Promise<Tab> | undefined;

async function find(): Promise<Tab> {
    const known = sessionStorage.getItem(KEY);
    if (known !== null && (await hold(known))) return { id: known, copyOf: null };
    const id = randomKey();
    sessionStorage.setItem(KEY, id);
    await hold(id);
    return { id, copyOf: known };
}

/** This tab, the same over a reload; a copy of a tab is another one. */
export const thisTab = (): Promise<Tab> => (own ??= find());
