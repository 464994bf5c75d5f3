import type { Furnishing } from '../../api/client';

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

/** A floor has this many corners or more. */
export const FEWEST = 3;

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

/** Half the width of what is said of a reading, px. */
const MESSAGE = 134;

/** Where on the sheet a reading stands, so that what is said of it is not cut off by an edge. */
export const sides = (at: { x: number; y: number }, sheet: { width: number; height: number }) => ({
    low: at.y > 0.55 * sheet.height,
    far: at.x > sheet.width - MESSAGE,
    near: at.x < MESSAGE,
});
