import { computed, onBeforeUnmount, onMounted, ref, watch, type ComputedRef, type Ref } from 'vue';
import type { Refused } from '../api/client';
import { oneByOne, sendKept } from '../api/kept';
import { sessionGate } from '../api/sessionGate';
import { database, NOBODY, type OutboxRow } from './database';

/** Sent again as often, ms, while something waits. */
const AGAIN = 5000;

export interface Outbox<Told> {
    /** What the server does not know yet, in the order in which it was told. */
    waiting: Ref<OutboxRow<Told>[]>;
    /** Whether what an earlier visit left was looked for. */
    isRead: Ref<boolean>;
    /** Why something that was told was never taken. */
    lost: Ref<string>;
    isWaiting: ComputedRef<boolean>;
    /** Keeps something in this browser, and sends it with all that waits. */
    put: (rows: OutboxRow<Told>[]) => Promise<void>;
    again: () => Promise<void>;
    /** A row of whoever is signed in now. */
    row: (key: string, told: Told) => OutboxRow<Told>;
}

interface OutboxWays<Told> {
    /** What is sent together. */
    group?: (told: Told) => number;
    /** Whether anything can be sent now. */
    isReady?: () => boolean;
    /** Waited for before rows that were taken, or never will be, are forgotten here. */
    forgetting?: () => unknown;
}

/**
 * What somebody tells of one thing while there may be no network. It is kept in this browser under whoever told it, is seen and
 * sent as theirs alone, and comes once however often it is sent, as each has a key.
 *
 * @param about what it is told of: `unit 7`
 * @param send sends rows, and gives what was refused
 */
export function useOutbox<Told>(
    about: string,
    send: (rows: OutboxRow<Told>[]) => Promise<Refused | null>,
    { group = () => 0, isReady = () => true, forgetting = () => undefined }: OutboxWays<Told> = {},
): Outbox<Told> {
    const waiting = ref<OutboxRow<Told>[]>([]) as Ref<OutboxRow<Told>[]>;
    const isRead = ref(false);
    const lost = ref('');
    const table = database.outbox as unknown as {
        bulkPut: (rows: OutboxRow<Told>[]) => Promise<unknown>;
        bulkDelete: (keys: string[]) => Promise<unknown>;
    };

    const again = oneByOne(async () => {
        // Whoever signed in after them sends nothing of theirs.
        const mine = waiting.value.filter(({ person }) => person === sessionGate.who());
        if (!isReady()) return;
        for (const each of new Set(mine.map(({ told }) => group(told)))) {
            await sendKept(
                mine.filter(({ told }) => group(told) === each),
                send,
                forget,
            );
        }
    });
    async function forget(rows: OutboxRow<Told>[], refused: Refused | null): Promise<void> {
        await forgetting();
        if (refused) lost.value = refused.message;
        const gone = new Map(rows.map(({ key, at }) => [key, at]));
        // What was told anew under the same key meanwhile is another.
        const left = waiting.value.filter(({ key, at }) => gone.get(key) === at);
        waiting.value = waiting.value.filter((row) => !left.includes(row));
        await table.bulkDelete(left.map(({ key }) => key));
    }
    async function put(rows: OutboxRow<Told>[]): Promise<void> {
        const anew = new Set(rows.map(({ key }) => key));
        waiting.value = [...waiting.value.filter(({ key }) => !anew.has(key)), ...rows];
        await table.bulkPut(rows);
    }
    /** What an earlier visit left of the person whose page this is. What nobody is named for becomes theirs for good. */
    async function read(): Promise<void> {
        const person = sessionGate.who();
        const rows = (await database.outbox.where('about').equals(about).sortBy('at')) as OutboxRow<Told>[];
        const adopted = rows.filter((row) => row.person === NOBODY && person !== NOBODY).map((row) => ({ ...row, person }));
        await table.bulkPut(adopted);
        const mine = [...rows.filter((row) => row.person === person), ...adopted];
        const own = waiting.value.filter((row) => row.person === person && !mine.some(({ key }) => key === row.key));
        waiting.value = [...mine, ...own].sort((one, other) => one.at - other.at);
        isRead.value = true;
    }
    // A page may be drawn before it is known who is signed in, and stay open while somebody else signs in.
    watch(sessionGate.who, () => void read().then(again));

    let timer = 0;
    const soon = (): void => void again();
    onMounted(async () => {
        await read();
        window.addEventListener('online', soon);
        timer = window.setInterval(soon, AGAIN);
        soon();
    });
    onBeforeUnmount(() => {
        window.removeEventListener('online', soon);
        window.clearInterval(timer);
    });
    return {
        waiting,
        isRead,
        lost,
        isWaiting: computed(() => waiting.value.length > 0),
        put,
        again,
        row: (key, told) => ({ key, person: sessionGate.who(), about, at: Date.now(), told }),
    };
}
