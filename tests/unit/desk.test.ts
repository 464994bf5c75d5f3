import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Desk } from '../../frontend/src/store/desk';

const WREN = 'wren@alderfen.example';
type Store = typeof import('../../frontend/src/store/desk') & typeof import('../../frontend/src/store/database');

/** The page loaded anew: the modules begin again, the database and what the tab keeps stay. */
async function load(): Promise<Store> {
    vi.resetModules();
    const modules = { ...(await import('../../frontend/src/store/database')), ...(await import('../../frontend/src/store/desk')) };
    return {
        ...modules,
        async openDesk(person, room) {
            const desk = await modules.openDesk(person, room);
            desks.push(desk);
            return desk;
        },
    };
}
const desks: Desk[] = [];
/** When all that was handed to any desk is written down. */
const settled = (): Promise<unknown> => Promise.all(desks.map((desk) => desk.written()));
async function reopened(store: Store, room = 'room-1', person = WREN): Promise<{ desk: Desk; store: Store }> {
    await settled();
    store.database.close();
    const next = await load();
    return { desk: await next.openDesk(person, room), store: next };
}

let store: Store;
beforeEach(async () => {
    sessionStorage.clear();
    store = await load();
    await Promise.all([store.database.drafts.clear(), store.database.desks.clear(), store.database.steps.clear()]);
});
afterEach(() => {
    store.database.close();
    vi.restoreAllMocks();
});

describe('what a tab keeps of the work on a room', () => {
    it('is there after a reload, for that person and room alone, and gone once it is saved', async () => {
        (await store.openDesk(WREN, 'room-1')).keepDraft('{"a":1}');
        const again = await reopened(store);
        expect(again.desk.draft).toBe('{"a":1}');
        expect((await again.store.openDesk(WREN, 'room-2')).draft).toBeNull();
        expect((await again.store.openDesk('ossian@alderfen.example', 'room-1')).draft).toBeNull();
        again.desk.keepDraft(null);
        store = (await reopened(again.store)).store;
        expect((await store.openDesk(WREN, 'room-1')).draft).toBeNull();
    });

    it('is not lost when the page is left before it is written down, nor does what was saved come back', async () => {
        const desk = await store.openDesk(WREN, 'room-1');
        // The page is gone before the database has written anything.
        vi.spyOn(store.database.drafts, 'put').mockRejectedValue(new Error('The page is gone.'));
        desk.keepDraft('{"late":1}');
        store.database.close();
        store = await load();
        const after = await store.openDesk(WREN, 'room-1');
        expect(after.draft).toBe('{"late":1}');
        await after.written();
        expect(sessionStorage.getItem(Object.keys(sessionStorage).find((key) => key.startsWith('unwritten')) ?? '')).toBeNull();

        vi.spyOn(store.database.drafts, 'where').mockImplementation(() => {
            throw new Error('The page is gone.');
        });
        after.keepDraft(null);
        store.database.close();
        vi.restoreAllMocks();
        store = await load();
        expect((await store.openDesk(WREN, 'room-1')).draft).toBeNull();
    });

    it('is another in another tab, which takes what a closed one has left and the server does not have', async () => {
        const first = await store.openDesk(WREN, 'room-1');
        first.keepDraft('{"sent":1}');
        first.sent();
        sessionStorage.clear();
        const second = await reopened(store);
        expect(second.desk.draft).toBeNull();
        second.desk.keepDraft('{"unsent":1}');
        sessionStorage.clear();
        const third = await reopened(second.store);
        expect(third.desk.draft).toBe('{"unsent":1}');
        store = third.store;
    });

    it('keeps the steps back and forth over a reload, a row for each and none twice', async () => {
        const desk = await store.openDesk(WREN, 'room-1');
        for (const left of ['"1"', '"2"', '"3"']) desk.step(left);
        desk.move('"4"', -1);
        desk.move('"3"', -1);
        const again = await reopened(store);
        expect([again.desk.past, again.desk.future]).toEqual([['"1"'], ['"3"', '"4"']]);
        // Another change begins another future.
        again.desk.step('"2b"');
        const third = await reopened(again.store);
        expect([third.desk.past, third.desk.future]).toEqual([['"1"', '"2b"'], []]);
        expect(await third.store.database.steps.count()).toBe(2);
        store = third.store;
    });

    it('keeps notes, and drops what nobody came back to for two months', async () => {
        const desk = await store.openDesk(WREN, 'room-1');
        desk.note('against', '11');
        desk.step('"1"');
        const again = await reopened(store);
        expect(again.desk.notes).toEqual({ against: '11' });
        again.desk.note('against', null);
        await settled();
        await again.store.dropOld(Date.now() + 61 * 86_400_000);
        expect([await again.store.database.desks.count(), await again.store.database.steps.count()]).toEqual([0, 0]);
        store = again.store;
    });

    it('lets work go on where the browser keeps nothing', async () => {
        vi.spyOn(store.database.drafts, 'get').mockRejectedValue(new Error('no storage'));
        const desk = await store.openDesk(WREN, 'room-1');
        desk.keepDraft('{"a":1}');
        desk.step('"1"');
        expect([desk.draft, desk.past]).toEqual([null, []]);
    });
});
