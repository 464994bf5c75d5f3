import { useQueryClient } from '@tanstack/vue-query';
import { computed, ref, type Ref } from 'vue';
import { answer, api, type Placement, type Purifier, type Room } from '../../api/client';
import { useWrite } from '../../api/useWrite';

export const NO_PURIFIER: Purifier = {
    name: '',
    clean_air: '',
    level: '',
    power: '',
    refill_price: '',
    refill_months: '',
    width: '',
    depth: '',
    height: '',
};

/**
 * What stands in a room besides the units on the bench: kept on the server as soon as it is changed.
 *
 * @param onKept told the revision of the room before and after, so that one's own change is not taken for someone else's
 */
export function usePlacements(
    room: Ref<Room | undefined>,
    build: Ref<Room['builds'][number] | null>,
    onKept: (before: number, after: number) => void,
) {
    const client = useQueryClient();
    /** Rows that are left out of the count for now, by what they are. */
    const without = ref<string[]>([]);

    const nameOf = (row: Placement): string => JSON.stringify([row.build, row.bought]);
    const all = computed<Placement[]>(() => room.value?.placements ?? []);
    const beside = computed(() => all.value.filter((row) => row.build === null || row.build !== build.value?.id));
    const counted = computed(() => beside.value.filter((row) => !without.value.includes(nameOf(row))));
    /** Whether the units on the bench stand there, once they are saved. */
    const isPlaced = computed(() => build.value !== null && all.value.some((row) => row.build === build.value?.id));

    const writing = useWrite(
        ({ id, revision, placements }: { id: number; revision: number; placements: Placement[] }) =>
            answer(api.PUT('/rooms/{room}/placements', { params: { path: { room: id } }, body: { placements, revision } })),
        (kept, { revision }) => {
            onKept(revision, kept.revision);
            client.setQueryData(['room', kept.id], kept);
            return client.invalidateQueries({ queryKey: ['programme'] });
        },
    );

    async function keep(placements: Placement[]): Promise<boolean> {
        if (!room.value) return false;
        const { id, revision } = room.value;
        const kept = await writing.run({ id, revision, placements });
        if (writing.refused.value?.status === 409) await client.invalidateQueries({ queryKey: ['room'] });
        return kept !== undefined;
    }

    const add = (row: Placement): Promise<boolean> => keep([...all.value, row]);
    const change = (old: Placement, next: Placement): Promise<boolean> => keep(all.value.map((row) => (row === old ? next : row)));
    const remove = (gone: Placement): Promise<boolean> => keep(all.value.filter((row) => row !== gone));

    function toggle(row: Placement): void {
        const name = nameOf(row);
        without.value = without.value.includes(name) ? without.value.filter((one) => one !== name) : [...without.value, name];
    }

    return {
        all,
        beside,
        counted,
        isPlaced,
        isCounted: (row: Placement): boolean => counted.value.includes(row),
        builds: computed(() => room.value?.builds ?? []),
        build,
        busy: writing.busy,
        errors: writing.errors,
        fault: writing.message,
        add,
        change,
        remove,
        toggle,
    };
}

export type Placing = ReturnType<typeof usePlacements>;
