import { useQueryClient } from '@tanstack/vue-query';
import { computed, onMounted, ref, watch } from 'vue';
import type { MadeUnit } from '../../api/client';
import { keepPage } from '../../store/away';
import { askPicture, useUnit } from './queries';
import { nextStep } from './told';
import { smallPhoto } from './useAtTheTable';
import { useTelling } from './useTelling';
import { useTimers } from './useTimers';

/** The work on one unit: which step is on the screen, what is told of it, what must hold. */
export function useUnitWork(id: number) {
    const client = useQueryClient();
    const unit = useUnit(id);
    const telling = useTelling(id, unit.data, (next) => client.setQueryData(['unit', id], next));
    const timing = useTimers(id);

    const steps = telling.steps;
    const chosen = ref('');
    const step = computed(
        () => steps.value.find((one) => one.id === chosen.value) ?? nextStep(steps.value) ?? steps.value[steps.value.length - 1],
    );
    const place = computed(() => steps.value.findIndex((one) => one.id === step.value?.id));
    const mayTell = computed(() => unit.data.value?.may_build === true && !unit.data.value.made_at);
    /** Steps that this one waits for. */
    const missing = computed(() => steps.value.filter((one) => step.value?.after.includes(one.id) && !one.done));

    // Whoever opens a step begins it; how long it takes is learned from that.
    watch(
        [() => step.value?.id, mayTell],
        ([next, may]) => {
            if (next && may && !step.value?.done) void telling.tell(next, 'begun');
        },
        { immediate: true },
    );

    function go(by: number): void {
        const next = steps.value[place.value + by];
        if (next) chosen.value = next.id;
    }
    async function finish(): Promise<void> {
        const now = step.value;
        if (!now) return;
        // It holds from this moment on, whatever the network does, and is named before the next step is on the screen.
        const holding = now.wait ? timing.start(now.id, `step ${place.value + 1}`, now.wait) : null;
        const told = telling.tell(now.id, 'done');
        // Whoever turns to a step while this is sent stays there.
        chosen.value = '';
        await Promise.all([holding, told]);
    }
    async function addPhoto(file: File): Promise<void> {
        if (step.value) await telling.tell(step.value.id, 'note', { photo: await smallPhoto(file) });
    }
    /** Steps from one on are to be done again. */
    async function back(to: string): Promise<void> {
        const from = steps.value.findIndex((one) => one.id === to);
        const undone = steps.value.slice(from).filter((one) => one.done);
        const told = undone.map((one) => telling.tell(one.id, 'undone'));
        chosen.value = to;
        await Promise.all(told);
    }

    /** Every picture once, so that all of them are there without a network. */
    async function keepAll({ version_id: version, steps: all }: MadeUnit): Promise<void> {
        for (const one of all) {
            const queryKey = ['step-picture', version, one.id, 0];
            await client
                .fetchQuery({ queryKey, queryFn: () => askPicture(version, one.id, 0), staleTime: Infinity })
                .catch(() => undefined);
        }
        await keepPage();
    }
    onMounted(() =>
        watch(
            () => unit.isSuccess.value,
            (isThere) => isThere && void keepAll(unit.data.value!),
            { immediate: true },
        ),
    );

    return {
        unit,
        ...telling,
        ...timing,
        chosen,
        step,
        place,
        mayTell,
        missing,
        done: computed(() => steps.value.filter((one) => one.done).length),
        left: computed(() => Math.round(steps.value.reduce((sum, one) => sum + (one.done ? 0 : one.minutes), 0))),
        go,
        finish,
        addPhoto,
        back,
    };
}
