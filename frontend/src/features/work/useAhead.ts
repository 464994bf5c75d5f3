import { useQueryClient } from '@tanstack/vue-query';
import { onBeforeUnmount, watch, type Ref } from 'vue';
import type { Choices, Ledger } from '../../api/client';
import { evaluationOf, type Question } from './queries';

/** Nothing else was asked for as long as this, ms. */
const STILL = 400;

/** Asks what is likely to be wanted next, the likeliest first and one at a time, while nothing else is asked. */
export function useAhead(question: Ref<Question | null>, ledger: Ref<Ledger | undefined>, likely: Ref<Choices[]>, still = STILL): void {
    const client = useQueryClient();
    let pause: ReturnType<typeof setTimeout> | undefined;

    async function ask(): Promise<void> {
        const [asked, units] = [question.value, likely.value];
        if (!asked?.unit) return;
        for (const unit of units) {
            if (question.value !== asked || likely.value !== units) return;
            await client.prefetchQuery(evaluationOf({ ...asked, unit }));
        }
    }
    watch(
        [ledger, likely],
        () => {
            clearTimeout(pause);
            pause = setTimeout(() => void ask(), still);
        },
        { immediate: true },
    );
    onBeforeUnmount(() => clearTimeout(pause));
}

/** The speeds beside the one that is judged, one unit more or less. */
export function beside(unit: Choices, line: NonNullable<Ledger['unit']>): Choices[] {
    const speeds = [line.speeds[line.chosen - 1], line.speeds[line.chosen + 1]].flatMap((speed) => (speed ? [speed.name] : []));
    const counts = [unit.units + 1, unit.units - 1].filter((count) => count >= 1);
    return [...speeds.map((speed) => ({ ...unit, speed })), ...counts.map((units) => ({ ...unit, units }))];
}

/** Most of what is offered that is asked for ahead. */
const MOST = 12;

/** Of a list, those that stand nearest to one of them. */
export function nearest(ids: string[], to: string): string[] {
    const place = Math.max(0, ids.indexOf(to));
    return ids
        .filter((id) => id !== to)
        .sort((a, b) => Math.abs(ids.indexOf(a) - place) - Math.abs(ids.indexOf(b) - place))
        .slice(0, MOST);
}
