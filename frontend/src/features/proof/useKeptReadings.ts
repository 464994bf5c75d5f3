import { computed, ref } from 'vue';
import { answer, api, type Proof, type ReadingRequest, type Refused } from '../../api/client';
import { isAway } from '../../api/kept';
import { randomKey } from '../../api/randomKey';
import { useWrite } from '../../api/useWrite';
import type { OutboxRow, ToldReading } from '../../store/database';
import { useOutbox } from '../../store/outbox';

type Row = OutboxRow<ToldReading>;
type Told = { survey: number; readings: Omit<ReadingRequest, 'key' | 'at'>[] };

const toRequest = ({ key, at, told: { place, entered, source, more } }: Row): ReadingRequest => ({
    key,
    place,
    entered,
    source,
    at,
    ...more,
});

/** Readings of a unit. What is refused is said at once, where there is a network; without one they wait in the browser. */
export function useKeptReadings(unit: number, take: (proof: Proof) => void) {
    /** Whether what waits does so for a network, not for a server that cannot take it now. */
    const isOff = ref(!navigator.onLine);
    const sending = useWrite(({ survey, rows }: { survey: number; rows: Row[] }) =>
        answer(api.POST('/surveys/{survey}/readings', { params: { path: { survey } }, body: { readings: rows.map(toRequest) } })),
    );
    const outbox = useOutbox<ToldReading>(`proof ${unit}`, sendSome, { group: ({ survey }) => survey, isReady });

    /** One after the other: of two readings of a place the later holds. */
    let before: Promise<unknown> = Promise.resolve();
    /** What came of it: the proof, or true where it waits for a network; nothing where it was refused. */
    function run(told: Told): Promise<Proof | true | undefined> {
        const now = before.then(() => tell(told));
        before = now.catch(() => undefined);
        return now;
    }
    async function tell({ survey, readings }: Told): Promise<Proof | true | undefined> {
        outbox.lost.value = '';
        const rows = readings.map(({ place, entered, source, ...more }) =>
            outbox.row(randomKey(), { survey, place, entered, source, more: more as ToldReading['more'] }),
        );
        // Where there is no network a write would wait for one, and whoever measures with it.
        const told = navigator.onLine ? await sending.run({ survey, rows }) : undefined;
        if (told) {
            take(told);
            return told;
        }
        if (navigator.onLine && !(sending.refused.value && isAway(sending.refused.value))) return undefined;
        isOff.value = !navigator.onLine || sending.refused.value?.status === 0;
        await outbox.put(rows);
        sending.forget();
        return true;
    }
    function isReady(): boolean {
        // Once there is one again it is said until what waited is sent, or refused.
        isOff.value ||= !navigator.onLine;
        return !sending.busy.value && navigator.onLine;
    }
    async function sendSome(rows: Row[]): Promise<Refused | null> {
        const told = await sending.run({ survey: rows[0]!.told.survey, rows });
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

    return { ...sending, message: computed(() => outbox.lost.value || sending.message.value), run, waiting: outbox.waiting, isOff };
}
