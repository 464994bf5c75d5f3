import { computed, reactive, shallowRef, watch, type Ref } from 'vue';
import { Refused, type Choices, type Ledger, type Placement, type RoomEntries } from '../../api/client';
import { queryClient } from '../../api/queryClient';
import { evaluationOf, useEvaluation, type Question } from './queries';

const TYPING_PAUSE = 160;

interface Draft {
    entries: RoomEntries;
    goal: string;
    choices: Choices;
    keepFigures: boolean;
}

/** Asks for the ledger of what is on the screen whenever it changes, and keeps the last good answer while it waits. */
export function useBench(
    draft: Draft,
    ready: Ref<boolean>,
    withUnit: Ref<boolean>,
    version: Ref<number | null>,
    programme: Ref<number | null>,
    beside: Ref<Placement[]>,
) {
    /** How the unit is looked at: degrees to the right, and whether its parts are drawn apart. */
    const view = reactive({ turn: 0, apart: false });
    const question = shallowRef<Question | null>(null);
    const ledger = shallowRef<Ledger>();
    const evaluation = useEvaluation(question);
    let pause: ReturnType<typeof setTimeout> | undefined;

    function ask(): void {
        clearTimeout(pause);
        if (!ready.value || programme.value === null) return;
        question.value = {
            room: { ...draft.entries, name: draft.entries.name.trim() === '' ? 'New room' : draft.entries.name },
            goal: draft.goal,
            unit: withUnit.value ? { ...draft.choices } : null,
            version: withUnit.value && draft.keepFigures ? version.value : null,
            programme: programme.value,
            ...(beside.value.length === 0 ? {} : { beside: beside.value }),
            ...(view.turn === 0 && !view.apart ? {} : { view: { ...view } }),
        };
        // On its way before the screen is drawn anew with what was chosen; whoever shows the answer finds it by its question.
        void queryClient.prefetchQuery(evaluationOf(question.value));
    }

    watch([() => draft.goal, () => draft.keepFigures, ready, withUnit, version, programme, beside, view], ask, {
        deep: true,
        immediate: true,
    });
    watch(() => draft.choices, ask, { deep: true, flush: 'sync' });
    watch(
        () => draft.entries,
        () => {
            clearTimeout(pause);
            pause = setTimeout(ask, TYPING_PAUSE);
        },
        { deep: true },
    );
    watch(evaluation.data, (data) => {
        if (data && !evaluation.isPlaceholderData.value) ledger.value = data;
    });
    watch(evaluation.isPlaceholderData, (placeholder) => {
        if (!placeholder && evaluation.data.value) ledger.value = evaluation.data.value;
    });

    const refused = computed(() => (evaluation.error.value instanceof Refused ? evaluation.error.value : null));
    /** Faults of what was asked; a field that was written in since is not at fault yet. */
    const errors = computed(() => {
        if (refused.value?.status !== 422) return {};
        const asked = question.value?.room;
        const stands = ([field]: [string, unknown]): boolean => {
            const key = field.replace(/^room\./, '') as keyof RoomEntries;
            return !field.startsWith('room.') || asked?.[key] === draft.entries[key];
        };
        return Object.fromEntries(Object.entries(refused.value.errors).filter(stands));
    });
    const offers = computed(() => (refused.value?.status === 422 ? refused.value.choices : {}));
    const away = computed(() => (evaluation.error.value && refused.value?.status !== 422 ? evaluation.error.value : null));
    const current = computed(() => evaluation.error.value === null);

    return { question, view, ledger, errors, offers, away, current, retry: () => evaluation.refetch() };
}
