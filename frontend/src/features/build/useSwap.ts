import { computed, shallowRef, watch, type Ref } from 'vue';
import { Refused, type Choices, type Ledger } from '../../api/client';
import { useEvaluation, type Question } from '../work/queries';

/** As long as this something must be looked at before it is asked what it would do, ms. */
const LOOK = 60;

/** What a swap would do, while it is looked at. The question is the one that taking it would ask, so that its answer is there by then. */
export function useSwap(question: Ref<Question | null>, choices: Ref<Choices | null>) {
    const asked = shallowRef<Question | null>(null);
    const evaluation = useEvaluation(asked);
    let pause: ReturnType<typeof setTimeout> | undefined;
    watch(choices, (looked) => {
        clearTimeout(pause);
        pause = setTimeout(() => (asked.value = looked && question.value ? { ...question.value, unit: { ...looked } } : null), LOOK);
    });
    const isOf = computed(() => asked.value !== null && JSON.stringify(asked.value.unit) === JSON.stringify(choices.value));
    return {
        ledger: computed<Ledger | null>(() => (isOf.value && !evaluation.isPlaceholderData.value ? (evaluation.data.value ?? null) : null)),
        fault: computed(() =>
            isOf.value && evaluation.error.value instanceof Refused ? (Object.values(evaluation.error.value.errors)[0]?.[0] ?? '') : '',
        ),
    };
}
