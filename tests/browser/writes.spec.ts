import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { expect, test, type APIResponse, type Page } from '@playwright/test';
import { signIn, token } from './steps';

const STOCK = '/api/v1/programmes/1/stock';
const PART = { kind: 'filter', code: '16x25x1-g13-dense' };

/** Moves pieces of a part that nothing else moves; an answer that never came is none. */
async function sender(page: Page) {
    const headers = await token(page);
    return (body: object, key: string): Promise<APIResponse | null> =>
        page.request
            .post(STOCK, { data: { ...PART, ...body }, headers: { ...headers, 'Idempotency-Key': key }, timeout: 15_000 })
            .catch(() => null);
}

async function onHand(page: Page): Promise<number> {
    const { lines } = (await (await page.request.get(STOCK, { headers: { Accept: 'application/json' } })).json()) as {
        lines: { code: string; on_hand: number }[];
    };
    return lines.find((line) => line.code === PART.code)?.on_hand ?? 0;
}

const many = <T>(count: number, make: (index: number) => Promise<T>): Promise<T[]> =>
    Promise.all(Array.from({ length: count }, (_, index) => make(index)));

test('twenty at once on the last five pieces: five get one, and nobody gets what is not there', async ({ page }) => {
    await signIn(page);
    const send = await sender(page);
    const before = await onHand(page);
    await send({ move: 'bought', pieces: 5 }, `stock-up-${Date.now()}`);
    const answers = await many(20, (index) => send({ move: 'used', pieces: 1 }, `last-pieces-${Date.now()}-${index}`));

    expect(answers.filter((answer) => answer?.status() === 201)).toHaveLength(Math.min(20, before + 5));
    expect(answers.filter((answer) => answer?.status() === 422)).toHaveLength(20 - Math.min(20, before + 5));
    expect(await onHand(page)).toBe(0);
});

test('one write that is sent twenty times at once is done once', async ({ page }) => {
    await signIn(page);
    const send = await sender(page);
    const before = await onHand(page);
    const key = `same-write-${Date.now()}`;
    const answers = await many(20, () => send({ move: 'bought', pieces: 3 }, key));

    expect(answers.map((answer) => answer?.status())).toEqual(Array.from({ length: 20 }, () => 201));
    expect(answers.filter((answer) => answer?.headers()['idempotency-replayed'])).toHaveLength(19);
    expect(await onHand(page)).toBe(before + 3);
});

test('twenty phones that tick one unit at once are all answered, and every tick is there', async ({ page }) => {
    await signIn(page);
    const headers = { ...(await token(page)), Accept: 'application/json' };
    const units = (await (await page.request.get('/api/v1/programmes/1/units', { headers })).json()) as {
        id: number;
        made_at: string | null;
    }[];
    const path = `/api/v1/units/${units.find((unit) => unit.made_at === null)!.id}`;
    const { steps } = (await (await page.request.get(path, { headers })).json()) as { steps: { id: string }[] };
    const step = steps.at(-1)!.id;
    for (let round = 0; round < 3; round++) {
        const told = `Note ${Date.now()}`;
        const answers = await many(20, (index) =>
            page.request.post(`${path}/ticks`, {
                data: {
                    ticks: [
                        { key: `at-once-${Date.now()}-${round}-${index}`, step, kind: 'note', text: `${told} ${index}`, at: Date.now() },
                    ],
                },
                headers,
            }),
        );
        expect(answers.map((answer) => answer.status())).toEqual(Array.from({ length: 20 }, () => 200));
        const { steps: after } = (await (await page.request.get(path, { headers })).json()) as {
            steps: { id: string; notes: { text: string }[] }[];
        };
        expect(after.at(-1)!.notes.filter(({ text }) => text.startsWith(told))).toHaveLength(20);
    }
});

test('what was acknowledged is kept when server and database are killed, and what is sent again is done once', async ({ page }) => {
    test.skip(!process.env.JORNEL_RESTART, 'needs the command that restarts the tests’ servers');
    await signIn(page);
    const send = await sender(page);
    const before = await onHand(page);
    const WRITES = 60;
    const began = Date.now();
    let killing: Promise<unknown> | undefined;
    let acknowledged = 0;
    let lost = 0;
    await many(4, async (line) => {
        for (let write = line; write < WRITES; write += 4) {
            if (write >= WRITES / 3) killing ??= once(spawn(process.env.JORNEL_RESTART!, ['killed'], { stdio: 'inherit' }), 'exit');
            // Sent again with the same key until it is answered, as a screen does.
            for (let tries = 0; tries < 100; tries++) {
                const answer = await send({ move: 'bought', pieces: 1 }, `through-a-crash-${began}-${write}`);
                if (answer?.status() === 201) {
                    acknowledged++;
                    break;
                }
                lost++;
                await page.waitForTimeout(200);
            }
        }
    });
    await killing;

    expect(lost, 'the crash was in the middle of writes').toBeGreaterThan(0);
    expect(acknowledged).toBe(WRITES);
    expect(await onHand(page)).toBe(before + WRITES);
});
