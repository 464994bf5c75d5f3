import type { Catalogue, Choices, Option } from '../../api/client';

/** What can be chosen about a unit, besides how many. */
export type ChoiceKey = 'shape' | 'fan' | 'filter' | 'joining' | 'corners';

export const CHOICES: { key: ChoiceKey; name: string }[] = [
    { key: 'shape', name: 'Shape' },
    { key: 'fan', name: 'Fan' },
    { key: 'filter', name: 'Filter' },
    { key: 'joining', name: 'Joining' },
    { key: 'corners', name: 'Corners' },
];

/** The choice that a part of the drawing belongs to. */
export function choiceOf(part: string): ChoiceKey {
    if (part.startsWith('face-')) return 'filter';
    if (part === 'fan') return 'fan';
    if (part === 'shroud' || part === 'corners') return 'corners';
    if (part === 'seam' || part === 'box') return 'joining';
    return 'shape';
}

export function options(catalogue: Catalogue, key: ChoiceKey): Option[] {
    return {
        shape: catalogue.shapes,
        fan: catalogue.fans,
        filter: catalogue.filters,
        joining: catalogue.joinings,
        corners: catalogue.corners,
    }[key];
}

export function chosen(catalogue: Catalogue, choices: Choices, key: ChoiceKey): Option | undefined {
    return options(catalogue, key).find((option) => option.id === choices[key]);
}
