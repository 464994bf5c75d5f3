import type { CutPlan } from '../../api/client';

export type Size = CutPlan['sizes'][number];

/** A drawing of a thing to measure: lines of it, and where the tape goes. */
export interface Figure {
    title: string;
    outline: string[];
    thin: string[];
    /** By path of the size: the line that the tape lies along, and where its letter stands. */
    tapes: Record<string, { d: string; x: number; y: number }>;
}

const FILTER: Figure = {
    title: 'Filter: outside of its frame',
    outline: ['M20 20h130v130h-130z', 'M195 20h26v130h-26z'],
    thin: [
        'M30 30h110v110h-110z',
        ...Array.from({ length: 10 }, (_, i) => `M${36 + 11 * i} 32v106`),
        'M201 26l14 12-14 12 14 12-14 12 14 12-14 12 14 12-14 12',
    ],
    tapes: {
        width: { d: 'M20 166h130', x: 85, y: 178 },
        height: { d: 'M8 20v130', x: 0, y: 88 },
        depth: { d: 'M195 166h26', x: 208, y: 178 },
    },
};
const FAN: Figure = {
    title: 'Fan: its body, and the circle that its blades sweep',
    outline: ['M34 20h102a14 14 0 0 1 14 14v102a14 14 0 0 1-14 14h-102a14 14 0 0 1-14-14v-102a14 14 0 0 1 14-14z', 'M190 20h34v130h-34z'],
    thin: [
        'M143 85a58 58 0 1 1-116 0a58 58 0 1 1 116 0z',
        'M95 85a10 10 0 1 1-20 0a10 10 0 1 1 20 0z',
        ...[0, 72, 144, 216, 288].map((turn) => {
            const at = (radius: number, degrees: number) =>
                `${(85 + radius * Math.cos((degrees * Math.PI) / 180)).toFixed(1)} ${(85 + radius * Math.sin((degrees * Math.PI) / 180)).toFixed(1)}`;
            return `M${at(11, turn)}Q${at(36, turn - 26)} ${at(54, turn - 12)}Q${at(56, turn + 16)} ${at(50, turn + 34)}Q${at(30, turn + 22)} ${at(11, turn + 40)}`;
        }),
    ],
    tapes: {
        'body.side': { d: 'M20 166h130', x: 85, y: 178 },
        'body.blade_circle': { d: 'M27 85h116', x: 85, y: 74 },
        'body.corner_radius': { d: 'M136 34l10-10', x: 158, y: 16 },
        'body.depth': { d: 'M190 166h34', x: 207, y: 178 },
    },
};
const CARTON: Figure = {
    title: 'Carton of the fan: inside of its walls',
    outline: ['M20 46h150v112h-150z', 'M20 46l34-26h150l-34 26z', 'M170 158l34-26v-112l-34 26z'],
    thin: ['M20 46l34-26', 'M95 46v112', 'M37 33h150'],
    tapes: {
        carton_width: { d: 'M20 170h150', x: 95, y: 182 },
        carton_height: { d: 'M8 46v112', x: 0, y: 104 },
        carton_depth: { d: 'M178 164l34-26', x: 208, y: 160 },
    },
};

/** Sizes that are measured on one thing together. */
export function figuresOf(sizes: Size[]): { key: string; name: string; figure: Figure; sizes: Size[] }[] {
    const groups = new Map<string, { key: string; name: string; figure: Figure; sizes: Size[] }>();
    // Those first that something is cut by.
    for (const size of [...sizes].sort((one, other) => Number(other.effects.length > 0) - Number(one.effects.length > 0))) {
        const figure = size.path.startsWith('carton') ? CARTON : size.kind === 'fan' ? FAN : FILTER;
        const key = `${size.code} ${figure === CARTON ? 'carton' : ''}`;
        const group = groups.get(key) ?? { key, name: size.part, figure, sizes: [] };
        group.sizes.push(size);
        groups.set(key, group);
    }
    return [...groups.values()];
}
