import { nextTick, ref } from 'vue';
import { answer, api, Refused, type Corner, type RoomEntries } from '../api/client';

/** A tape's reading of one wall: the outline that comes of it, or why it cannot be. */
export function useTape(entries: () => RoomEntries, goal: () => string, put: (corners: Corner[]) => void) {
    const fault = ref<{ wall: number; said: string; offers: string[] } | null>(null);

    let last: Promise<void> = Promise.resolve();

    /** One after the other, each on the outline that the one before has left. */
    function read(wall: number, length: string): Promise<void> {
        const own = last.then(() => ask(wall, length));
        last = own.catch(() => undefined);
        return own;
    }

    async function ask(wall: number, length: string): Promise<void> {
        fault.value = null;
        try {
            put(await answer(api.POST('/walls', { body: { room: { ...entries() }, goal: goal(), wall, length } })));
            await nextTick();
        } catch (refused) {
            if (!(refused instanceof Refused)) throw refused;
            const said = Object.values(refused.errors)[0]?.[0] ?? refused.message;
            fault.value = { wall, said, offers: Object.values(refused.choices)[0] ?? [] };
        }
    }

    return { fault, read };
}
