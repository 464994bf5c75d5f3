import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { describe, expect, it } from 'vitest';

const HOUSE = join(import.meta.dirname, '../../frontend/src');
/** Rooms of the house in the order of the job: each uses only those before it. */
const ROOMS = [
    'api',
    'store',
    'session',
    'drawing',
    'ui',
    'plot',
    'features/session',
    'features/programme',
    'features/parts',
    'features/stock',
    'features/work',
    'features/room',
    'features/goal',
    'features/ledger',
    'features/find',
    'features/build',
    'features/kit',
    'features/guide',
    'features/day',
    'features/sheet',
    'features/proof',
    'pages',
];
const MOST_LINES = 250;

const files = readdirSync(HOUSE, { recursive: true, encoding: 'utf8' }).filter((file) => /\.(vue|ts)$/.test(file));
const text = (file: string): string => readFileSync(join(HOUSE, file), 'utf8');
const roomOf = (path: string): string => ROOMS.filter((room) => path === room || path.startsWith(`${room}/`)).at(-1) ?? '';

describe('the house of the screens', () => {
    it('has a room for every file but the entrance', () => {
        expect(files.filter((file) => roomOf(file) === '' && !['App.vue', 'main.ts', 'router.ts', 'vite-env.d.ts'].includes(file))).toEqual(
            [],
        );
    });

    it('is used in one direction only', () => {
        const backwards = files.flatMap((file) =>
            [...text(file).matchAll(/(?:from|import\() ?'(\.[^']*)'/g)].flatMap(([, path]) => {
                const [own, other] = [roomOf(file), roomOf(relative(HOUSE, join(HOUSE, dirname(file), path!)))];
                return own !== '' && ROOMS.indexOf(other) > ROOMS.indexOf(own) ? [`${file} uses ${path}`] : [];
            }),
        );
        expect(backwards).toEqual([]);
    });

    it('has components that are read at once', () => {
        const long = files.filter((file) => file.endsWith('.vue') && text(file).split('\n').length - 1 > MOST_LINES);
        expect(long).toEqual([]);
    });

    it('takes controls from the control set; bare ones only where the drawing itself is the control', () => {
        const DRAWN = ['room/LengthField', 'room/WallTape', 'build/UnitDrawing', 'goal/RuleBand', 'stock/ShelfBin'].map(
            (one) => `features/${one}.vue`,
        );
        const bare = files.filter((file) => /<(button|input|select|textarea|details|dialog)[\s>]/.test(text(file).split('<style')[0]!));
        expect(bare.filter((file) => !DRAWN.includes(file))).toEqual([]);
    });

    it('writes to the server through mutations, asks through queries', () => {
        const writing = files.filter((file) => /api\.(POST|PUT|PATCH|DELETE)\(/.test(text(file)));
        expect(writing.filter((file) => !/use(Write|Query)\b/.test(text(file)))).toEqual([]);
    });
});
