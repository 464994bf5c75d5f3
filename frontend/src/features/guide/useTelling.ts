import { computed, type Ref } from 'vue';
import { answer, api, type MadeUnit, type Refused } from '../../api/client';
import { randomKey } from '../../api/randomKey';
import { useWrite } from '../../api/useWrite';
import type { OutboxRow, StepTick } from '../../store/database';
import { useOutbox } from '../../store/outbox';
import { withTold } from './told';

/** What is told of the steps of a unit: on the screen at once, at the server as soon as there is a network. */
export function useTelling(unit: number, known: Ref<MadeUnit | undefined>, take: (unit: MadeUnit) => void) {
    const sending = useWrite(async (rows: OutboxRow<StepTick>[]) => {
        const ticks = [];
        for (const { key, at, told } of rows) {
            const { step, kind, hold, text, photo } = told;
            const kept =
                photo === null
                    ? null
                    : (await answer(api.POST('/units/{unit}/photos', { params: { path: { unit } }, body: { key, photo } }))).id;
            ticks.push({ key, step, kind, hold, text, at, photo: kept });
        }
        return answer(api.POST('/units/{unit}/ticks', { params: { path: { unit } }, body: { ticks } }));
    });
    const outbox = useOutbox<StepTick>(`unit ${unit}`, sendSome);

    // Nobody is to tick again what waits to be sent: no step is shown before that is known.
    const steps = computed(() => (outbox.isRead.value ? withTold(known.value?.steps ?? [], outbox.waiting.value) : []));

    async function sendSome(rows: OutboxRow<StepTick>[]): Promise<Refused | null> {
        const answered = await sending.run(rows);
        if (answered) take(answered);
        return answered ? null : sending.refused.value;
    }
    async function tell(
        step: string,
        kind: StepTick['kind'],
        more: Partial<Pick<StepTick, 'hold' | 'text' | 'photo'>> = {},
    ): Promise<void> {
        // A step that is begun by itself takes no word from the screen.
        if (kind !== 'begun') outbox.lost.value = '';
        await outbox.put([outbox.row(randomKey(), { step, kind, hold: null, text: '', photo: null, ...more })]);
        await outbox.again();
    }

    return {
        steps,
        tell,
        isWaiting: computed(() => outbox.waiting.value.some(({ told }) => told.kind !== 'begun')),
        away: computed(() => sending.refused.value?.status === 0),
        message: computed(() => outbox.lost.value || (sending.refused.value?.status === 0 ? '' : sending.message.value)),
    };
}
