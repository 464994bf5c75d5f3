import { expect, test } from 'vitest';
import type { GuideStep } from '../../frontend/src/api/client';
import { isSeen, nextStep, spoken, withTold } from '../../frontend/src/features/guide/told';
import { clockTold } from '../../frontend/src/features/guide/useTimers';
import type { OutboxRow, StepTick } from '../../frontend/src/store/database';

const step = (id: string, more: Partial<GuideStep> = {}): GuideStep => ({
    id,
    action: `Do ${id}.`,
    reason: 'Because.',
    parts: [],
    tools: [],
    minutes: 5,
    rests_on: 0,
    wait: 0,
    after: [],
    holds: [],
    adults_only: false,
    is_check: false,
    cautions: [],
    mends: [],
    done: null,
    seen: [],
    notes: [],
    ...more,
});
const tick = (step: string, kind: StepTick['kind'], at: number, hold: number | null = null, text = ''): OutboxRow<StepTick> => ({
    key: `${step} ${kind} ${at}`,
    person: 1,
    about: 'unit 1',
    at,
    told: { step, kind, hold, text, photo: null },
});
const told = (at: number, hold: number | null = null) => ({ hold, text: '', by: 'Ossian', at, photo: null, kind: 'done' });

test('what was ticked here is laid over what the server knows, the later over the earlier', () => {
    const steps = [step('tack', { holds: ['a', 'b'], seen: [told(100, 0)] }), step('seal', { done: told(500) })];
    const [tack, seal] = withTold(steps, [
        tick('tack', 'done', 300),
        tick('tack', 'seen', 200, 1),
        tick('tack', 'unseen', 50, 0),
        tick('seal', 'undone', 400),
        tick('tack', 'note', 310, null, 'bent'),
    ]);
    expect(tack!.done?.at).toBe(300);
    expect(tack!.seen.map(({ hold }) => hold).sort()).toEqual([0, 1]);
    expect(tack!.notes.map(({ text }) => text)).toEqual(['bent']);
    expect(tack!.waits).toBe(true);
    // Somebody ticked it after this phone took it back.
    expect(seal!.done?.by).toBe('Ossian');
});

test('opening a step is nothing that waits to be seen by others', () => {
    expect(withTold([step('tack')], [tick('tack', 'begun', 1)])[0]!.waits).toBe(false);
});

test('the next step is the first that waits for nothing that is not done', () => {
    const steps = [step('count', { done: told(1) }), step('base', { after: ['square'] }), step('square', { after: ['count'] })];
    expect(nextStep(steps)?.id).toBe('square');
    expect(nextStep(steps.map((one) => ({ ...one, done: told(2) })))).toBeUndefined();
});

test('a step is seen when each of its hold points is', () => {
    const two = step('mark', { holds: ['drawn', 'unplugged'] });
    expect(isSeen(two)).toBe(false);
    expect(isSeen({ ...two, seen: [told(1, 1)] })).toBe(false);
    expect(isSeen({ ...two, seen: [told(1, 1), told(2, 0)] })).toBe(true);
    expect(spoken(two)).toBe('Do mark. Before you go on, see: drawn; unplugged.');
});

test('a clock counts minutes and seconds', () => {
    expect([0, 9, 60, 605].map(clockTold)).toEqual(['0:00', '0:09', '1:00', '10:05']);
});
