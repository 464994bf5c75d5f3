import type { PartSheet } from '../../api/client';

export const PROVENANCES = ['measured', 'rated', 'typical', 'assumed'] as const;
export type Provenance = (typeof PROVENANCES)[number];

/** A part as it stands on the screen: only figures of one's own are written, the rest is as shipped. */
export interface Written {
    name: string;
    like: string;
    figures: { path: string; entry: string; from: Provenance }[];
    points: { along: string; pressure: string }[];
    pointsFrom: Provenance;
    packs: { count: number; price: string }[];
}

export function written(part: PartSheet): Written {
    return {
        name: part.name,
        like: part.like,
        figures: part.figures.map((figure) => ({
            path: figure.path,
            entry: figure.is_own ? figure.entry : '',
            from: figure.is_own ? (figure.from ?? 'measured') : 'measured',
        })),
        points: part.points?.is_own ? part.points.rows.map((point) => ({ ...point })) : [],
        pointsFrom: (part.points?.is_own && part.points.from) || 'measured',
        packs: part.packs.map((pack) => ({ ...pack })),
    };
}

/** What is asked of the server to keep it. */
export function asksOf(form: Written, revision: number) {
    const own = form.figures.filter((figure) => figure.entry.trim() !== '');
    return {
        name: form.name,
        like: form.like,
        figures: Object.fromEntries(own.map(({ path, entry, from }) => [path, { entry, from }])),
        points: form.points,
        points_from: form.pointsFrom,
        packs: form.packs,
        revision,
    };
}

/** A code for a part of one's own, from its name. */
export function codeOf(name: string, taken: string[]): string {
    const slug =
        name
            .toLowerCase()
            .normalize('NFKD')
            .replace(/[^a-z0-9]+/g, '-')
            .replace(/^-+|-+$/g, '')
            .slice(0, 60) || 'part';
    let code = `own-${slug}`;
    for (let number = 2; taken.includes(code); number++) code = `own-${slug}-${number}`;
    return code;
}
