import type { Corner, Furnishing } from '../../api/client';

/** What can be picked on a plan. */
export type Picked = { kind: 'corner' | 'wall' | 'furnishing'; index: number };
export type Kind = Furnishing['kind'];

/** What can be put in a room, in the order in which it is asked for. */
export const KINDS: { kind: Kind; name: string; says: string }[] = [
    { kind: 'door', name: 'Door', says: 'between two rooms, or outdoors' },
    { kind: 'window', name: 'Window', says: 'in the nearest wall' },
    { kind: 'outlet', name: 'Outlet', says: 'for the plug' },
    { kind: 'seat', name: 'Seat', says: 'to calculate the noise there' },
    { kind: 'built-in', name: 'Built-in', says: 'its volume is deducted' },
    { kind: 'appliance', name: 'Heater or stove', says: 'burns fuel' },
    { kind: 'unit', name: 'Purifier', says: 'its place in the room' },
];

export const nameOf = (kind: Kind): string => KINDS.find((one) => one.kind === kind)?.name ?? kind;

const at = <T>(rows: T[], index: number): T => rows[(index + rows.length) % rows.length] as T;

/** A hand is no steadier than this, m: three inches or five centimetres. */
export const STEP = { imperial: 0.0762, metric: 0.05 };

export const steadied = (value: number, measure: 'imperial' | 'metric'): number => {
    const step = STEP[measure];
    return Math.round(Math.round(value / step) * step * 1e6) / 1e6;
};

/** Drawn into line with another corner that is nearly level with it. */
export function inLine(value: number, axis: 'x' | 'y', corners: Corner[], index: number, within: number): number {
    const near = corners.filter((_, other) => other !== index).map((corner) => corner[axis]);
    return near.find((other) => Math.abs(other - value) <= within) ?? value;
}

/** Whether the room still lies on the left of its walls: no wall is pulled past the one opposite. */
export const isRightWayRound = (corners: Corner[]): boolean =>
    corners.reduce((sum, from, index) => sum + from.x * at(corners, index + 1).y - at(corners, index + 1).x * from.y, 0) > 0;

/** A corner is moved: the walls on both its sides are no longer what a tape has read. */
export function moveCorner(corners: Corner[], index: number, x: number, y: number): Corner[] {
    return corners.map((corner, i) => {
        if (i === index) return { ...corner, x, y, taped: false };
        return i === (index - 1 + corners.length) % corners.length ? { ...corner, taped: false } : corner;
    });
}

/** A wall is moved along its normal: it keeps its length, its neighbours do not. */
export function moveWall(corners: Corner[], index: number, x: number, y: number): Corner[] {
    const from = at(corners, index);
    const to = at(corners, index + 1);
    const length = Math.hypot(to.x - from.x, to.y - from.y);
    const [nx, ny] = [(to.y - from.y) / length, -(to.x - from.x) / length];
    const by = x * nx + y * ny;
    const next = (index + 1) % corners.length;
    const before = (index - 1 + corners.length) % corners.length;
    return corners.map((corner, i) => {
        if (i === index) return { ...corner, x: corner.x + by * nx, y: corner.y + by * ny };
        if (i === next) return { ...corner, x: corner.x + by * nx, y: corner.y + by * ny, taped: false };
        return i === before ? { ...corner, taped: false } : corner;
    });
}

/** A corner in the middle of a wall, to be drawn out; its ceiling is that of the room. */
export function addCorner(corners: Corner[], wall: number): Corner[] {
    const from = at(corners, wall);
    const to = at(corners, wall + 1);
    const added = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2, height: '', taped: false };
    return [...corners.slice(0, wall), { ...from, taped: false }, added, ...corners.slice(wall + 1)];
}

/** A piece of a wall is set back or pushed out by as far as was asked: an alcove or a chimney breast of three walls. */
export function addRecess(corners: Corner[], wall: number, by: number): Corner[] {
    const from = at(corners, wall);
    const to = at(corners, wall + 1);
    const length = Math.hypot(to.x - from.x, to.y - from.y);
    const [dx, dy] = [(to.x - from.x) / length, (to.y - from.y) / length];
    const corner = (along: number, out: number): Corner => ({
        x: from.x + along * length * dx + out * dy,
        y: from.y + along * length * dy - out * dx,
        height: '',
        taped: false,
    });
    const added = [corner(1 / 3, 0), corner(1 / 3, by), corner(2 / 3, by), corner(2 / 3, 0)];
    return [...corners.slice(0, wall), { ...from, taped: false }, ...added, ...corners.slice(wall + 1)];
}

export const FEWEST = 3;

export function removeCorner(corners: Corner[], index: number): Corner[] {
    if (corners.length <= FEWEST) return corners;
    const before = (index - 1 + corners.length) % corners.length;
    return corners.map((corner, i) => (i === before ? { ...corner, taped: false } : corner)).filter((_, i) => i !== index);
}

/** Four corners of what was dragged, anticlockwise with y away from the viewer. */
export function rectangle(x1: number, y1: number, x2: number, y2: number): Corner[] {
    const [left, right] = [Math.min(x1, x2), Math.max(x1, x2)];
    const [front, back] = [Math.min(y1, y2), Math.max(y1, y2)];
    return [
        [left, front],
        [right, front],
        [right, back],
        [left, back],
    ].map(([x, y]) => ({ x: x as number, y: y as number, height: '', taped: false }));
}

/** How far from each other new things on the floor are put, m. */
const BESIDE = 0.8;

/**
 * Something new, put where it is likely to be wanted: in the picked wall, else in the middle of the floor, beside what
 * was put there before.
 */
export function put(kind: Kind, corners: Corner[], wall: number | null, before: number): Furnishing {
    const [from, to] = wall === null ? [at(corners, 0), at(corners, 1)] : [at(corners, wall), at(corners, wall + 1)];
    const isInWall = kind === 'door' || kind === 'window' || kind === 'outlet';
    const middle = (axis: 'x' | 'y'): number =>
        isInWall ? (from[axis] + to[axis]) / 2 : corners.reduce((sum, corner) => sum + corner[axis], 0) / corners.length;
    const [right, back] = isInWall ? [0, 0] : [((before % 3) - 1) * BESIDE, (Math.floor(before / 3) % 3) * BESIDE];
    return { kind, x: middle('x') + right, y: middle('y') + back, width: '', depth: '', height: '', leads_to: '' };
}

/** A reading beside its wall on the sheet: its middle, and which way the wall runs; px. */
export interface Reading {
    x: number;
    y: number;
    dx: number;
    dy: number;
}

/** Readings that would lie over each other are moved along their walls, each clear of those before it. */
export function apart<T extends Reading>(readings: T[], size: { width: number; height: number }): T[] {
    const laid: T[] = [];
    for (const reading of readings) {
        let { x, y } = reading;
        for (const other of laid) {
            const [gapX, gapY] = [size.width - Math.abs(x - other.x), size.height - Math.abs(y - other.y)];
            if (gapX <= 0 || gapY <= 0) continue;
            // As far as it takes along the wall, to the side on which it lies already.
            const far = Math.abs(reading.dx) > Math.abs(reading.dy) ? gapX / Math.abs(reading.dx) : gapY / Math.abs(reading.dy);
            const side = (x - other.x) * reading.dx + (y - other.y) * reading.dy < 0 ? -1 : 1;
            x += side * far * reading.dx;
            y += side * far * reading.dy;
        }
        laid.push({ ...reading, x, y });
    }
    return laid;
}
