import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { computed, nextTick, reactive, ref } from 'vue';
import type { Corner, Furnishing, Plan, PlanEdit, RoomEntries } from '../../frontend/src/api/client';
import type { Picked } from '../../frontend/src/features/room/plan';
import { usePlanHold } from '../../frontend/src/features/room/usePlanHold';
import { usePlanView } from '../../frontend/src/features/room/usePlanView';
import { FRESH_ROOM } from '../../frontend/src/features/work/useDraft';
import { within } from './mounted';

const corners = (...places: [number, number][]): Corner[] => places.map(([x, y]) => ({ x, y, height: '', taped: true }));
const ROOM = corners([0, 0], [6, 0], [6, 4], [0, 4]);
const NO_MARGIN = { left: 0, right: 0, top: 0, bottom: 0 };

/** A sheet of 600 by 400 px with a room of 6 by 4 m on it: a metre is 100 px, its origin lies at the lower left. */
function sheetWith(drawn: Corner[], margin = NO_MARGIN, measure: 'imperial' | 'metric' = 'metric') {
    const size = ref({ width: 600, height: 400 });
    const shape = ref(drawn);
    const { made, app } = within(
        () => usePlanView({ size, corners: () => shape.value, margin: () => margin, reading: () => ({ width: 90, height: 36 }) }),
        measure,
    );
    return { made, app, size, shape };
}

describe('how a plan lies on the sheet', () => {
    it('fills it, with y going up on the plan and down on the sheet, and finds every place again', () => {
        const { made: sheet } = sheetWith(ROOM);
        expect(sheet.view.value).toEqual({ scale: 100, x: 0, y: 400 });
        expect([sheet.px(6), sheet.py(4)]).toEqual([600, 0]);
        for (const [x, y] of [
            [0, 0],
            [2.5, 1.25],
            [6, 4],
        ]) {
            const place = sheet.placeOf(sheet.px(x!), sheet.py(y!));
            expect(place.x).toBeCloseTo(x!, 9);
            expect(place.y).toBeCloseTo(y!, 9);
        }
    });

    it('leaves the margins that its readings take and lies in the middle of what is left', () => {
        const { made: sheet } = sheetWith(ROOM, { left: 100, right: 0, top: 0, bottom: 40 });
        expect(sheet.view.value.scale).toBeCloseTo(500 / 6, 9);
        expect(sheet.px(3)).toBeCloseTo(350, 9);
        expect(sheet.py(2)).toBeCloseTo(180, 9);
    });

    it('shows a mat of some metres while nothing is drawn, and a narrow room no larger than it makes sense', () => {
        const { made: empty } = sheetWith([]);
        expect(empty.view.value).toEqual({ scale: 600 / 14, x: 0, y: 400 });
        expect(empty.walls.value).toEqual([]);
        const { made: point } = sheetWith(corners([1, 1], [1, 1]));
        expect(point.view.value.scale).toBe(800);
    });

    it('lays the mat in metres or in two feet, whichever one reads', () => {
        expect(sheetWith(ROOM).made.grid.value.size).toBe(100);
        expect(sheetWith(ROOM, NO_MARGIN, 'imperial').made.grid.value.size).toBeCloseTo(60.96, 9);
        const unseen = sheetWith(ROOM);
        unseen.size.value = { width: 0, height: 0 };
        expect(unseen.made.grid.value.size).toBeGreaterThan(0);
    });

    it('stays as it lies while something is held, however the room changes', () => {
        const { made: sheet, shape } = sheetWith(ROOM);
        sheet.frozen.value = sheet.fitted.value;
        shape.value = corners([0, 0], [12, 0], [12, 4], [0, 4]);
        expect(sheet.view.value.scale).toBe(100);
        sheet.frozen.value = null;
        expect(sheet.view.value.scale).toBe(50);
    });

    it('puts readings outside the walls, marks short ones, and knows which way is into the room', () => {
        const { made: sheet } = sheetWith(corners([0, 0], [6, 0], [6, 4], [5.6, 4], [0, 4]));
        const [front, right, notch] = sheet.walls.value;
        expect(front!.y).toBeGreaterThan(400);
        expect(right!.x).toBeGreaterThan(600);
        expect([front!.isShort, right!.isShort, notch!.isShort]).toEqual([false, false, true]);
        expect(sheet.inwards.value[0]).toEqual({ x: 1, y: -1 });
        expect(sheet.inwards.value[1]).toEqual({ x: -1, y: -1 });
        expect(sheet.inwards.value[2]).toEqual({ x: -1, y: 1 });
    });
});

