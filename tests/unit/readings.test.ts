import 'fake-indexeddb/auto';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api, type Proof, type Survey } from '../../frontend/src/api/client';
import { useKeptReadings } from '../../frontend/src/features/proof/useKeptReadings';
import { withWaiting } from '../../frontend/src/features/proof/waiting';
import { database, type OutboxRow, type ToldReading } from '../../frontend/src/store/database';
import { within } from './mounted';

const row = (place: string, entered: string, survey = 1): OutboxRow<ToldReading> => ({
    key: `key-${place}-${entered}`,
    person: 1,
    about: 'proof 4',
    at: 1000,
    told: { survey, place, entered, source: 'typed', more: {} },
});
const point = (id: string, shouldPull = false) => ({
    id,
    kind: 'seam' as const,
    name: id,
    should_pull: shouldPull,
    answer: null,
    leaks: false,
    gap: null,
});
const tissue = { points: [point('face-1', true), point('seam-1')], answered: 0, ranking: [], odd: [] };
const proof = {
    surveys: [
        { id: 1, kind: 'tissue', readings: [{ id: 9, place: 'seam-1', entered: 'still' }], tissue, traverse: null },
        { id: 2, kind: 'traverse', readings: [], tissue: null, traverse: { rows: [[null, 1.2]] } },
    ] as unknown as Survey[],
} as Proof;

describe('readings that wait for a network', () => {
    it('leave a proof as it is where nothing waits', () => {
        expect(withWaiting(proof, [])).toBe(proof);
    });

    it('are seen at their points, the later of a place in place of the former', () => {
        const survey = withWaiting(proof, [row('face-1', 'in'), row('seam-1', 'still'), row('seam-1', 'in')]).surveys[0]!;
        expect(survey.tissue!.points.map(({ answer, leaks }) => [answer, leaks])).toEqual([
            ['in', false],
            ['in', true],
        ]);
        expect(survey.tissue!.answered).toBe(2);
        expect(survey.readings.map(({ place, entered }) => [place, entered])).toEqual([
            ['face-1', 'in'],
            ['seam-1', 'in'],
        ]);
    });

    it('touch no other survey', () => {
        const [first, second] = withWaiting(proof, [row('0-0', '300 fpm', 2)]).surveys;
        expect(first).toBe(proof.surveys[0]);
        expect(second!.traverse!.rows).toEqual([[1, 1.2]]);
        expect(second!.readings[0]!.entered).toBe('300 fpm');
    });
});

