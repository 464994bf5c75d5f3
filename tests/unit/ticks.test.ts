import 'fake-indexeddb/auto';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { api, type Shopping } from '../../frontend/src/api/client';
import { useTicks } from '../../frontend/src/features/kit/useTicks';
import { database } from '../../frontend/src/store/database';
import { within } from './mounted';

afterEach(async () => {
    vi.restoreAllMocks();
    await database.outbox.clear();
});

describe('ticks in the shop', () => {
    const line = {
        part: 'fan',
        kind: 'fan',
        name: 'Fan',
        needed: 1,
        from_stock: 0,
        packs: '1 × pack of 1',
        pieces: 1,
        left_over: 0,
        price: '9',
        note: '',
        ticked: false,
        by: '',
        at: 0,
    };
    const list = () => ref({ lines: [line] } as unknown as Shopping);
    const away = () => vi.spyOn(api, 'PUT').mockRejectedValue(new TypeError('Failed to fetch') as never);

    it('are kept where there is no network, and are there again after a reload', async () => {
        away();
        const first = within(() => useTicks(7, list(), () => undefined));
        await first.made.tick('fan', true);
        expect(first.made.lines.value[0]).toMatchObject({ ticked: true, waits: true });
        expect(first.made.isWaiting.value).toBe(true);
        first.app.unmount();

        const again = within(() => useTicks(7, list(), () => undefined));
        await vi.waitFor(() => expect(again.made.lines.value[0]).toMatchObject({ ticked: true, waits: true }));
        again.app.unmount();
    });

    it('are sent when there is one, and forgotten here only when the list has them', async () => {
        const shopping = list();
        const put = vi.spyOn(api, 'PUT').mockResolvedValue({ response: new Response(null, { status: 204 }) } as never);
        const { made, app } = within(() =>
            useTicks(7, shopping, () => {
                shopping.value = { lines: [{ ...line, ticked: true, by: 'Wren', at: Date.now() + 1 }] } as unknown as Shopping;
            }),
        );
        await made.tick('fan', true);
        await vi.waitFor(() => expect(made.isWaiting.value).toBe(false));
        expect(put).toHaveBeenCalledTimes(1);
        expect(made.lines.value[0]).toMatchObject({ ticked: true, by: 'Wren', waits: false });
        expect(await database.outbox.count()).toBe(0);
        app.unmount();
    });

    it('that are made while others are sent go right after them', async () => {
        const shopping = list();
        const answers: (() => void)[] = [];
        const put = vi
            .spyOn(api, 'PUT')
            .mockImplementation(
                (() => new Promise((done) => answers.push(() => done({ response: new Response(null, { status: 204 }) })))) as never,
            );
        const { made, app } = within(() => useTicks(7, shopping, () => undefined));
        const first = made.tick('fan', true);
        await vi.waitFor(() => expect(answers).toHaveLength(1));
        const second = made.tick('feet', true);
        await new Promise((soon) => setTimeout(soon, 5));
        answers[0]!();
        await vi.waitFor(() => expect(answers).toHaveLength(2));
        answers[1]!();
        await Promise.all([first, second]);
        const calls = (put as { mock: { calls: unknown[][] } }).mock.calls;
        const parts = calls.map(([, sent]) => (sent as { body: { ticks: { part: string }[] } }).body.ticks.map(({ part }) => part));
        expect(parts).toEqual([['fan'], ['feet']]);
        expect(made.isWaiting.value).toBe(false);
        app.unmount();
    });

    it('give way to a later one of somebody else', async () => {
        away();
        const shopping = list();
        const { made, app } = within(() => useTicks(7, shopping, () => undefined));
        await made.tick('fan', true);
        shopping.value = { lines: [{ ...line, ticked: false, by: 'Ash', at: Date.now() + 60_000 }] } as unknown as Shopping;
        expect(made.lines.value[0]).toMatchObject({ ticked: false, by: 'Ash' });
        app.unmount();
    });
});
