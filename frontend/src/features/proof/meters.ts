import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, onBeforeUnmount, ref, toValue, type MaybeRefOrGetter } from 'vue';
import { answer, api, type Meter, type MeterRequest, type ReadingRequest } from '../../api/client';
import { useWrite } from '../../api/useWrite';

/** How a reading came, and by which meter. */
export type Came = Pick<ReadingRequest, 'source' | 'meter'>;

export const useMeters = (programme: MaybeRefOrGetter<number>) =>
    useQuery({
        queryKey: ['meters', programme],
        queryFn: () => answer(api.GET('/programmes/{programme}/meters', { params: { path: { programme: toValue(programme) } } })),
    });

/** An organiser says which meters may be asked. */
export function useAllowingMeters(programme: MaybeRefOrGetter<number>) {
    const client = useQueryClient();
    const again = () => client.invalidateQueries({ queryKey: ['meters'] });
    return {
        adding: useWrite(
            (body: MeterRequest) =>
                answer(api.POST('/programmes/{programme}/meters', { params: { path: { programme: toValue(programme) } }, body })),
            again,
        ),
    };
}

/** Asks a meter what it tells now. */
export function useAsking() {
    return useWrite((meter: number) => answer(api.POST('/meters/{meter}/readings', { params: { path: { meter } } })));
}

/** Between two readings of a live meter, ms. */
const EVERY = 1000;
/** Points that are drawn of a live log: those of five minutes one by one, the rest is in the log. */
const SHOWN = 300;

/** A live meter that is logged: the server keeps each reading, the page draws the last minutes. */
export function useLive() {
    const meter = ref<Meter | null>(null);
    const log = ref<number | null>(null);
    const points = ref<[number, number][]>([]);
    const missed = ref(0);
    const asking = useWrite(({ of, into }: { of: number; into: number | null }) =>
        answer(api.POST('/meters/{meter}/rows', { params: { path: { meter: of } }, body: into === null ? {} : { log: into } })),
    );
    let timer = 0;
    /** Counts what was started: an answer that comes after the end of its log is nobody's any more. */
    let run = 0;

    async function take(own: number): Promise<void> {
        if (!meter.value) return;
        const began = Date.now();
        const row = await asking.run({ of: meter.value.id, into: log.value });
        if (own !== run) return;
        if (row) {
            log.value = row.log;
            points.value = [...points.value, [row.at_ms / 60_000, row.value] as [number, number]].slice(-SHOWN);
        } else missed.value += 1;
        // One that tells nothing is asked again; a slow answer does not make a queue.
        timer = window.setTimeout(() => void take(own), Math.max(0, EVERY - (Date.now() - began)));
    }
    function start(which: Meter): void {
        [meter.value, log.value, points.value, missed.value] = [which, null, [], 0];
        clearTimeout(timer);
        run += 1;
        void take(run);
    }
    function stop(): number | null {
        clearTimeout(timer);
        run += 1;
        meter.value = null;
        return log.value;
    }
    onBeforeUnmount(stop);
    return { meter, log, points, missed, isOn: computed(() => meter.value !== null), fault: asking.message, start, stop };
}
