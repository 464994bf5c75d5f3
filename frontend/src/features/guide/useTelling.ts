import { computed, onBeforeUnmount, onMounted, ref, type Ref } from 'vue';
import { answer, api, type MadeUnit, type Refused } from '../../api/client';
import { oneByOne, sendKept } from '../../api/kept';
import { randomKey } from '../../api/randomKey';
import { useWrite } from '../../api/useWrite';
import { database, type UnitTickRow } from '../../store/database';
import { withTold } from './told';

/** Sent again as often, ms, while something waits. */
const AGAIN = 5000;

/**
 * What is told of the steps of a unit. It is kept in the browser at once and sent when there is a network, each with a key of its
 * own, so that sending it twice does nothing.
 */
export function useTelling(unit: number, known: Ref<MadeUnit | undefined>, take: (unit: MadeUnit) => void) {
    const waiting = ref<UnitTickRow[]>([]);
    const isRead = ref(false);
    const sending = useWrite(async (rows: UnitTickRow[]) => {
        const ticks = [];
        for (const { key, step, kind, hold, text, at, photo } of rows) {
            const kept =
                photo === null
                    ? null
                    : (await answer(api.POST('/units/{unit}/photos', { params: { path: { unit } }, body: { key, photo } }))).id;
            ticks.push({ key, step, kind, hold, text, at, photo: kept });
        }
        return answer(api.POST('/units/{unit}/ticks', { params: { path: { unit } }, body: { ticks } }));
    });

    // Nobody is to tick again what waits to be sent: no step is shown before that is known.
    const steps = computed(() => (isRead.value ? withTold(known.value?.steps ?? [], waiting.value) : []));

    /** Why something that was told was never taken. */
    const lost = ref('');

    const send = oneByOne(() => sendKept([...waiting.value], sendSome, forget));
    async function sendSome(rows: UnitTickRow[]): Promise<Refused | null> {
        const answered = await sending.run(rows);
        if (answered) take(answered);
        return answered ? null : sending.refused.value;
    }
    async function forget(rows: UnitTickRow[], refused: Refused | null): Promise<void> {
        if (refused) lost.value = refused.message;
        const keys = new Set(rows.map(({ key }) => key));
        waiting.value = waiting.value.filter(({ key }) => !keys.has(key));
        await database.unitTicks.bulkDelete([...keys]);
    }
    async function tell(
        step: string,
        kind: UnitTickRow['kind'],
        more: Partial<Pick<UnitTickRow, 'hold' | 'text' | 'photo'>> = {},
    ): Promise<void> {
        const row: UnitTickRow = { key: randomKey(), unit, step, kind, hold: null, text: '', photo: null, at: Date.now(), ...more };
        // A step that is begun by itself takes no word from the screen.
        if (kind !== 'begun') lost.value = '';
        waiting.value = [...waiting.value, row];
        await database.unitTicks.put(row);
        await send();
    }

    let timer = 0;
    const again = (): void => void send();
    onMounted(async () => {
        waiting.value = [...(await database.unitTicks.where('unit').equals(unit).toArray()), ...waiting.value];
        isRead.value = true;
        window.addEventListener('online', again);
        timer = window.setInterval(again, AGAIN);
        again();
    });
    onBeforeUnmount(() => {
        window.removeEventListener('online', again);
        window.clearInterval(timer);
    });

    return {
        steps,
        tell,
        isWaiting: computed(() => waiting.value.some(({ kind }) => kind !== 'begun')),
        away: computed(() => sending.refused.value?.status === 0),
        message: computed(() => lost.value || (sending.refused.value?.status === 0 ? '' : sending.message.value)),
    };
}
