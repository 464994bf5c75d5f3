import { useQueryClient } from '@tanstack/vue-query';
import { onBeforeUnmount, watch, type Ref } from 'vue';
import type { Choices, Ledger } from '../api/client';
import { evaluationOf, type Question } from '../api/queries';

/** Nothing else was asked for as long as this, ms. */
const STILL = 400;

/** Asks what is likely to be wanted next, one at a time while nothing else is: the speeds beside the one that is judged, one unit more or less. */
export function useAhead(question: Ref<Question | null>, ledger: Ref<Ledger | undefined>): void {
    const client = useQueryClient();
    let pause: ReturnType<typeof setTimeout> | undefined;

    async function ask(): Promise<void> {
        const asked = question.value;
        const line = ledger.value?.unit;
        if (!asked?.unit || !line) return;
        for (const unit of beside(asked.unit, line)) {
            if (question.value !== asked) return;
            await client.prefetchQuery(evaluationOf({ ...asked, unit }));
        }
    }
    watch(
        ledger,
        () => {
            clearTimeout(pause);
            pause = setTimeout(() => void ask(), STILL);
        },
        { immediate: true },
    );
    onBeforeUnmount(() => clearTimeout(pause));
}

function beside(unit: Choices, line: NonNullable<Ledger['unit']>): Choices[] {
    const speeds = [line.speeds[line.chosen - 1], line.speeds[line.chosen + 1]].flatMap((speed) => (speed ? [speed.name] : []));
    const counts = [unit.units + 1, unit.units - 1].filter((count) => count >= 1);
    return [...speeds.map((speed) => ({ ...unit, speed })), ...counts.map((units) => ({ ...unit, units }))];
}
