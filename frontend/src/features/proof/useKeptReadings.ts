import { computed, onBeforeUnmount, onMounted, ref } from 'vue';
import { answer, api, type Proof, type ReadingRequest, type Refused } from '../../api/client';
import { isAway, oneByOne, sendKept } from '../../api/kept';
import { randomKey } from '../../api/randomKey';
import { useWrite } from '../../api/useWrite';
import { database, type ReadingRow } from '../../store/database';

/** Sent again as often, ms, while something waits. */
const AGAIN = 5000;

type Told = { survey: number; readings: Omit<ReadingRequest, 'key' | 'at'>[] };

const toRequest = ({ key, place, entered, source, at, more }: ReadingRow): ReadingRequest => ({ key, place, entered, source, at, ...more });

/**
 * Readings of a unit. Without a network they are kept in the browser, each with a key of its own, and sent once there is one: sent
 * twice they come once.
 */
export function useKeptReadings(unit: number, take: (proof: Proof) => void) {
    const waiting = ref<ReadingRow[]>([]);
    /** Why a reading that was kept was never taken. */
    const lost = ref('');
    /** Whether what waits does so for a network, not for a server that cannot take it now. */
    const isOff = ref(!navigator.onLine);
    const sending = useWrite(({ survey, rows }: { survey: number; rows: ReadingRow[] }) =>
        answer(api.POST('/surveys/{survey}/readings', { params: { path: { survey } }, body: { readings: rows.map(toRequest) } })),
    );

    /** One after the other: of two readings of a place the later holds. */
    let before: Promise<unknown> = Promise.resolve();
    /** What came of it: the proof, or true where it waits for a network; nothing where it was refused. */
    function run(told: Told): Promise<Proof | true | undefined> {
        const now = before.then(() => tell(told));
        before = now.catch(() => undefined);
        return now;
    }
    async function tell({ survey, readings }: Told): Promise<Proof | true | undefined> {
        lost.value = '';
        const rows = readings.map(({ place, entered, source, ...more }): ReadingRow => ({
            key: randomKey(),
            unit,
            survey,
            place,
            entered,
            source,
            at: Date.now(),
            more: more as ReadingRow['more'],
        }));
        // Where there is no network a write would wait for one, and whoever measures with it.
        const told = navigator.onLine ? await sending.run({ survey, rows }) : undefined;
        if (told) {
            take(told);
            return told;
        }
        if (navigator.onLine && !(sending.refused.value && isAway(sending.refused.value))) return undefined;
        isOff.value = !navigator.onLine || sending.refused.value?.status === 0;
        waiting.value = [...waiting.value, ...rows];
        await database.readings.bulkPut(rows);
        sending.forget();
        return true;
    }
    const again = oneByOne(async () => {
        // Once there is one again it is said until what waited is sent, or refused.
        isOff.value ||= !navigator.onLine;
        if (sending.busy.value || !navigator.onLine) return;
        for (const survey of new Set(waiting.value.map((row) => row.survey))) {
            const rows = waiting.value.filter((row) => row.survey === survey);
            await sendKept(rows, (some) => sendSome(survey, some), forget);
        }
    });
    async function sendSome(survey: number, rows: ReadingRow[]): Promise<Refused | null> {
        const told = await sending.run({ survey, rows });
        if (told) {
            take(told);
            return null;
        }
        const refused = sending.refused.value;
        // It waits on, and whoever measures has nothing to mend.
        isOff.value = refused?.status === 0;
        if (refused && isAway(refused)) sending.forget();
        return refused;
    }
    async function forget(rows: ReadingRow[], refused: Refused | null): Promise<void> {
        if (refused) lost.value = refused.message;
        const keys = new Set(rows.map(({ key }) => key));
        waiting.value = waiting.value.filter(({ key }) => !keys.has(key));
        await database.readings.bulkDelete([...keys]);
    }

    let timer = 0;
    const online = (): void => void again();
    onMounted(async () => {
        waiting.value = [...(await database.readings.where('unit').equals(unit).sortBy('at')), ...waiting.value];
        window.addEventListener('online', online);
        timer = window.setInterval(online, AGAIN);
        online();
    });
    onBeforeUnmount(() => {
        window.removeEventListener('online', online);
        window.clearInterval(timer);
    });
    return { ...sending, message: computed(() => lost.value || sending.message.value), run, waiting, isOff };
}
