import { describe, expect, it } from 'vitest';
import type { Catalogue, Option } from '../../frontend/src/api/client';
import { choiceOf, chosen, CHOICES as KEYS, options } from '../../frontend/src/components/bench/choices';
import { CHOICES } from './samples';

const option = (id: string): Option => ({ id, name: id.toUpperCase(), group: '', facts: [], price: null, provenance: null });
const catalogue: Catalogue = {
    shapes: [option('cube'), option('flat-panel')],
    fans: [option('drum-18')],
    filters: [option('24x24x2-g13')],
    joinings: [option('hot-glue')],
    corners: [option('open')],
    pollutants: [],
    uses: [],
};

describe('what a part of the drawing opens', () => {
    it.each([
        ['face-1', 'filter'],
        ['face-5', 'filter'],
        ['fan', 'fan'],
        ['shroud', 'corners'],
        ['corners', 'corners'],
        ['seam', 'joining'],
        ['box', 'joining'],
        ['base', 'shape'],
        ['cover', 'shape'],
        ['feet', 'shape'],
    ] as const)('%s opens %s', (part, key) => {
        expect(choiceOf(part)).toBe(key);
    });

    it('finds what is chosen of every kind', () => {
        expect(KEYS.map(({ key }) => chosen(catalogue, CHOICES, key)?.id)).toEqual(['cube', 'drum-18', '24x24x2-g13', 'hot-glue', 'open']);
    });

    it('says nothing of a part that the catalogue no longer holds', () => {
        expect(chosen({ ...catalogue, fans: [] }, CHOICES, 'fan')).toBeUndefined();
        expect(options(catalogue, 'shape')).toHaveLength(2);
    });
});
