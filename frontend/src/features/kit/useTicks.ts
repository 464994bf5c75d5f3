import { computed, type Ref } from 'vue';
import { answer, api, type Refused, type Shopping } from '../../api/client';
import { useWrite } from '../../api/useWrite';
import type { OutboxRow, ShoppingTick } from '../../store/database';
import { useOutbox } from '../../store/outbox';

/** What is ticked off in the shop: on the list at once, at the server as soon as there is a network. Of two ticks of the same thing the later holds. */
export function useTicks(programme: number, shopping: Ref<Shopping | undefined>, sent: () => unknown) {
    const about = `shopping ${programme}`;
    const sending = useWrite((ticks: { part: string; ticked: boolean; at: number }[]) =>
        answer(api.PUT('/programmes/{programme}/shopping/ticks', { params: { path: { programme } }, body: { ticks } })),
    );
    // Seen on the list before it is forgotten here.
    const outbox = useOutbox<ShoppingTick>(about, sendSome, { forgetting: sent });

    const lines = computed(() => {
        const waiting = new Map(outbox.waiting.value.map((row) => [row.told.part, row]));
        return (shopping.value?.lines ?? []).map((line) => {
            const own = waiting.get(line.part);
            return own && own.at >= line.at ? { ...line, ticked: own.told.ticked, by: '', waits: true } : { ...line, waits: false };
        });
    });

    async function sendSome(rows: OutboxRow<ShoppingTick>[]): Promise<Refused | null> {
        await sending.run(rows.map(({ at, told }) => ({ ...told, at })));
        return sending.refused.value;
    }
    async function tick(part: string, ticked: boolean): Promise<void> {
        const row = outbox.row('', { part, ticked });
        // The same thing has one row, whatever it was before.
        await outbox.put([{ ...row, key: `${about} ${row.person} ${part}` }]);
        await outbox.again();
    }

    return { lines, tick, isWaiting: outbox.isWaiting, away: computed(() => sending.refused.value?.status === 0) };
}
