import { describe, expect, it } from 'vitest';
import type { Survey, TissueResult } from '../../frontend/src/api/client';
import { gainAt, levelOf } from '../../frontend/src/features/proof/aWeighting';
import { latest, look, nextPoint, refusal, task } from '../../frontend/src/features/proof/words';

type Point = TissueResult['points'][number];
const point = (id: string, more: Partial<Point> = {}): Point => ({
    id,
    kind: 'seam',
    name: id,
    should_pull: false,
    answer: null,
    leaks: false,
    gap: null,
    ...more,
});

describe('the phone as a level meter', () => {
    /** IEC 61672-1, table of frequency weightings (from memory); class 2 allows 1.5 to 3 dB between 63 Hz and 4 kHz. */
    it.each([
        [63.1, -26.2],
        [125.9, -16.1],
        [251.2, -8.6],
        [501.2, -3.2],
        [1000, 0],
        [1995.3, 1.2],
        [3981.1, 1.0],
        [7943.3, -1.1],
    ])('weights %d Hz by %d dB', (hertz, decibels) => {
        expect(20 * Math.log10(gainAt(hertz))).toBeCloseTo(decibels, 1);
    });

    const sine = (hertz: number, amplitude: number, count = 16384): Float32Array =>
        Float32Array.from({ length: count }, (_, i) => amplitude * Math.sin((2 * Math.PI * hertz * i) / 48000));

    it('tells a tone by its amplitude, weighted', () => {
        expect(levelOf(sine(1000, 1), 48000)).toBeCloseTo(0, 1);
        expect(levelOf(sine(1000, 0.1), 48000)).toBeCloseTo(-20, 1);
        expect(levelOf(sine(125.9, 1), 48000)).toBeCloseTo(-16.1, 0);
        expect(levelOf(sine(3981, 0.5), 48000)).toBeCloseTo(1.0 - 6.02, 1);
    });

    it('adds two tones by their energy and hears nothing of silence', () => {
        const [low, high] = [sine(1000, 0.5), sine(2000, 0.5)];
        const both = low.map((value, i) => value + high[i]!);
        const energy = 10 ** (levelOf(low, 48000) / 10) + 10 ** (levelOf(high, 48000) / 10);
        expect(levelOf(both, 48000)).toBeCloseTo(10 * Math.log10(energy), 1);
        expect(levelOf(new Float32Array(1024), 48000)).toBe(-120);
        expect(gainAt(0)).toBe(0);
    });
});

describe('the tissue test', () => {
    it('goes on with the next point that nobody has told, round to the first', () => {
        const points = [point('a', { answer: 'in' }), point('b'), point('c', { answer: 'still' }), point('d')];
        expect(nextPoint(points, 'a')).toBe('b');
        expect(nextPoint(points, 'b')).toBe('d');
        expect(nextPoint(points, 'd')).toBe('b');
        expect(
            nextPoint(
                points.map((one) => ({ ...one, answer: 'still' })),
                'd',
            ),
        ).toBe('a');
    });

    it('marks what leaks and faces that do not pull', () => {
        expect(look(point('a'))).toBe('open');
        expect(look(point('a', { answer: 'still' }))).toBe('right');
        expect(look(point('a', { answer: 'in', leaks: true }))).toBe('wrong');
        expect(look(point('f', { should_pull: true, answer: 'in' }))).toBe('right');
        expect(look(point('f', { should_pull: true, answer: 'still' }))).toBe('wrong');
    });

    it('says what to do at a face and at a seam', () => {
        expect(task(point('f', { should_pull: true }))).toContain('should move through here');
        expect(task(point('s'))).toContain('Nothing should move');
    });
});

describe('surveys', () => {
    it('shows the latest of a kind that no other replaces', () => {
        const survey = (id: number, kind: Survey['kind'], replaced = false) => ({ id, kind, replaced }) as Survey;
        const surveys = [survey(9, 'level'), survey(7, 'decay', true), survey(4, 'decay'), survey(2, 'tissue')];
        expect(latest(surveys, 'decay')?.id).toBe(4);
        expect(latest(surveys, 'reach')).toBeUndefined();
    });

    it('says what a write was refused for, at its field first', () => {
        const writing = (errors: Record<string, string[]> | null, message = '') => ({
            refused: { value: errors && { errors } },
            message: { value: message },
        });
        expect(refusal(writing({ csv: ['Line 3 is no reading.'] }))).toBe('Line 3 is no reading.');
        expect(refusal(writing({}, 'Not now.'))).toBe('Not now.');
        expect(refusal(writing(null))).toBeUndefined();
    });
});
