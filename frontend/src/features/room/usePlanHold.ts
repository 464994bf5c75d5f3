import { shallowRef, type Ref } from 'vue';
import type { Corner, Furnishing, Plan } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import { inLine, isRightWayRound, moveCorner, moveWall, rectangle, removeCorner, STEP, steadied, type Picked } from './plan';
import type { usePlanView } from './usePlanView';

interface Drawn {
    plan: Plan | undefined;
    corners: Corner[];
    furnishings: Furnishing[];
    picked: Picked | null;
}

interface Changes {
    outline(corners: Corner[]): void;
    furnishings(furnishings: Furnishing[]): void;
    pick(picked: Picked | null): void;
    hold(held: boolean): void;
}

/** Taking hold of what is on a plan: pulled with the pointer, stepped with the keyboard. */
export function usePlanHold(host: Ref<HTMLElement | undefined>, sheet: ReturnType<typeof usePlanView>, props: Drawn, emit: Changes) {
    const { measure } = useMeasure();

    type Held = Picked & { atX: number; atY: number; fromX: number; fromY: number; corners: Corner[]; moved: boolean };
    const held = shallowRef<Held | null>(null);
    const dragged = shallowRef<{ x: number; y: number } | null>(null);

    function where(event: PointerEvent): { x: number; y: number } {
        const box = host.value?.getBoundingClientRect();
        return sheet.placeOf(event.clientX - (box?.left ?? 0), event.clientY - (box?.top ?? 0));
    }

    /** Takes hold of something: what was being written is done, and the sheet lies still. */
    function take(event: PointerEvent): void {
        if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
        (event.currentTarget as Element).setPointerCapture(event.pointerId);
        sheet.frozen.value = sheet.fitted.value;
        emit.hold(true);
    }

    function begin(event: PointerEvent, picked: Picked): void {
        const { x, y } = where(event);
        const one =
            picked.kind === 'furnishing'
                ? (props.plan?.signs[picked.index] ?? props.furnishings[picked.index])
                : props.corners[picked.index];
        if (!one) return;
        take(event);
        held.value = { ...picked, atX: x, atY: y, fromX: one.x, fromY: one.y, corners: props.corners, moved: false };
        emit.pick(picked);
    }

    /** Moved less far than this it was a click, px. */
    const CLICK = 4;
    /** A hand that draws a corner into line with others is helped within this, px. */
    const NEAR = 6;

    function drag(event: PointerEvent): void {
        if (!held.value) return;
        const { x, y } = where(event);
        const [dx, dy] = [x - held.value.atX, y - held.value.atY];
        if (!held.value.moved && Math.hypot(dx, dy) * sheet.view.value.scale < CLICK) return;
        held.value = { ...held.value, moved: true };
        move(held.value, held.value.corners, held.value.fromX + dx, held.value.fromY + dy, dx, dy, NEAR / sheet.view.value.scale);
    }

    /** @param near within which a corner is drawn into line with others, m */
    function move(what: Picked, corners: Corner[], x: number, y: number, dx: number, dy: number, near: number): void {
        const steady = (value: number): number => steadied(value, measure.value);
        if (what.kind === 'furnishing') {
            emit.furnishings(props.furnishings.map((one, index) => (index === what.index ? { ...one, x: steady(x), y: steady(y) } : one)));
            return;
        }
        const drawn =
            what.kind === 'wall'
                ? moveWall(corners, what.index, steady(dx), steady(dy))
                : moveCorner(
                      corners,
                      what.index,
                      inLine(steady(x), 'x', corners, what.index, near),
                      inLine(steady(y), 'y', corners, what.index, near),
                  );
        if (isRightWayRound(drawn)) emit.outline(drawn);
    }

    function end(): void {
        sheet.frozen.value = null;
        held.value = null;
        emit.hold(false);
    }

    /** On an empty mat a rectangle is dragged. */
    function beginFloor(event: PointerEvent): void {
        if (props.corners.length > 0) {
            emit.pick(null);
            return;
        }
        take(event);
        dragged.value = where(event);
    }
    function dragFloor(event: PointerEvent): void {
        if (!dragged.value) return;
        const { x, y } = where(event);
        const [from, to] = [dragged.value, { x, y }].map((point) => ({
            x: steadied(point.x, measure.value),
            y: steadied(point.y, measure.value),
        }));
        if (from && to && Math.abs(to.x - from.x) >= 1 && Math.abs(to.y - from.y) >= 1) emit.outline(rectangle(from.x, from.y, to.x, to.y));
    }
    function endFloor(): void {
        if (dragged.value) end();
        dragged.value = null;
    }

    const STEPS: Record<string, [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };

    function key(event: KeyboardEvent, picked: Picked): void {
        const step = STEPS[event.key];
        if (event.key === 'Enter' || event.key === ' ') {
            event.preventDefault();
            emit.pick(picked);
        } else if (event.key === 'Delete' || event.key === 'Backspace') {
            event.preventDefault();
            if (picked.kind === 'corner') emit.outline(removeCorner(props.corners, picked.index));
            if (picked.kind === 'furnishing') emit.furnishings(props.furnishings.filter((_, index) => index !== picked.index));
            emit.pick(null);
        } else if (step) {
            event.preventDefault();
            const by = STEP[measure.value] * (event.shiftKey ? 8 : 1);
            const [dx, dy] = [step[0] * by, step[1] * by];
            const one =
                picked.kind === 'furnishing'
                    ? (props.plan?.signs[picked.index] ?? props.furnishings[picked.index])
                    : props.corners[picked.index];
            if (one) move(picked, props.corners, one.x + dx, one.y + dy, dx, dy, 0);
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
        onLostpointercapture: end,
        onKeydown: (event: KeyboardEvent) => key(event, { kind, index }),
    });

    return { held, isPicked, grip, beginFloor, dragFloor, endFloor };
}
