import type { Look } from './plot';

interface Style {
    color: string;
    width: number;
    dash?: number[];
}

export const LOOKS: Record<Look, Style> = {
    clean: { color: 'var(--clean)', width: 3.2 },
    fan: { color: 'var(--pencil)', width: 1.6 },
    'fan-chosen': { color: 'var(--pencil)', width: 3.4 },
    filters: { color: 'var(--clean)', width: 3 },
    loaded: { color: 'var(--kraft-edge)', width: 2.4, dash: [7, 5] },
    goal: { color: 'var(--ink)', width: 1.6 },
    mark: { color: 'var(--ink)', width: 1.2, dash: [2, 4] },
    reading: { color: 'var(--kraft-edge)', width: 1.3 },
    range: { color: 'var(--clean)', width: 0 },
};
