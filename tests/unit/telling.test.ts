import 'fake-indexeddb/auto';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { api, type GuideStep, type MadeUnit } from '../../frontend/src/api/client';
import { useTelling } from '../../frontend/src/features/guide/useTelling';
import { useTimers } from '../../frontend/src/features/guide/useTimers';
import { database } from '../../frontend/src/store/database';
import { within } from './mounted';

const UNIT = 7;
const step = (id: string, done: boolean): GuideStep =>
    ({ id, after: [], holds: ['Square'], seen: [], notes: [], done: done ? { by: 'Juno', at: 1 } : null }) as unknown as GuideStep;
const unit = (done = false) => ({ id: UNIT, steps: [step('tack', done), step('seal', false)] }) as unknown as MadeUnit;
const away = () => vi.spyOn(api, 'POST').mockRejectedValue(new TypeError('Failed to fetch') as never);
const there = (answered: unknown) => vi.spyOn(api, 'POST').mockResolvedValue({ data: answered, response: new Response() } as never);
const refusing = (status: number) =>
    vi.spyOn(api, 'POST').mockResolvedValue({ error: { message: 'No', errors: {} }, response: new Response(null, { status }) } as never);
const sent = (spy: ReturnType<typeof there>, call = 0) =>
    (spy.mock.calls[call]![1] as unknown as { body: { ticks: { key: string; step: string; kind: string }[] } }).body.ticks;

function telling(known = ref<MadeUnit | undefined>(unit())) {
    const { made, app } = within(() => useTelling(UNIT, known, (next) => (known.value = next)));
    return { ...made, known, close: () => app.unmount() };
}
/** What was kept is read before anything is shown. */
const read = (made: { steps: { value: unknown[] } }) => vi.waitFor(() => expect(made.steps.value).toHaveLength(2));

afterEach(async () => {
    vi.restoreAllMocks();
    await database.outbox.clear();
    await database.timers.clear();
});

describe('what is told of a step', () => {
    it('is kept where there is no network, and is there again after a reload before any step is shown', async () => {
        away();
        const first = telling();
        await read(first);
        await first.tell('tack', 'seen', { hold: 0 });
        await first.tell('tack', 'done');
        expect(first.steps.value[0]).toMatchObject({ waits: true, done: { by: '' } });
        expect(first.isWaiting.value).toBe(true);
        expect(first.away.value).toBe(true);
        first.close();

        const again = telling();
        expect(again.steps.value).toEqual([]);
        await read(again);
        expect(again.steps.value[0]).toMatchObject({ waits: true, done: { by: '' }, seen: [{ hold: 0 }] });
        again.close();
    });

    it('is sent once there is a network, each with the key that it was given when it was ticked', async () => {
        const spy = away();
        const made = telling();
        await read(made);
        await made.tell('tack', 'done');
        const key = sent(spy)[0]!.key;
        spy.mockRestore();

        const online = there(unit(true));
        window.dispatchEvent(new Event('online'));
        await vi.waitFor(() => expect(made.isWaiting.value).toBe(false));
        expect(sent(online)).toMatchObject([{ key, step: 'tack', kind: 'done' }]);
        expect(made.steps.value[0]).toMatchObject({ waits: false, done: { by: 'Juno' } });
        expect(await database.outbox.count()).toBe(0);
        made.close();
    });

    it('that the server will never take does not hold up the rest', async () => {
        refusing(422);
        const made = telling();
        await read(made);
        await made.tell('nothing', 'done');
        expect(await database.outbox.count()).toBe(0);
        expect(made.message.value).not.toBe('');
        made.close();
    });

    it('is kept on when the server cannot take it just now, or a unit is deleted that may be brought back', async () => {
        for (const status of [401, 403, 404, 409, 503]) {
            refusing(status);
            const made = telling();
            await read(made);
            await made.tell('tack', 'done');
            expect([status, await database.outbox.count()]).toEqual([status, 1]);
            expect(made.steps.value[0]).toMatchObject({ waits: true });
            made.close();
            await database.outbox.clear();
        }
    });

    it('is lost alone where it is at fault, not with all that was told without a network', async () => {
        away();
        const made = telling();
        await read(made);
        await made.tell('tack', 'done');
        await made.tell('nothing', 'done');
        await made.tell('seal', 'seen', { hold: 0 });
        vi.restoreAllMocks();
        const went: string[] = [];
        vi.spyOn(api, 'POST').mockImplementation((async (_: string, { body }: { body: { ticks: { step: string }[] } }) => {
            const told = body.ticks.map((tick) => tick.step);
            if (told.includes('nothing'))
                return { error: { message: 'This unit has no such step.', errors: {} }, response: new Response(null, { status: 422 }) };
            went.push(...told);
            return { data: unit(true), response: new Response() };
        }) as never);
        window.dispatchEvent(new Event('online'));
        await vi.waitFor(() => expect(made.isWaiting.value).toBe(false));
        expect(went).toEqual(['tack', 'seal']);
        await made.tell('seal', 'begun');
        expect(made.message.value).toBe('This unit has no such step.');
        expect(await database.outbox.count()).toBe(0);
        await made.tell('seal', 'done');
        expect(made.message.value).toBe('');
        made.close();
    });

    it('of another unit stays its own', async () => {
        away();
        const made = telling();
        await read(made);
        await made.tell('tack', 'done');
        made.close();
        const { made: other, app } = within(() => useTelling(UNIT + 1, ref(unit()), () => undefined));
        await read(other);
        expect(other.isWaiting.value).toBe(false);
        app.unmount();
    });
});

describe('a timer', () => {
    const rung = () => {
        const buzz = vi.fn();
        vi.stubGlobal('navigator', { ...navigator, vibrate: buzz });
        return buzz;
    };
    afterEach(() => {
        vi.useRealTimers();
        vi.unstubAllGlobals();
    });

    it('counts on while nobody looks, and rings once as soon as somebody does', async () => {
        const buzz = rung();
        const first = within(() => useTimers(UNIT));
        await first.made.start('glue', 'step 5', 5);
        expect(first.made.timers.value[0]!.left).toBe(300);
        first.app.unmount();

        const later = Date.now() + 6 * 60_000;
        vi.spyOn(Date, 'now').mockReturnValue(later);
        const again = within(() => useTimers(UNIT));
        await vi.waitFor(() => expect(again.made.timers.value).toHaveLength(1));
        document.dispatchEvent(new Event('visibilitychange'));
        document.dispatchEvent(new Event('visibilitychange'));
        expect(again.made.timers.value[0]!.left).toBe(0);
        expect(buzz).toHaveBeenCalledTimes(1);
        again.app.unmount();
    });

    it('is begun anew where the same step is glued again, and gone once it is stopped', async () => {
        rung();
        const { made, app } = within(() => useTimers(UNIT));
        await made.start('glue', 'step 5', 5);
        await made.start('glue', 'step 5', 8);
        expect(made.timers.value.map(({ left }) => left)).toEqual([480]);
        await made.stop(made.timers.value[0]!.key);
        expect(made.timers.value).toEqual([]);
        expect(await database.timers.count()).toBe(0);
        app.unmount();
    });
});
