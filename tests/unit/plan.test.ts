import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { api, type Corner, type RoomEntries } from '../../frontend/src/api/client';
import { useTape } from '../../frontend/src/features/room/useTape';
import { apart, sides } from '../../frontend/src/features/room/plan';
import RoomDrawing from '../../frontend/src/features/room/RoomDrawing.vue';
import { FRESH_ROOM } from '../../frontend/src/features/work/useDraft';
import { mounted, within } from './mounted';
import { shown } from './samples';
import { workOn } from './work';

const tapes = (corners: Corner[]): boolean[] => corners.map((corner) => corner.taped);
const room: Corner[] = [
    [0, 0],
    [6, 0],
    [6, 4],
    [0, 4],
].map(([x, y]) => ({ x: x!, y: y!, height: '', taped: true }));

describe('readings on the sheet', () => {
    it('have what is said of them where no edge cuts it off', () => {
        const sheet = { width: 600, height: 400 };
        expect(sides({ x: 300, y: 100 }, sheet)).toEqual({ low: false, far: false, near: false });
        expect(sides({ x: 560, y: 200 }, sheet)).toEqual({ low: false, far: true, near: false });
        expect(sides({ x: 60, y: 380 }, sheet)).toEqual({ low: true, far: false, near: true });
    });

    it('stay where they are while they are clear, and move along their wall where they are not', () => {
        const size = { width: 90, height: 36 };
        const level = { dx: 1, dy: 0 };
        const clear = [
            { x: 0, y: 0, ...level },
            { x: 100, y: 0, ...level },
        ];
        expect(apart(clear, size)).toEqual(clear);
        const crowded = apart(
            [
                { x: 0, y: 0, dx: 0, dy: 1 },
                { x: 70, y: 20, ...level },
            ],
            size,
        );
        expect(crowded[1]).toMatchObject({ x: 90, y: 20 });
        const upright = apart(
            [
                { x: 0, y: 0, ...level },
                { x: 10, y: -20, dx: 0, dy: -1 },
            ],
            size,
        );
        expect(upright[1]).toMatchObject({ x: 10, y: -36 });
    });
});

