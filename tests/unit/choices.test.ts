import { describe, expect, it } from 'vitest';
import type { Catalogue, Option } from '../../frontend/src/api/client';
import { choiceOf, choosable, chosen, CHOICES as KEYS, inForce, options, shapeOptions } from '../../frontend/src/features/build/choices';
import { CHOICES } from './samples';

const option = (id: string): Option => ({ id, name: id.toUpperCase(), group: '', facts: [], price: null, provenance: null, within: null });
const catalogue: Catalogue = {
    shapes: [option('cube'), option('flat-panel')],
    fans: [option('drum-18')],
    filters: [option('24x24x2-g13')],
    joinings: [option('hot-glue')],
    shape_options: [
        {
            shape: 'cube',
            usual_direction: 'pull',
            options: [{ id: 'layout', name: 'Layout', usual: 'pinwheel', choices: [{ id: 'pinwheel', name: 'Pinwheel' }] }],
        },
        { shape: 'tote', usual_direction: 'push', options: [] },
    ],
    bases: [option('cube'), option('raised-cube')],
    corners: [option('open')],
    directions: [option('pull'), option('push')],
    pollutants: [],
    uses: [],
    grades: [],
};

describe('what a part of the drawing opens', () => {
    it.each([
        ['face-1', 'filter'],
        ['face-5', 'filter'],
        ['base', 'base'],
        ['feet', 'base'],
        ['fan', 'fan'],
        ['shroud', 'corners'],
        ['corners', 'corners'],
        ['seam', 'joining'],
        ['box', 'joining'],
        ['prefilter', 'prefilter'],
        ['cover', 'shape'],
    ] as const)('%s opens %s', (part, key) => {
        expect(choiceOf(part)).toBe(key);
    });

    it('finds what is chosen of every kind', () => {
        expect(KEYS.map(({ key }) => chosen(catalogue, CHOICES, key)?.id)).toEqual([
            'cube',
            'drum-18',
            '24x24x2-g13',
            '',
            'hot-glue',
            'open',
            'pull',
            'cube',
        ]);
    });

    it('says nothing of a part that the catalogue no longer holds', () => {
        expect(chosen({ ...catalogue, fans: [] }, CHOICES, 'fan')).toBeUndefined();
        expect(options(catalogue, 'shape')).toHaveLength(2);
    });

    it('takes a direction that nobody chose as the shape’s usual one', () => {
        expect(inForce(catalogue, { ...CHOICES, shape: 'tote' }, 'direction')).toBe('push');
        expect(inForce(catalogue, { ...CHOICES, shape: 'tote', direction: 'pull' }, 'direction')).toBe('pull');
        expect(shapeOptions(catalogue, CHOICES)?.options[0]?.id).toBe('layout');
    });

    it('offers another base only under a shape that could have one', () => {
        expect(choosable(catalogue, CHOICES).map(({ key }) => key)).toContain('base');
        expect(choosable(catalogue, { ...CHOICES, shape: 'flat-panel' }).map(({ key }) => key)).not.toContain('base');
    });

    it('offers to go without a pre-filter', () => {
        expect(options(catalogue, 'prefilter').map(({ name }) => name)).toEqual(['None', '24X24X2-G13']);
    });
});