describe('readings that are told', () => {
    const UNIT = 4;
    const isOnline = (online: boolean) => vi.spyOn(navigator, 'onLine', 'get').mockReturnValue(online);
    const there = (answered: unknown) => vi.spyOn(api, 'POST').mockResolvedValue({ data: answered, response: new Response() } as never);
    const refusing = (status: number) =>
        vi
            .spyOn(api, 'POST')
            .mockResolvedValue({ error: { message: 'No', errors: {} }, response: new Response(null, { status }) } as never);
    const told = (place: string, entered: string) => ({ survey: 1, readings: [{ place, entered, source: 'typed' as const }] });
    const sent = (spy: ReturnType<typeof there>, call = 0) =>
        (spy.mock.calls[call]![1] as unknown as { body: { readings: { key: string; entered: string }[] } }).body.readings;
    function kept() {
        const taken: unknown[] = [];
        const { made, app } = within(() => useKeptReadings(UNIT, (next) => taken.push(next)));
        return { ...made, taken, close: () => app.unmount() };
    }
    afterEach(async () => {
        vi.restoreAllMocks();
        await database.outbox.clear();
    });

    it('go to the server at once where there is a network', async () => {
        isOnline(true);
        const spy = there({ surveys: [] });
        const made = kept();
        expect(await made.run(told('seam-1', 'in'))).toEqual({ surveys: [] });
        expect(sent(spy)).toMatchObject([{ place: 'seam-1', entered: 'in', source: 'typed' }]);
        expect(made.waiting.value).toEqual([]);
        expect(made.taken).toHaveLength(1);
        made.close();
    });

    it('are kept without one, are there after a reload, and come in the order in which they were told', async () => {
        isOnline(false);
        const first = kept();
        for (const [index, entered] of ['in', 'still', 'out', 'in'].entries()) {
            vi.spyOn(Date, 'now').mockReturnValue(1000 + index);
            expect(await first.run(told('seam-1', entered))).toBe(true);
        }
        first.close();

        const again = kept();
        await vi.waitFor(() => expect(again.waiting.value).toHaveLength(4));
        const spy = there({ surveys: [] });
        isOnline(true);
        window.dispatchEvent(new Event('online'));
        await vi.waitFor(() => expect(again.waiting.value).toHaveLength(0));
        expect(sent(spy).map(({ entered }) => entered)).toEqual(['in', 'still', 'out', 'in']);
        expect(new Set(sent(spy).map(({ key }) => key)).size).toBe(4);
        expect(await database.outbox.count()).toBe(0);
        again.close();
    });

    it('that the server refuses are not kept and do not hold up the rest', async () => {
        isOnline(true);
        refusing(422);
        const made = kept();
        expect(await made.run(told('roof', 'in'))).toBeUndefined();
        expect(await database.outbox.count()).toBe(0);
        made.close();

        isOnline(false);
        const later = kept();
        await later.run(told('roof', 'in'));
        isOnline(true);
        window.dispatchEvent(new Event('online'));
        await vi.waitFor(() => expect(later.waiting.value).toHaveLength(0));
        expect(later.taken).toEqual([]);
        later.close();
    });

    it('that were measured without a network outlast whatever keeps the server from taking them just now', async () => {
        isOnline(false);
        const made = kept();
        await made.run(told('seam-1', 'in'));
        isOnline(true);
        for (const status of [401, 403, 404, 419, 429, 500, 503]) {
            const spy = refusing(status);
            window.dispatchEvent(new Event('online'));
            await vi.waitFor(() => expect(spy).toHaveBeenCalled());
            await vi.waitFor(() => expect(made.busy.value).toBe(false));
            expect([status, made.waiting.value.length, await database.outbox.count()]).toEqual([status, 1, 1]);
            spy.mockRestore();
        }
        there({ surveys: [] });
        await vi.waitFor(() => {
            window.dispatchEvent(new Event('online'));
            expect(made.waiting.value).toHaveLength(0);
        });
        made.close();
    });

    it('are sent but for the one that is at fault, and why it was left out is said until the next is told', async () => {
        isOnline(false);
        const made = kept();
        for (const entered of ['in', 'sideways', 'still']) await made.run(told('seam-1', entered));
        isOnline(true);
        const went: string[] = [];
        vi.spyOn(api, 'POST').mockImplementation((async (_: string, { body }: { body: { readings: { entered: string }[] } }) => {
            const entered = body.readings.map((one) => one.entered);
            if (entered.includes('sideways'))
                return { error: { message: 'Not an answer.', errors: {} }, response: new Response(null, { status: 422 }) };
            went.push(...entered);
            return { data: { surveys: [] }, response: new Response() };
        }) as never);
        window.dispatchEvent(new Event('online'));
        await vi.waitFor(() => expect(made.waiting.value).toHaveLength(0));
        expect(went).toEqual(['in', 'still']);
        expect(made.message.value).toBe('Not an answer.');
        expect(await database.outbox.count()).toBe(0);
        await made.run(told('seam-2', 'in'));
        expect(made.message.value).toBe('');
        made.close();
    });

    it('of one test do not wait for those of another that cannot be taken now', async () => {
        isOnline(false);
        const made = kept();
        await made.run(told('seam-1', 'in'));
        await made.run({ ...told('0-0', '300 fpm'), survey: 2 });
        isOnline(true);
        vi.spyOn(api, 'POST').mockImplementation((async (_: string, { params }: { params: { path: { survey: number } } }) =>
            params.path.survey === 1
                ? { error: { message: 'Gone', errors: {} }, response: new Response(null, { status: 404 }) }
                : { data: { surveys: [] }, response: new Response() }) as never);
        window.dispatchEvent(new Event('online'));
        await vi.waitFor(() => expect(made.waiting.value.map(({ told: one }) => one.survey)).toEqual([1]));
        made.close();
    });

    it('that meet a server which cannot take them now are kept though there is a network', async () => {
        isOnline(true);
        for (const status of [401, 429, 503]) {
            refusing(status);
            const made = kept();
            expect(await made.run(told('seam-2', 'still'))).toBe(true);
            expect(made.isOff.value).toBe(false);
            expect(await database.outbox.count()).toBe(1);
            made.close();
            await database.outbox.clear();
        }
    });

    it('that meet a server out of reach are kept like those without a network', async () => {
        isOnline(true);
        vi.spyOn(api, 'POST').mockRejectedValue(new TypeError('Failed to fetch') as never);
        const made = kept();
        expect(await made.run(told('seam-2', 'still'))).toBe(true);
        expect(made.waiting.value.map(({ told: one }) => one.place)).toEqual(['seam-2']);
        expect(made.isOff.value).toBe(true);
        made.close();
    });
});