describe('the drawing of a room', () => {
    const drawing = { frame: { x: 0, y: 0, width: 1, height: 1 }, strokes: [], labels: [], arrows: [], extents: [] };
    const answer = (walls: number) => ({
        floor_area: shown('258 ft²'),
        volume: shown('2,119 ft³'),
        height: shown('8′'),
        corners: room,
        ceilings: Array.from({ length: walls }, () => shown('8′')),
        walls: Array.from({ length: walls }, (_, i) => shown(`${i + 10}′`)),
        strokes: [],
        signs: [],
        standing: drawing,
        step: 0.1,
    });
    const settled = async (): Promise<void> => {
        for (let i = 0; i < 6; i++) await new Promise((resolve) => setTimeout(resolve, 0));
        await nextTick();
    };
    const seat = { kind: 'seat', x: 3, y: 2, width: '', depth: '', height: '', leads_to: '' };
    /** What the server makes of a change, whatever it is. */
    const moved = room.map((corner) => ({ ...corner, x: corner.x + 1 }));
    const things = [{ ...seat, kind: 'door', x: 3, y: 0 }];
    const asked: [string, Record<string, unknown>][] = [];
    const edits = () => asked.filter(([path]) => path === '/plans/edits').map(([, body]) => body.edit);
    let refusal: Record<string, unknown> | null = null;

    beforeEach(() => {
        asked.length = 0;
        refusal = null;
        vi.stubGlobal(
            'ResizeObserver',
            class {
                constructor(private readonly told: (entries: unknown[]) => void) {}
                observe(): void {
                    this.told([{ contentRect: { width: 800, height: 600 } }]);
                }
                disconnect(): void {}
            },
        );
        vi.spyOn(api, 'POST').mockImplementation((async (path: string, { body }: { body: { room: { outline: Corner[] } } }) => {
            asked.push([path, JSON.parse(JSON.stringify(body))]);
            if (path === '/walls' && refusal) return { error: refusal, response: new Response(null, { status: 422 }) };
            const answers: Record<string, unknown> = {
                '/walls': body.room.outline.map((corner) => ({ ...corner, taped: true })),
                '/plans/edits': { outline: moved, furnishings: things, height: '8 ft', plan: answer(4) },
            };
            return { data: answers[path] ?? answer(body.room.outline.length || 4), response: new Response(null, { status: 200 }) };
        }) as never);
    });
    afterEach(() => vi.restoreAllMocks());

    const page = (entries: Record<string, unknown>) => {
        const work = workOn({ entries: entries as Partial<RoomEntries> });
        return { ...mounted(RoomDrawing, {}, 'imperial', work), draft: work.draft, held: work.held };
    };

    it('asks for nothing until something is drawn or read, and teaches how', () => {
        const empty = page({});
        expect(asked).toEqual([]);
        expect(empty.text('h2')).toBe('Drag a rectangle to draw the floor');
    });

    it('shows floor and air, two readings of a rectangle, and a reading for every wall of what was drawn', async () => {
        const plain = page({ length: '20 ft', width: '13 ft', height: '8 ft' });
        // Nothing is to be begun while the drawing of what was measured is on the way.
        expect(plain.all('[data-side]')).toEqual([]);
        await settled();
        expect(plain.all('[data-side]').map((field) => field.dataset.side)).toEqual(['length', 'width', 'height']);
        expect(plain.text('dl')).toContain('258 ft²');
        const drawn = page({ height: '8 ft', outline: room.map((corner) => ({ ...corner })) });
        await settled();
        expect(drawn.all('[role=button][data-wall]')).toHaveLength(4);
        expect(drawn.all('[role=button][data-corner]').map((one) => one.getAttribute('aria-label'))[0]).toBe('Corner 1, ceiling 8′');
    });

    it('moves, bends and empties by keyboard, one change after the other', async () => {
        const plain = page({ length: '20 ft', width: '13 ft', height: '8 ft', furnishings: [seat] });
        await settled();
        const press = (selector: string, key: string, shiftKey = false) =>
            plain.one(selector).dispatchEvent(new KeyboardEvent('keydown', { key, shiftKey, bubbles: true }));
        press('[data-corner="2"]', 'ArrowRight');
        press('[data-corner="2"]', 'ArrowRight', true);
        await settled();
        // The second begins where the first has left the corner.
        expect(edits()).toMatchObject([
            { what: 'move-corner', index: 2, x: 6.1, y: 4, near: 0 },
            { what: 'move-corner', index: 2, x: 7.8, y: 4 },
        ]);
        expect(plain.draft.entries.outline).toEqual(moved);
        press('[data-wall="0"]', 'ArrowDown');
        press('[data-furnishing="0"]', 'Delete');
        await settled();
        expect(edits().slice(2)).toEqual([
            { what: 'move-wall', index: 0, x: 0, y: -0.1 },
            { what: 'remove-thing', index: 0 },
        ]);
    });

    it('asks for no drawing that has come with a change', async () => {
        const drawn = page({ height: '8 ft', outline: moved, furnishings: things });
        await settled();
        const plans = () => asked.filter(([path]) => path === '/plans').length;
        const before = plans();
        drawn.one('[data-wall="0"]').dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowUp', bubbles: true }));
        await settled();
        expect([edits().length, plans()]).toEqual([1, before]);
    });

    it('pulls only the latest place, from where the pull began, and holds until it is drawn', async () => {
        const drawn = page({ height: '8 ft', outline: room.map((corner) => ({ ...corner })) });
        await settled();
        const corner = drawn.one('[data-corner="1"]');
        corner.setPointerCapture = () => undefined;
        const at = (type: string, clientX: number) =>
            corner.dispatchEvent(new PointerEvent(type, { clientX, clientY: 100, bubbles: true }));
        at('pointerdown', 400);
        for (const x of [420, 440, 480]) at('pointermove', x);
        at('lostpointercapture', 480);
        expect(drawn.held.value).toBe(true);
        await settled();
        expect(drawn.held.value).toBe(false);
        const pulls = asked.filter(([path]) => path === '/plans/edits');
        expect(pulls).toHaveLength(2);
        expect(pulls.map(([, body]) => (body.room as RoomEntries).outline[1]!.x)).toEqual([6, 6]);
    });

    it('puts a door in, which leads to a room of the site', async () => {
        const plain = page({ length: '20 ft', width: '13 ft', height: '8 ft' });
        await settled();
        await plain.click('.palette button');
        await settled();
        expect(edits()).toEqual([{ what: 'put', kind: 'door' }]);
        await plain.choose('Leads to', 'Hall');
        expect(plain.draft.entries.furnishings[0]!.leads_to).toBe('9');
    });

    it('says why a change was not made, and picks nothing that was not put there', async () => {
        const plain = page({ length: '20 ft', width: '13 ft', height: '8 ft', furnishings: [seat, seat] });
        await settled();
        const post = vi.mocked(api.POST).getMockImplementation()!;
        vi.mocked(api.POST).mockImplementation((async (path: string, init: unknown) =>
            path === '/plans/edits'
                ? {
                      error: { message: 'No wall is long enough.', errors: { edit: ['No.'] } },
                      response: new Response(null, { status: 422 }),
                  }
                : (post as (path: string, init: unknown) => unknown)(path, init)) as never);
        await plain.click('.palette button');
        await settled();
        expect(plain.draft.entries.furnishings).toHaveLength(2);
        expect(plain.all('.picked')).toEqual([]);
        expect(plain.text('.whole')).toBe('No wall is long enough.');

        vi.mocked(api.POST).mockImplementation(post as never);
        plain.one('[data-furnishing="1"]').dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowLeft', bubbles: true }));
        await settled();
        expect(plain.host.textContent).not.toContain('No wall is long enough.');
    });

    it('works two quick readings in one after the other, each on what the one before has left', async () => {
        const entries = { ...FRESH_ROOM, outline: room.map((corner) => ({ ...corner, taped: false })) };
        const answers: (() => void)[] = [];
        vi.mocked(api.POST).mockImplementation((async (_: string, { body }: { body: { room: { outline: Corner[] }; wall: number } }) => {
            const outline = body.room.outline.map((corner, at) => (at === body.wall ? { ...corner, taped: true } : { ...corner }));
            await new Promise<void>((done) => answers.push(done));
            return { data: outline, response: new Response(null, { status: 200 }) };
        }) as never);
        const { read } = within(() =>
            useTape(
                () => entries,
                (corners) => (entries.outline = corners),
            ),
        ).made;
        const both = Promise.all([read(0, '24 ft'), read(1, '18 ft')]);
        await settled();
        expect(answers).toHaveLength(1);
        answers[0]!();
        await settled();
        answers[1]!();
        await both;
        expect(tapes(entries.outline)).toEqual([true, true, false, false]);
    });

    it('hands a reading of the tape on, and says where it does not close', async () => {
        const drawn = page({ height: '8 ft', outline: room.map((corner) => ({ ...corner, taped: false })) });
        await settled();
        drawn.one('[data-wall="0"]').dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
        await settled();
        const field = drawn.one<HTMLInputElement>('[data-length="0"]');
        field.focus();
        await drawn.write('[data-length="0"]', "26' 3");
        field.blur();
        await settled();
        expect(asked.find(([path]) => path === '/walls')?.[1]).toMatchObject({ wall: 0, length: "26' 3" });
        expect(drawn.draft.entries.outline[0]!.taped).toBe(true);

        refusal = { message: 'No.', errors: { length: ['The walls already measured leave 20′ here.'] }, choices: { length: ['20′'] } };
        field.focus();
        await drawn.write('[data-length="0"]', '30');
        field.blur();
        await settled();
        expect(drawn.text('.wall .fault')).toBe('The walls already measured leave 20′ here.');
        expect(drawn.text('.below-tape button')).toBe('Keep 20′');
    });
});
