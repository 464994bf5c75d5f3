import { computed, shallowRef, watch, type Ref } from 'vue';
import { Refused, type Plan } from '../../api/client';
import { usePlanned, type PlanQuestion } from './queries';

/** What a plan is drawn from. */
const PARTS = ['length', 'width', 'height', 'outline', 'furnishings'] as const;

/** What of a unit is seen in it: joining, speed and direction look the same. */
const LOOKS = ['shape', 'fan', 'filter', 'prefilter', 'corners', 'options', 'units'] as const;

/**
 * Asks for the drawing of the room whenever it changes, one question at a time: while an answer is on its way only the
 * latest state waits, so that dragging never piles up.
 */
export function usePlan(ask: () => PlanQuestion, open: Ref<boolean>) {
    const question = shallowRef<PlanQuestion | null>(null);
    const planned = usePlanned(question);
    const plan = shallowRef<Plan>();
    let waits = false;

    const key = computed(() => {
        if (!open.value) return '';
        const { room, unit, programme, beside } = ask();
        return JSON.stringify([
            PARTS.map((part) => room[part]),
            LOOKS.map((look) => unit?.[look]),
            programme,
            beside?.map(({ count }) => count),
        ]);
    });
    function next(): void {
        if (!open.value) return;
        if (planned.isFetching.value) {
            waits = true;
            return;
        }
        waits = false;
        question.value = ask();
    }
    watch([key, open], next, { immediate: true });
    watch(planned.isFetching, (fetching) => {
        if (!fetching && waits) next();
    });
    watch(
        [planned.data, planned.isPlaceholderData],
        () => {
            if (planned.data.value && !planned.isPlaceholderData.value) plan.value = planned.data.value;
        },
        { immediate: true },
    );

    const refused = computed(() =>
        planned.error.value instanceof Refused && planned.error.value.status === 422 ? planned.error.value : null,
    );
    return { plan, errors: computed(() => refused.value?.errors ?? {}), offers: computed(() => refused.value?.choices ?? {}) };
}
