import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type GuideStep, type MadeUnit } from '../../frontend/src/api/client';
import { useUnitWork } from '../../frontend/src/features/guide/useUnitWork';
import { database } from '../../frontend/src/store/database';
import { within } from './mounted';

const UNIT = 7;
const step = (id: string, over: Partial<GuideStep> = {}): GuideStep =>
    ({ id, after: [], holds: [], seen: [], notes: [], done: null, wait: null, minutes: 10, ...over }) as unknown as GuideStep;
const done = { by: 'Juno', at: 1 } as unknown as GuideStep['done'];
const unit = (steps: GuideStep[], over: Partial<MadeUnit> = {}): MadeUnit =>
    ({ id: UNIT, version_id: 30, may_build: true, made_at: null, steps, ...over }) as unknown as MadeUnit;

type Tick = { step: string; kind: string; photo: number | null };
let ticks: Tick[] = [];
let pictures: string[] = [];

/** A server that knows a unit and takes whatever is told. */
function server(known: MadeUnit): void {
    pictures = [];
    vi.spyOn(api, 'GET').mockImplementation((async (path: string, { params }: { params: { path: { step?: string } } }) => {
        if (path === '/units/{unit}') return { data: known, response: new Response() };
        pictures.push(params.path.step!);
        return { data: {}, response: new Response() };
    }) as never);
    vi.spyOn(api, 'POST').mockImplementation((async (path: string, { body }: { body: { ticks: Tick[] } }) => {
        if (path === '/units/{unit}/photos') return { data: { id: 55 }, response: new Response() };
        ticks.push(...body.ticks);
        const finished = (one: GuideStep): GuideStep['done'] =>
            body.ticks.reduce(
                (before, tick) => (tick.step !== one.id ? before : tick.kind === 'done' ? done : tick.kind === 'undone' ? null : before),
                one.done,
            );
        known = { ...known, steps: known.steps.map((one) => ({ ...one, done: finished(one) })) };
        return { data: known, response: new Response() };
    }) as never);
}
async function atTheTable(known: MadeUnit) {
    server(known);
    const { made, app } = within(() => useUnitWork(UNIT));
    await vi.waitFor(() => expect(made.steps.value).toHaveLength(known.steps.length));
    // Pictures are fetched on, and what was told is sent on, after the page was left.
    const close = async (): Promise<void> => {
        await vi.waitFor(() => expect(pictures).toEqual(known.steps.map(({ id }) => id)));
        await vi.waitFor(async () => expect(await database.outbox.count()).toBe(0));
        app.unmount();
    };
    return { ...made, close };
}
const told = (kind: string): string[] => ticks.filter((tick) => tick.kind === kind).map((tick) => tick.step);

beforeEach(() => {
    ticks = [];
});
afterEach(async () => {
    vi.restoreAllMocks();
    vi.unstubAllGlobals();
    await database.outbox.clear();
    await database.timers.clear();
});

