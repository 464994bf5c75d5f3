import type { Refused } from './client';

/** Refused so, it is refused however often it is sent. What it is about may be gone, or not to be changed, only for now. */
const FOR_GOOD = [413, 422];

/** Nobody has looked at it: no network, nobody signed in, too much at once, a server that cannot just now. */
export const isAway = ({ status }: Refused): boolean => status === 0 || status === 401 || status === 419 || status === 429 || status >= 500;

/** Rows that are sent at once. */
const AT_ONCE = 100;

/**
 * Sends what was kept without a network, in its order. What will never be taken is found by halves and forgotten alone; whatever
 * else is refused stays, and all that comes after it.
 *
 * @param send sends some rows, and gives what was refused
 * @param forget is told of rows that were taken, and of each that never will be
 */
export async function sendKept<Row>(
    rows: Row[],
    send: (rows: Row[]) => Promise<Refused | null>,
    forget: (rows: Row[], refused: Refused | null) => Promise<void>,
): Promise<void> {
    async function went(some: Row[]): Promise<boolean> {
        const refused = await send(some);
        if (refused && !FOR_GOOD.includes(refused.status)) return false;
        if (refused && some.length > 1) {
            const half = Math.ceil(some.length / 2);
            return (await went(some.slice(0, half))) && (await went(some.slice(half)));
        }
        await forget(some, refused);
        return true;
    }
    for (let from = 0; from < rows.length; from += AT_ONCE) {
        if (!(await went(rows.slice(from, from + AT_ONCE)))) return;
    }
}

/** One run at a time: whoever asks during one has another begin right after it. */
export function oneByOne(run: () => Promise<void>): () => Promise<void> {
    let going: Promise<void> | null = null;
    let isAsked = false;
    async function go(): Promise<void> {
        try {
            while (isAsked) {
                isAsked = false;
                await run();
            }
        } finally {
            going = null;
        }
    }
    return () => {
        isAsked = true;
        return (going ??= go());
    };
}
