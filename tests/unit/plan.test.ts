import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { api, type Corner, type RoomEntries } from '../../frontend/src/api/client';
import { useTape } from '../../frontend/src/features/room/useTape';
import {
    addCorner,
    apart,
    addRecess,
    inLine,
    isRightWayRound,
    moveCorner,
    moveWall,
    put,
    rectangle,
    removeCorner,
    steadied,
} from '../../frontend/src/features/room/plan';
import RoomDrawing from '../../frontend/src/features/room/RoomDrawing.vue';
import { FRESH_ROOM } from '../../frontend/src/features/work/useDraft';
import { mounted, within } from './mounted';
import { shown } from './samples';
import { workOn } from './work';

const taped = (corners: Corner[]): Corner[] => corners.map((corner) => ({ ...corner, taped: true }));
const points = (corners: Corner[]): number[][] => corners.map(({ x, y }) => [x, y]);
const tapes = (corners: Corner[]): boolean[] => corners.map((corner) => corner.taped);
const room = taped(rectangle(6, 4, 0, 0));

describe('what is pulled on a plan', () => {
    it('is a rectangle however it was dragged, with the room on the left of its walls', () => {
        const corners = [
            [0, 0],
            [6, 0],
            [6, 4],
            [0, 4],
        ];
        expect(points(rectangle(6, 4, 0, 0))).toEqual(corners);
        expect(points(rectangle(0, 4, 6, 0))).toEqual(corners);
    });

    it('loses the readings of the walls that change and of no others', () => {
        const corner = moveCorner(room, 0, 1, 1);
        expect([points(corner)[0], tapes(corner)]).toEqual([
            [1, 1],
            [false, true, true, false],
        ]);
        const wall = moveWall(room, 1, 0.5, 9);
        expect(points(wall)).toEqual([
            [0, 0],
            [6.5, 0],
            [6.5, 4],
            [0, 4],
        ]);
        expect(tapes(wall)).toEqual([false, true, false, true]);
    });

    it('gets a corner or a recess in a wall, and loses a corner down to three', () => {
        expect(points(addCorner(room, 3)).at(-1)).toEqual([0, 2]);
        const recessed = addRecess(room, 2, 0.5);
        expect(recessed).toHaveLength(8);
        expect(points(recessed)[4]![1]).toBeCloseTo(4.5);
        expect(tapes(recessed)[2]).toBe(false);
        const three = removeCorner(room, 2);
        expect(three).toHaveLength(3);
        expect(removeCorner(three, 0)).toBe(three);
    });

    it('is not pulled past what lies opposite', () => {
        expect(isRightWayRound(moveWall(room, 1, -5.5, 0))).toBe(true);
        expect(isRightWayRound(moveWall(room, 1, -6.5, 0))).toBe(false);
    });

    it('is steadied to three inches or five centimetres and drawn into line', () => {
        expect(steadied(1.01, 'metric')).toBe(1);
        expect(steadied(1.01, 'imperial')).toBeCloseTo(0.9906, 6);
        expect(inLine(5.98, 'x', room, 0, 0.05)).toBe(6);
        expect(inLine(5.5, 'x', room, 0, 0.05)).toBe(5.5);
    });

    it('goes into the picked wall or beside what in the room', () => {
        expect(put('door', room, 1, 0)).toMatchObject({ kind: 'door', x: 6, y: 2, leads_to: '' });
        const [one, two] = [put('seat', room, null, 0), put('seat', room, null, 1)];
        expect(Math.hypot(one.x - two.x, one.y - two.y)).toBeGreaterThan(0.5);
    });
});

describe('readings on the sheet', () => {
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
        floorArea: shown('258 ft²'),
        volume: shown('2,119 ft³'),
        height: shown('8′'),
        corners: room,
        ceilings: Array.from({ length: walls }, () => shown('8′')),
        walls: Array.from({ length: walls }, (_, i) => shown(`${i + 10}′`)),
        strokes: [],
        signs: [],
        standing: drawing,
    });
    const settled = async (): Promise<void> => {
        for (let i = 0; i < 6; i++) await new Promise((resolve) => setTimeout(resolve, 0));
        await nextTick();
    };
    const asked: [string, Record<string, unknown>][] = [];
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
            const data = path === '/walls' ? taped(body.room.outline) : answer(body.room.outline.length || 4);
            return { data, response: new Response(null, { status: 200 }) };
        }) as never);
    });
    afterEach(() => vi.restoreAllMocks());

    const page = (entries: Record<string, unknown>) => {
        const work = workOn({ entries: entries as Partial<RoomEntries> });
        return { ...mounted(RoomDrawing, {}, 'imperial', work), draft: work.draft };
    };

    it('asks for nothing until something is drawn or read, and teaches how', () => {
        const empty = page({});
        expect(asked).toEqual([]);
        expect(empty.text('h2')).toBe('Drag a rectangle to draw the floor');
    });

    it('shows floor and air, two readings of a rectangle, and a reading for every wall of what was drawn', async () => {
        const plain = page({ length: '20 ft', width: '13 ft', height: '8 ft' });
        await settled();
        expect(plain.all('[data-side]').map((field) => field.dataset.side)).toEqual(['length', 'width', 'height']);
        expect(plain.text('dl')).toContain('258 ft²');
        const drawn = page({ height: '8 ft', outline: room.map((corner) => ({ ...corner })) });
        await settled();
        expect(drawn.all('[role=button][data-wall]')).toHaveLength(4);
        expect(drawn.all('[role=button][data-corner]').map((one) => one.getAttribute('aria-label'))[0]).toBe('Corner 1, ceiling 8′');
    });

    it('moves, bends and empties by keyboard', async () => {
        const plain = page({ length: '20 ft', width: '13 ft', height: '8 ft', furnishings: [put('seat', room, null, 0)] });
        await settled();
        const press = (selector: string, key: string) =>
            plain.one(selector).dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
        press('[data-corner="2"]', 'ArrowRight');
        expect(plain.draft.entries.outline[2]!.x).toBeCloseTo(6.096, 6);
        await settled();
        press('[data-wall="0"]', 'ArrowDown');
        expect(plain.draft.entries.outline[0]!.y).toBeCloseTo(-0.0762, 6);
        press('[data-furnishing="0"]', 'Delete');
        expect(plain.draft.entries.furnishings).toEqual([]);
    });

    it('puts a door in, which leads to a room of the site', async () => {
        const plain = page({ length: '20 ft', width: '13 ft', height: '8 ft' });
        await settled();
        await plain.click('.palette button');
        expect(plain.draft.entries.furnishings[0]).toMatchObject({ kind: 'door', x: 3, y: 0 });
        await settled();
        await plain.choose('Leads to', 'Hall');
        expect(plain.draft.entries.furnishings[0]!.leads_to).toBe('9');
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
        expect(drawn.text('.below button')).toBe('Keep 20′');
    });
});
