import type { Proof, Survey, SurveyKind, TissueResult } from '../../api/client';

type Point = TissueResult['points'][number];

/** What may be told of a point, in the order of the buttons. */
export const FINDINGS = [
    { value: 'in', label: 'Drawn in' },
    { value: 'still', label: 'Still' },
    { value: 'out', label: 'Blown out' },
] as const;
export type Finding = (typeof FINDINGS)[number]['value'];

export const GRADES: Record<Proof['grade'], string> = {
    pass: 'Proved',
    marginal: 'Marginal',
    fail: 'Falls short',
    'not-proved': 'Not proved yet',
};

export const STAGES: Record<Proof['stages'][number]['key'], string> = {
    design: 'As designed',
    built: 'As built',
    proved: 'As proved',
};

/** The survey of a kind that holds: the latest that no other replaces. */
export const latest = (surveys: Survey[], kind: SurveyKind): Survey | undefined =>
    surveys.find((survey) => survey.kind === kind && !survey.replaced);

/** What to do at a point, in a sentence that can be read out. */
export const task = (point: Point): string =>
    point.should_pull
        ? 'Hold the tissue a finger’s width from its middle. Air should move through here.'
        : 'Move the tissue along it, almost touching. Nothing should move here.';

/** How a point looks on the drawing: not asked yet, as it should be, or not. */
export function look(point: Point): 'open' | 'right' | 'wrong' {
    if (point.answer === null) return 'open';
    return point.leaks || (point.should_pull && point.answer === 'still') ? 'wrong' : 'right';
}

/** The point to go on with: the next that nobody has told, from one on. */
export function nextPoint(points: Point[], from: string): string {
    const at = points.findIndex(({ id }) => id === from);
    const inOrder = [...points.slice(at + 1), ...points.slice(0, at + 1)];
    return inOrder.find(({ answer }) => answer === null)?.id ?? points[(at + 1) % points.length]?.id ?? '';
}

export const day = (at: number): string => new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

/** What a write was refused for: at its first field, or as a whole. */
export const refusal = (writing: {
    refused: { value: { errors: Record<string, string[]> } | null | undefined };
    message: { value: string | null | undefined };
}): string | undefined => Object.values(writing.refused.value?.errors ?? {})[0]?.[0] || writing.message.value || undefined;
