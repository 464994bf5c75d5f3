import type { GuideStep, Told } from '../../api/client';
import type { OutboxRow, StepTick } from '../../store/database';

/** Steps with what was told here laid over what the server knows: of two ticks of the same thing the later holds. */
export function withTold(steps: GuideStep[], waiting: OutboxRow<StepTick>[]): (GuideStep & { waits: boolean })[] {
    const inOrder = [...waiting].sort((one, other) => one.at - other.at);
    return steps.map((step) => {
        const own = inOrder.filter(({ told }) => told.step === step.id);
        return own.reduce(lay, { ...step, waits: own.some(({ told }) => told.kind !== 'begun') });
    });
}

function lay<T extends GuideStep>(step: T, { at, told: tick }: OutboxRow<StepTick>): T {
    const told: Told = { hold: tick.hold, text: tick.text, by: '', at, photo: null, kind: tick.kind };
    const others = step.seen.filter(({ hold }) => hold !== tick.hold);
    const last = step.seen.find(({ hold }) => hold === tick.hold);
    switch (tick.kind) {
        case 'done':
            return step.done && step.done.at > at ? step : { ...step, done: told };
        case 'undone':
            return step.done && step.done.at > at ? step : { ...step, done: null };
        case 'seen':
            return last && last.at > at ? step : { ...step, seen: [...others, told] };
        case 'unseen':
            return last && last.at > at ? step : { ...step, seen: others };
        case 'note':
        case 'wrong':
            return { ...step, notes: [...step.notes, told] };
        default:
            return step;
    }
}

/** The step to go on with: the first that is not done and waits for nothing that is not. */
export function nextStep(steps: GuideStep[]): GuideStep | undefined {
    const done = new Set(steps.filter((step) => step.done).map(({ id }) => id));
    return steps.find((step) => !step.done && step.after.every((id) => done.has(id))) ?? steps.find((step) => !step.done);
}

/** Whether every hold point of a step was seen. */
export const isSeen = (step: GuideStep): boolean => step.holds.every((_, hold) => step.seen.some((told) => told.hold === hold));

/** What a voice says of a step: what to do, then what must be seen. */
export const spoken = (step: GuideStep): string =>
    [step.action, ...(step.holds.length ? [`Before you go on, see: ${step.holds.join('; ')}.`] : [])].join(' ');
