import { nextTick, ref } from 'vue';
import type { Corner, RoomEntries } from '../../api/client';
import { useReadWall } from './queries';

/** A tape's reading of one wall: the outline that comes of it, or why it cannot be. */
export function useTape(entries: () => RoomEntries, put: (corners: Corner[]) => void) {
    const fault = ref<{ wall: number; said: string; offers: string[] } | null>(null);
    const reading = useReadWall();

    let last: Promise<void> = Promise.resolve();

    /** One after the other, each on the outline that the one before has left. */
    function read(wall: number, length: string): Promise<void> {
        const own = last.then(() => ask(wall, length));
        last = own.catch(() => undefined);
        return own;
    }

    async function ask(wall: number, length: string): Promise<void> {
        fault.value = null;
        const outline = await reading.run({ room: { ...entries() }, wall, length });
        if (outline) {
            put(outline);
            await nextTick();
            return;
        }
        const refused = reading.refused.value;
        if (!refused) return;
        const said = Object.values(refused.errors)[0]?.[0] ?? refused.message;
        fault.value = { wall, said, offers: Object.values(refused.choices)[0] ?? [] };
    }

    return { fault, read };
}