describe('the work on a unit', () => {
    it('goes on with the first step that is not done and waits for nothing, and begins it', async () => {
        const work = await atTheTable(unit([step('tack', { done }), step('dry', { after: ['seal'] }), step('seal')]));
        expect(work.step.value?.id).toBe('seal');
        expect(work.place.value).toBe(2);
        await vi.waitFor(() => expect(told('begun')).toEqual(['seal']));
        expect([work.done.value, work.left.value]).toEqual([1, 20]);
        await work.close();
    });

    it('goes to the next step by itself once one is done, and sets a timer for what must hold', async () => {
        const work = await atTheTable(unit([step('tack', { wait: 5 }), step('seal'), step('look')]));
        await work.finish();
        await vi.waitFor(() => expect(work.step.value?.id).toBe('seal'));
        expect(told('done')).toEqual(['tack']);
        expect(work.timers.value.map(({ name, left }) => [name, left])).toEqual([['step 1', 300]]);
        await work.finish();
        expect(work.timers.value).toHaveLength(1);
        await vi.waitFor(() => expect(told('begun')).toEqual(['tack', 'seal', 'look']));
        await work.close();
    });

    it('leaves whoever turns to another step there, while what was done is still being sent', async () => {
        const work = await atTheTable(unit([step('tack'), step('seal'), step('look')]));
        await vi.waitFor(() => expect(told('begun')).toEqual(['tack']));
        const post = vi.mocked(api.POST).getMockImplementation()!;
        let arrive!: () => void;
        const slow = new Promise<void>((there) => (arrive = there));
        vi.mocked(api.POST).mockImplementation((async (...all: unknown[]) => {
            await slow;
            return (post as (...all: unknown[]) => unknown)(...all);
        }) as never);
        const finishing = work.finish();
        await vi.waitFor(() => expect(work.step.value?.id).toBe('seal'));
        work.go(1);
        expect(work.step.value?.id).toBe('look');
        arrive();
        await finishing;
        expect(work.step.value?.id).toBe('look');
        const going = work.back('tack');
        expect(work.step.value?.id).toBe('tack');
        await going;
        await vi.waitFor(() => expect(told('begun')).toEqual(['tack', 'seal', 'look', 'tack']));
        await work.close();
    });

    it('tells what a step still waits for when somebody turns to it early', async () => {
        const work = await atTheTable(unit([step('tack'), step('seal'), step('dry', { after: ['tack', 'seal'] })]));
        work.go(1);
        work.go(1);
        await vi.waitFor(() => expect(work.step.value?.id).toBe('dry'));
        expect(work.missing.value.map(({ id }) => id)).toEqual(['tack', 'seal']);
        // Beyond the last there is nothing.
        work.go(1);
        expect(work.step.value?.id).toBe('dry');
        await work.close();
    });

    it('goes back to a step, and all that was done from there on is to be done again', async () => {
        const work = await atTheTable(unit([step('tack', { done }), step('seal', { done }), step('dry'), step('look', { done })]));
        await work.back('seal');
        expect(told('undone')).toEqual(['seal', 'look']);
        await vi.waitFor(() => expect(work.step.value?.id).toBe('seal'));
        expect(work.done.value).toBe(1);
        await work.close();
    });

    it('stays at the last step when all are done, and begins nothing of a unit that is made or not one’s own', async () => {
        const finished = await atTheTable(unit([step('tack', { done }), step('seal', { done })]));
        expect([finished.step.value?.id, finished.left.value]).toEqual(['seal', 0]);
        await finished.close();
        for (const over of [{ may_build: false }, { made_at: '2026-11-20T10:00:00Z' }]) {
            const work = await atTheTable(unit([step('tack'), step('seal')], over as Partial<MadeUnit>));
            expect(work.mayTell.value).toBe(false);
            work.go(1);
            await vi.waitFor(() => expect(work.step.value?.id).toBe('seal'));
            await work.close();
        }
        expect(ticks).toEqual([]);
    });

    it('sends a photo made small, with a note of the step that is on the screen', async () => {
        const drawn = vi.fn();
        vi.stubGlobal('createImageBitmap', async () => ({ width: 4000, height: 3000 }));
        vi.spyOn(HTMLCanvasElement.prototype, 'getContext').mockReturnValue({ drawImage: drawn } as never);
        vi.spyOn(HTMLCanvasElement.prototype, 'toDataURL').mockReturnValue('data:image/jpeg;base64,AAAA');
        const work = await atTheTable(unit([step('tack'), step('seal')]));
        await work.addPhoto(new File(['x'], 'seam.jpg'));
        expect(drawn.mock.calls[0]!.slice(1)).toEqual([0, 0, 1600, 1200]);
        await vi.waitFor(() => expect(ticks).toContainEqual(expect.objectContaining({ step: 'tack', kind: 'note', photo: 55 })));
        await work.close();
    });

    it('fetches the picture of every step, so that all of them are there without a network', async () => {
        const work = await atTheTable(unit([step('tack'), step('seal'), step('look')]));
        await work.close();
        expect(pictures).toEqual(['tack', 'seal', 'look']);
    });
});
