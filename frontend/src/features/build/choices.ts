import type { Catalogue, Choices, Option, ShapeOptions } from '../../api/client';

/** What can be chosen about a unit, besides how many. */
export type ChoiceKey = 'shape' | 'fan' | 'filter' | 'prefilter' | 'joining' | 'corners' | 'direction' | 'base';

export const CHOICES: { key: ChoiceKey; name: string }[] = [
    { key: 'shape', name: 'Shape' },
    { key: 'fan', name: 'Fan' },
    { key: 'filter', name: 'Filter' },
    { key: 'prefilter', name: 'Pre-filter' },
    { key: 'joining', name: 'Joining' },
    { key: 'corners', name: 'Corners' },
    { key: 'direction', name: 'Air' },
    { key: 'base', name: 'Base' },
];

/** The choice that a part of the drawing belongs to. */
export function choiceOf(part: string): ChoiceKey {
    if (part.startsWith('face-')) return 'filter';
    if (part === 'prefilter') return 'prefilter';
    if (part === 'fan') return 'fan';
    if (part === 'shroud' || part === 'corners') return 'corners';
    if (part === 'seam' || part === 'box') return 'joining';
    if (part === 'base' || part === 'feet') return 'base';
    return 'shape';
}

const NO_PREFILTER: Option = { id: '', name: 'None', group: '', facts: [], price: null, provenance: null, within: null };

export function options(catalogue: Catalogue, key: ChoiceKey): Option[] {
    return {
        shape: catalogue.shapes,
        fan: catalogue.fans,
        filter: catalogue.filters,
        prefilter: [NO_PREFILTER, ...catalogue.filters],
        joining: catalogue.joinings,
        corners: catalogue.corners,
        direction: catalogue.directions,
        base: catalogue.bases,
    }[key];
}

/** What about the chosen shape may be made one way or another. */
export function shapeOptions(catalogue: Catalogue, choices: Choices): ShapeOptions | undefined {
    return catalogue.shape_options.find((one) => one.shape === choices.shape);
}

/** The choice in force: a direction that nobody chose is the shape's usual one. */
export function inForce(catalogue: Catalogue, choices: Choices, key: ChoiceKey): string {
    if (key === 'direction' && choices.direction === '') return shapeOptions(catalogue, choices)?.usual_direction ?? '';
    // The base goes with the shape.
    return key === 'base' ? choices.shape : choices[key];
}

/** What can be chosen about a unit as it is: a base only where another would go under it. */
export function choosable(catalogue: Catalogue, choices: Choices): { key: ChoiceKey; name: string }[] {
    return CHOICES.filter(({ key }) => key !== 'base' || catalogue.bases.some((base) => base.id === choices.shape));
}

export function chosen(catalogue: Catalogue, choices: Choices, key: ChoiceKey): Option | undefined {
    const id = inForce(catalogue, choices, key);
    return options(catalogue, key).find((option) => option.id === id);
}
