import { computed, onBeforeUnmount, onMounted, ref, type Ref } from 'vue';
import { answer, api, type Refused, type Shopping } from '../../api/client';
import { oneByOne, sendKept } from '../../api/kept';
import { useWrite } from '../../api/useWrite';
import { database, type TickRow } from '../../store/database';

/** Sent again as often, ms, while something waits. */
const AGAIN = 5000;

/**
 * What is ticked off in the shop. A tick is kept in the browser at once and sent when there is a network; of two ticks of the
 * same thing the later holds, so that sending one twice does nothing.
 */
export function useTicks(programme: number, shopping: Ref<Shopping | undefined>, sent: () => unknown) {
    const waiting = ref(new Map<string, TickRow>());
    const sending = useWrite((ticks: { part: string; ticked: boolean; at: number }[]) =>
        answer(api.PUT('/programmes/{programme}/shopping/ticks', { params: { path: { programme } }, body: { ticks } })),
    );

    const lines = computed(() =>
        (shopping.value?.lines ?? []).map((line) => {
            const own = waiting.value.get(line.part);
            return own && own.at >= line.at ? { ...line, ticked: own.ticked, by: '', waits: true } : { ...line, waits: false };
        }),
    );

    const send = oneByOne(() => sendKept([...waiting.value.values()], sendSome, forget));
    async function sendSome(rows: TickRow[]): Promise<Refused | null> {
        await sending.run(rows.map(({ part, ticked, at }) => ({ part, ticked, at })));
        return sending.refused.value;
    }
    async function forget(rows: TickRow[]): Promise<void> {
        // Seen on the list before it is forgotten here.
        await sent();
        for (const row of rows) {
            if (waiting.value.get(row.part)?.at === row.at) {
                waiting.value.delete(row.part);
                await database.ticks.delete([programme, row.part]);
            }
        }
    }
    async function tick(part: string, ticked: boolean): Promise<void> {
        const row = { programme, part, ticked, at: Date.now() };
        waiting.value.set(part, row);
        await database.ticks.put(row);
        await send();
    }

    let timer = 0;
    const again = (): void => void send();
    onMounted(async () => {
        for (const row of await database.ticks.where('programme').equals(programme).toArray()) waiting.value.set(row.part, row);
        window.addEventListener('online', again);
        timer = window.setInterval(again, AGAIN);
        again();
    });
    onBeforeUnmount(() => {
        window.removeEventListener('online', again);
        window.clearInterval(timer);
    });

    return { lines, tick, isWaiting: computed(() => waiting.value.size > 0), away: computed(() => sending.refused.value?.status === 0) };
}
