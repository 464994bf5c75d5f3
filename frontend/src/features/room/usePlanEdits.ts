import { useQueryClient } from '@tanstack/vue-query';
import { computed } from 'vue';
import type { PlanEdit, RoomEntries } from '../../api/client';
import { planKey, useEditPlan, type PlanQuestion } from './queries';

type Drawn = Pick<RoomEntries, 'outline' | 'furnishings' | 'height'>;

/**
 * What a hand does to the plan. Single changes are made one after the other, each on what the one before has left; while
 * something is pulled only its latest place waits, always from where the pull began.
 */
export function usePlanEdits(ask: () => PlanQuestion, put: (drawn: Drawn) => void) {
    const client = useQueryClient();
    const editing = useEditPlan();
    let last: Promise<void> = Promise.resolve();
    let waiting: { from: RoomEntries; edit: PlanEdit } | null = null;
    let pulling: Promise<void> | null = null;

    async function make(from: RoomEntries, edit: PlanEdit): Promise<void> {
        const edited = await editing.run({ ...ask(), room: from, edit });
        if (!edited) return;
        put({ outline: edited.outline, furnishings: edited.furnishings, height: edited.height });
        // Its drawing came with it and need not be asked for.
        if (edited.plan) client.setQueryData(planKey(ask()), edited.plan);
    }

    /** Makes one change of what is drawn then; what it is may depend on that. */
    function edit(what: PlanEdit | (() => PlanEdit)): Promise<void> {
        last = last.then(() => make(ask().room, typeof what === 'function' ? what() : what));
        return last;
    }

    async function follow(): Promise<void> {
        while (waiting) {
            const { from, edit: latest } = waiting;
            waiting = null;
            await make(from, latest);
        }
        pulling = null;
    }
    /** Something is pulled to a place, from what was drawn when it was taken hold of. */
    function pull(from: RoomEntries, latest: PlanEdit): void {
        waiting = { from, edit: latest };
        pulling ??= follow();
    }

    /** What was refused of the last change, or that nobody could be asked; gone with the next that is made. */
    const fault = computed(() => editing.refused.value?.message ?? '');
    return { edit, pull, fault, settled: () => Promise.all([last, pulling]) };
}

export type PlanEdits = ReturnType<typeof usePlanEdits>;
