import { shallowRef, type Ref } from 'vue';
import type { Corner, Furnishing, Plan, PlanEdit, RoomEntries } from '../../api/client';
import type { Picked } from './plan';
import type { PlanEdits } from './usePlanEdits';
import type { usePlanView } from './usePlanView';

interface Drawn {
    plan: Plan | undefined;
    corners: Corner[];
    furnishings: Furnishing[];
    picked: Picked | null;
    entries: RoomEntries;
    edits: PlanEdits;
}

interface Changes {
    pick(picked: Picked | null): void;
    remove(picked: Picked): void;
    hold(held: boolean): void;
}

/** Moved less far than this it was a click, px. */
const CLICK = 4;
/** A hand that draws a corner into line with others is helped within this, px. */
const NEAR = 6;
/** Steps with the keyboard, m to the right and away from the viewer; with shift they are as many times as long. */
const STEPS: Record<string, [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };
const LONG = 8;

const MOVES = { corner: 'move-corner', wall: 'move-wall', furnishing: 'move-thing' } as const;

/** What moves something: walls are told by how much, everything else where to. */
const moved = (what: Picked, from: { x: number; y: number }, dx: number, dy: number, near: number): PlanEdit => ({
    what: MOVES[what.kind],
    index: what.index,
    ...(what.kind === 'wall' ? { x: dx, y: dy } : { x: from.x + dx, y: from.y + dy }),
    ...(what.kind === 'corner' ? { near } : {}),
});

/** Taking hold of what is on a plan: pulled with the pointer, stepped with the keyboard. */
export function usePlanHold(host: Ref<HTMLElement | undefined>, sheet: ReturnType<typeof usePlanView>, props: Drawn, emit: Changes) {
    type Place = { x: number; y: number };
    type Held = Picked & { at: Place; from: Place; entries: RoomEntries; moved: boolean };
    const held = shallowRef<Held | null>(null);
    const dragged = shallowRef<{ at: Place; entries: RoomEntries } | null>(null);

    function where(event: PointerEvent): Place {
        const box = host.value?.getBoundingClientRect();
        return sheet.placeOf(event.clientX - (box?.left ?? 0), event.clientY - (box?.top ?? 0));
    }
    /** Where something lies: things in walls lie where the answer put them. */
    const placeOf = ({ kind, index }: Picked): Place | undefined =>
        kind === 'furnishing' ? (props.plan?.signs[index] ?? props.furnishings[index]) : props.corners[index];

    /** Takes hold of something: what was being written is done, and the sheet lies still. */
    function take(event: PointerEvent): void {
        if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
        (event.currentTarget as Element).setPointerCapture(event.pointerId);
        sheet.frozen.value = sheet.fitted.value;
        emit.hold(true);
    }
    /** Lets go of it; the hold lasts until its last place is drawn, so that all of it is one step. */
    async function end(): Promise<void> {
        sheet.frozen.value = null;
        held.value = null;
        dragged.value = null;
        await props.edits.settled();
        emit.hold(false);
    }

    function begin(event: PointerEvent, picked: Picked): void {
        const from = placeOf(picked);
        if (!from) return;
        const at = where(event);
        take(event);
        held.value = { ...picked, at, from: { x: from.x, y: from.y }, entries: props.entries, moved: false };
        emit.pick(picked);
    }
    function drag(event: PointerEvent): void {
        if (!held.value) return;
        const { x, y } = where(event);
        const { at, from, entries } = held.value;
        const { scale } = sheet.view.value;
        if (!held.value.moved && Math.hypot(x - at.x, y - at.y) * scale < CLICK) return;
        held.value = { ...held.value, moved: true };
        props.edits.pull(entries, moved(held.value, from, x - at.x, y - at.y, NEAR / scale));
    }

    /** On an empty mat a rectangle is dragged. */
    function beginFloor(event: PointerEvent): void {
        if (props.corners.length > 0) {
            emit.pick(null);
            return;
        }
        take(event);
        dragged.value = { at: where(event), entries: props.entries };
    }
    function dragFloor(event: PointerEvent): void {
        if (!dragged.value) return;
        const { at, entries } = dragged.value;
        const to = where(event);
        props.edits.pull(entries, { what: 'rectangle', x: at.x, y: at.y, x2: to.x, y2: to.y });
    }
    function endFloor(): void {
        if (dragged.value) void end();
    }

    function key(event: KeyboardEvent, picked: Picked): void {
        const step = STEPS[event.key];
        if (event.key === 'Enter' || event.key === ' ') {
            event.preventDefault();
            emit.pick(picked);
        } else if (event.key === 'Delete' || event.key === 'Backspace') {
            event.preventDefault();
            emit.remove(picked);
        } else if (step) {
            event.preventDefault();
            const by = (props.plan?.step ?? 0) * (event.shiftKey ? LONG : 1);
            void props.edits.edit(() => moved(picked, placeOf(picked) ?? { x: 0, y: 0 }, step[0] * by, step[1] * by, 0));
        }
    }
    const isPicked = (kind: Picked['kind'], index: number): boolean => props.picked?.kind === kind && props.picked.index === index;
    /** What makes something on the plan a thing to be picked, pulled and stepped. */
    const grip = (kind: Picked['kind'], index: number, label: string) => ({
        class: { picked: isPicked(kind, index) },
        role: 'button',
        tabindex: 0,
        'aria-label': label,
        'aria-pressed': isPicked(kind, index),
        [`data-${kind}`]: index,
        onPointerdown: (event: PointerEvent) => begin(event, { kind, index }),
        onPointermove: drag,
        // Let go of, or taken away by the system.
        onLostpointercapture: () => void end(),
        onKeydown: (event: KeyboardEvent) => key(event, { kind, index }),
    });

    return { held, isPicked, grip, beginFloor, dragFloor, endFloor };
}
