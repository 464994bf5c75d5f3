import type { Stock } from '../../api/client';

/** Shelves in stock, in the order in which they are shown. */
export const SHELVES: { kind: Stock['lines'][number]['kind']; name: string }[] = [
    { kind: 'fan', name: 'Fans' },
    { kind: 'filter', name: 'Filters' },
    { kind: 'material', name: 'Sheets, tapes, hardware' },
];
