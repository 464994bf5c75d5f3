import type { Drawing, Ledger } from '../../api/client';

/** Drawings whose strokes are kept; the server takes no longer list. */
const MOST = 12;

/** By mark, the one that was wanted last at the end. */
const kept = new Map<string, Pick<Drawing, 'frame' | 'strokes'>>();

/** Marks of the drawings whose strokes need not be sent again. */
export const drawn = (): string[] => [...kept.keys()];

/** A ledger with the strokes of its drawing, from those that are kept where they were not sent; null where they are gone. */
export function withStrokes(ledger: Ledger): Ledger | null {
    const drawing = ledger.unit?.drawing;
    if (!ledger.unit || !drawing?.mark) return ledger;
    const { mark } = drawing;
    const known = drawing.strokes.length > 0 ? { frame: drawing.frame, strokes: drawing.strokes } : kept.get(mark);
    if (!known) return null;
    kept.delete(mark);
    kept.set(mark, known);
    for (const oldest of drawn().slice(0, -MOST)) kept.delete(oldest);
    return { ...ledger, unit: { ...ledger.unit, drawing: { ...drawing, ...known } } };
}
