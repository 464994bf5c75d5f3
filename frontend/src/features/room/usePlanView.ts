import { computed, shallowRef, type Ref } from 'vue';
import type { Corner } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';

/** Metres across the mat while nothing is drawn. */
const EMPTY = 14;
/** How far a tape field stands off its wall, px. */
const OFF = 16;
/** How far from a wall it can be taken hold of, px. */
const GRIP = 8;
/** Walls shorter than this on the sheet show their length only when they are picked, px. */
const SHORT = 60;

export interface PlanView {
    scale: number;
    x: number;
    y: number;
}

interface Sheet {
    size: Ref<{ width: number; height: number }>;
    corners: () => Corner[];
    /** Room around the plan for its readings, px. */
    margin: () => { left: number; right: number; top: number; bottom: number };
    /** What a reading beside a wall takes up, px. */
    reading: () => { width: number; height: number };
}

/** How a plan lies on the sheet: its scale, the mat beneath it, its walls and where their readings stand, px. */
export function usePlanView({ size, corners, margin, reading }: Sheet) {
    const { measure } = useMeasure();

    /** The sheet stays as it lies while something is held. */
    const frozen = shallowRef<PlanView | null>(null);
    const fitted = computed<PlanView>(() => {
        const { width, height } = size.value;
        if (corners().length === 0) return { scale: width / EMPTY, x: 0, y: height };
        const xs = corners().map((corner) => corner.x);
        const ys = corners().map((corner) => corner.y);
        const [left, right, front, back] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
        const scale = Math.min(
            Math.max(40, width - margin().left - margin().right) / Math.max(0.5, right - left),
            Math.max(40, height - margin().top - margin().bottom) / Math.max(0.5, back - front),
        );
        const [x, y] = [(width + margin().left - margin().right) / 2, (height + margin().top - margin().bottom) / 2];
        return { scale, x: x - (scale * (left + right)) / 2, y: y + (scale * (front + back)) / 2 };
    });
    const view = computed(() => frozen.value ?? fitted.value);
    const px = (x: number): number => view.value.x + view.value.scale * x;
    const py = (y: number): number => view.value.y - view.value.scale * y;

    /** Lines of the mat, a metre or two feet apart. */
    const grid = computed(() => {
        const step = measure.value === 'imperial' ? 0.6096 : 1;
        const { scale, x, y } = view.value;
        return scale === 0 ? { size: 1, x: 0, y: 0 } : { size: step * scale, x: x % (step * scale), y: y % (step * scale) };
    });

    const walls = computed(() =>
        corners().map((from, index) => {
            const to = corners()[(index + 1) % corners().length] as Corner;
            const [x1, y1, x2, y2] = [px(from.x), py(from.y), px(to.x), py(to.y)];
            const length = Math.max(1, Math.hypot(x2 - x1, y2 - y1));
            // The room lies on the left of its walls; on the sheet y goes down, so outwards is this side.
            const [ox, oy] = [-(y2 - y1) / length, (x2 - x1) / length];
            return {
                index,
                isShort: length < SHORT,
                band: [
                    [x1, y1, -1],
                    [x2, y2, -1],
                    [x2, y2, 1],
                    [x1, y1, 1],
                ]
                    .map(([x, y, side]) => `${x! + GRIP * side! * ox},${y! + GRIP * side! * oy}`)
                    .join(' '),
                x: (x1 + x2) / 2 + ox * (OFF + reading().width / 2),
                y: (y1 + y2) / 2 + oy * (OFF + reading().height / 2),
                dx: (x2 - x1) / length,
                dy: (y2 - y1) / length,
            };
        }),
    );

    /** From each corner into the room, on the sheet. */
    const inwards = computed(() =>
        walls.value.map((wall, index) => {
            const before = walls.value[(index - 1 + walls.value.length) % walls.value.length]!;
            // Inwards of a wall is to its left, which on the sheet is up from one that runs to the right.
            return { x: Math.sign(wall.dy + before.dy) || 1, y: -Math.sign(wall.dx + before.dx) || 1 };
        }),
    );

    /** A place on the sheet, m from the origin of the plan. */
    const placeOf = (x: number, y: number) => ({ x: (x - view.value.x) / view.value.scale, y: (view.value.y - y) / view.value.scale });

    return { view, fitted, frozen, px, py, placeOf, grid, walls, inwards };
}