describe('taking hold of the plan', () => {
    const state = {
        plan: undefined as Plan | undefined,
        corners: ROOM,
        furnishings: [] as Furnishing[],
        picked: null as Picked | null,
        entries: { ...FRESH_ROOM } as RoomEntries,
    };
    let props: typeof state & { edits: ReturnType<typeof edits> };
    const emit = { pick: vi.fn(), remove: vi.fn(), hold: vi.fn() };
    let settle: () => void;

    function edits() {
        return {
            edit: vi.fn((what: PlanEdit | (() => PlanEdit)) => (made.push(typeof what === 'function' ? what() : what), Promise.resolve())),
            fault: computed(() => ''),
            pull: vi.fn<(from: RoomEntries, edit: PlanEdit) => void>(),
            settled: vi.fn(() => new Promise<[void, void | null]>((done) => (settle = () => done([undefined, null])))),
        };
    }
    const made: PlanEdit[] = [];
    const host = document.createElement('div');
    function hold() {
        const { made: both } = within(() => {
            const sheet = usePlanView({
                size: computed(() => ({ width: 600, height: 400 })),
                corners: () => props.corners,
                margin: () => NO_MARGIN,
                reading: () => ({ width: 90, height: 36 }),
            });
            return { sheet, holding: usePlanHold(ref(host), sheet, props, emit) };
        }, 'metric');
        return both;
    }
    /** A pointer at a place of the plan, m. */
    const at = (x: number, y: number): PointerEvent => {
        const event = new MouseEvent('pointermove', { clientX: 100 * x, clientY: 400 - 100 * y }) as unknown as PointerEvent;
        Object.defineProperty(event, 'currentTarget', { value: { setPointerCapture: vi.fn() } });
        return event;
    };
    const press = (key: string, shiftKey = false): KeyboardEvent => new KeyboardEvent('keydown', { key, shiftKey, cancelable: true });
    const pulled = (): PlanEdit => props.edits.pull.mock.lastCall![1];

    beforeEach(() => {
        made.length = 0;
        props = reactive({ ...state, entries: { ...FRESH_ROOM }, edits: edits() }) as unknown as typeof props;
        document.body.replaceChildren(host);
    });
    afterEach(() => vi.clearAllMocks());

    it('picks it at once, and moves it only once the pointer has gone further than a click', () => {
        const { holding } = hold();
        const grip = holding.grip('corner', 2, 'Corner 3');
        grip.onPointerdown(at(6, 4));
        expect(emit.pick).toHaveBeenCalledWith({ kind: 'corner', index: 2 });
        expect(emit.hold).toHaveBeenCalledWith(true);
        grip.onPointermove(at(6.02, 4.01));
        expect(props.edits.pull).not.toHaveBeenCalled();
        grip.onPointermove(at(5.5, 3.5));
        expect(pulled()).toMatchObject({ what: 'move-corner', index: 2, near: 0.06 });
        expect(pulled().x).toBeCloseTo(5.5, 9);
        expect(pulled().y).toBeCloseTo(3.5, 9);
        // Once it moves it may be brought back to where it was.
        grip.onPointermove(at(6, 4));
        expect(pulled().x).toBeCloseTo(6, 9);
    });

    it('pulls walls by how much and from where the pull began, however the room has changed meanwhile', () => {
        const { holding } = hold();
        const before = props.entries;
        const grip = holding.grip('wall', 1, 'Wall 2');
        grip.onPointerdown(at(6, 2));
        props.entries = { ...FRESH_ROOM, name: 'Wider' } as RoomEntries;
        grip.onPointermove(at(6.5, 2.25));
        const [from, edit] = props.edits.pull.mock.lastCall!;
        expect(from).toEqual(before);
        expect(edit).toMatchObject({ what: 'move-wall', index: 1 });
        expect([edit.x, edit.y]).toEqual([expect.closeTo(0.5, 9), expect.closeTo(0.25, 9)]);
        expect(edit).not.toHaveProperty('near');
    });

    it('takes things in walls from where they are drawn', () => {
        props.furnishings = [{ x: 1, y: 1 }] as Furnishing[];
        props.plan = { signs: [{ x: 3, y: 0 }], step: 0.1 } as unknown as Plan;
        const { holding } = hold();
        const grip = holding.grip('furnishing', 0, 'Window');
        grip.onPointerdown(at(3, 0));
        grip.onPointermove(at(4, 0));
        expect(pulled()).toMatchObject({ what: 'move-thing', index: 0 });
        expect(pulled().x).toBeCloseTo(4, 9);
    });

    it('holds until the last place is drawn, so that all of it is one step', async () => {
        const { holding, sheet } = hold();
        const grip = holding.grip('corner', 0, 'Corner 1');
        grip.onPointerdown(at(0, 0));
        expect(sheet.frozen.value).not.toBeNull();
        grip.onPointermove(at(1, 1));
        grip.onLostpointercapture();
        expect([holding.held.value, sheet.frozen.value]).toEqual([null, null]);
        expect(emit.hold).not.toHaveBeenCalledWith(false);
        settle();
        await vi.waitFor(() => expect(emit.hold).toHaveBeenLastCalledWith(false));
        grip.onPointermove(at(2, 2));
        expect(props.edits.pull).toHaveBeenCalledTimes(1);
    });

    it('ends what was being written before it begins', () => {
        const field = document.createElement('input');
        document.body.append(field);
        field.focus();
        hold().holding.grip('corner', 0, 'Corner 1').onPointerdown(at(0, 0));
        expect(document.activeElement).not.toBe(field);
    });

    it('is not begun on what is not there', () => {
        hold().holding.grip('corner', 9, 'Corner 10').onPointerdown(at(0, 0));
        expect(emit.hold).not.toHaveBeenCalled();
        expect(emit.pick).not.toHaveBeenCalled();
    });

    it('drags a rectangle on an empty mat, and lets go of what was picked on one that is not', async () => {
        const { holding } = hold();
        holding.beginFloor(at(1, 1));
        expect(emit.pick).toHaveBeenCalledWith(null);
        holding.dragFloor(at(2, 2));
        expect(props.edits.pull).not.toHaveBeenCalled();

        props.corners = [];
        const empty = hold();
        empty.holding.beginFloor(at(1, 1));
        empty.holding.dragFloor(at(4, 3));
        const edit = pulled();
        expect(edit.what).toBe('rectangle');
        expect(edit.x2! - edit.x!).toBeCloseTo((3 * 100) / (600 / 14), 9);
        empty.holding.endFloor();
        settle();
        await vi.waitFor(() => expect(emit.hold).toHaveBeenLastCalledWith(false));
        empty.holding.dragFloor(at(5, 5));
        expect(props.edits.pull).toHaveBeenCalledTimes(1);
    });

    it('steps with the arrows, further with shift, away from the viewer with the one that points up', () => {
        props.plan = { signs: [], step: 0.05 } as unknown as Plan;
        const grip = hold().holding.grip('corner', 1, 'Corner 2');
        const right = press('ArrowRight');
        grip.onKeydown(right);
        expect(right.defaultPrevented).toBe(true);
        grip.onKeydown(press('ArrowUp', true));
        expect(made[0]).toMatchObject({ what: 'move-corner', index: 1, near: 0 });
        expect([made[0]!.x, made[0]!.y]).toEqual([expect.closeTo(6.05, 9), expect.closeTo(0, 9)]);
        expect([made[1]!.x, made[1]!.y]).toEqual([expect.closeTo(6, 9), expect.closeTo(0.4, 9)]);
    });

    it('is picked and removed with the keyboard, and leaves all other keys alone', async () => {
        const { holding } = hold();
        const grip = holding.grip('wall', 3, 'Wall 4');
        grip.onKeydown(press('Enter'));
        grip.onKeydown(press(' '));
        expect(emit.pick).toHaveBeenCalledTimes(2);
        grip.onKeydown(press('Backspace'));
        grip.onKeydown(press('Delete'));
        expect(emit.remove).toHaveBeenCalledTimes(2);
        expect(emit.remove).toHaveBeenCalledWith({ kind: 'wall', index: 3 });
        const tab = press('Tab');
        grip.onKeydown(tab);
        expect(tab.defaultPrevented).toBe(false);

        props.picked = { kind: 'wall', index: 3 };
        await nextTick();
        expect(holding.grip('wall', 3, 'Wall 4')).toMatchObject({ 'aria-pressed': true, class: { picked: true }, 'data-wall': 3 });
        expect(holding.grip('corner', 3, 'Corner 4')).toMatchObject({ 'aria-pressed': false });
    });
});
