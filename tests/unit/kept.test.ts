import { describe, expect, it, vi } from 'vitest';
import { Refused } from '../../frontend/src/api/client';
import { isAway, oneByOne, sendKept } from '../../frontend/src/api/kept';

/** A server that takes all but some rows, for good or for now. */
function server({ never = [] as number[], notNow = [] as number[] }) {
    const [sent, forgotten, lost]: [number[][], number[], number[]] = [[], [], []];
    const send = async (rows: number[]): Promise<Refused | null> => {
        sent.push(rows);
        if (rows.some((row) => notNow.includes(row))) return new Refused(503, 'Not now.');
        return rows.some((row) => never.includes(row)) ? new Refused(422, 'Never.') : null;
    };
    const forget = async (rows: number[], refused: Refused | null): Promise<void> => void (refused ? lost : forgotten).push(...rows);
    return { sent, forgotten, lost, send, forget };
}
const upTo = (count: number): number[] => Array.from({ length: count }, (_, index) => index + 1);

describe('what was kept without a network', () => {
    it('goes in its order, not too much at once', async () => {
        const { sent, forgotten, send, forget } = server({});
        await sendKept(upTo(250), send, forget);
        expect(sent.map((rows) => rows.length)).toEqual([100, 100, 50]);
        expect(forgotten).toEqual(upTo(250));
        await sendKept([], send, forget);
        expect(sent).toHaveLength(3);
    });

    it('loses only what will never be taken, and finds that by halves', async () => {
        const { sent, forgotten, lost, send, forget } = server({ never: [3, 70, 71, 140] });
        await sendKept(upTo(150), send, forget);
        expect(lost).toEqual([3, 70, 71, 140]);
        expect(forgotten).toEqual(upTo(150).filter((row) => !lost.includes(row)));
        expect(sent.length).toBeLessThan(60);
    });

    it('stays from the first that cannot be taken now, whatever is wrong of what comes after it', async () => {
        const { forgotten, lost, send, forget } = server({ never: [20, 140], notNow: [110] });
        await sendKept(upTo(150), send, forget);
        expect(forgotten).toEqual(upTo(100).filter((row) => row !== 20));
        expect(lost).toEqual([20]);
    });

    it('is lost one by one where all of it is at fault', async () => {
        const { forgotten, lost, send, forget } = server({ never: upTo(9) });
        await sendKept(upTo(9), send, forget);
        expect([forgotten, lost]).toEqual([[], upTo(9)]);
    });

    it('is sent by one at a time, and once more for whatever came meanwhile', async () => {
        const ends: (() => void)[] = [];
        let running = 0;
        const send = oneByOne(async () => {
            running += 1;
            expect(running).toBe(1);
            await new Promise<void>((end) => ends.push(end));
            running -= 1;
        });
        const first = send();
        const [second, third] = [send(), send()];
        expect(ends).toHaveLength(1);
        ends[0]!();
        await vi.waitFor(() => expect(ends).toHaveLength(2));
        ends[1]!();
        await Promise.all([first, second, third]);
        expect(ends).toHaveLength(2);
        // What failed does not keep the next from being tried.
        let isFailing = true;
        const trying = oneByOne(async () => {
            if (isFailing) throw new Error('No.');
        });
        await expect(trying()).rejects.toThrow('No.');
        isFailing = false;
        await expect(trying()).resolves.toBeUndefined();
    });

    it.each([
        [0, true],
        [401, true],
        [403, false],
        [404, false],
        [409, false],
        [419, true],
        [422, false],
        [429, true],
        [500, true],
        [503, true],
    ])('was not looked at where it was refused with %i: %s', (status, away) => {
        expect(isAway(new Refused(status, ''))).toBe(away);
    });
});
