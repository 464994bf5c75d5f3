import { useQueryClient } from '@tanstack/vue-query';
import { computed, reactive, shallowRef, toValue, watch, type MaybeRefOrGetter } from 'vue';
import {
    Refused,
    type Choices,
    type Drawing,
    type Find,
    type FindRequest,
    type Found,
    type Placement,
    type RoomEntries,
    type Wishes,
} from '../../api/client';
import type { Notes } from '../work/notes';
import { useFind, useSketches } from './queries';

const TYPING_PAUSE = 350;

/** Small drawings that are asked for at once. */
const MOST_SKETCHES = 24;

export const NO_WISHES: Wishes = {
    level: '',
    seat: '',
    first_cost: '',
    total_cost: '',
    footprint: '',
    height: '',
    power: '',
    minutes: '',
    tools: null,
    skills: null,
    from_stock: false,
    windows: false,
    prefilters: false,
    coarser: false,
    trials: false,
    units: 4,
    sure: 0.75,
};

interface Asked {
    entries: RoomEntries;
    goal: string;
    programme: number;
    build: number | null;
    level: string;
    /** What stands in the room already. */
    beside: Placement[];
}

/** What a drawing depends on: builds that differ in joining, number or speed alone look the same. */
const look = ({ shape, fan, filter, prefilter, corners, options }: Choices): string =>
    JSON.stringify([shape, fan, filter, prefilter, corners, options]);

/** Asks the finder whenever a limit changes, and keeps the limits of each room in this browser. */
export function useFinder(notes: Notes<Partial<Wishes>>, asked: MaybeRefOrGetter<Asked>) {
    const client = useQueryClient();
    const wishes = reactive<Wishes>({ ...NO_WISHES, level: toValue(asked).level, ...notes.read() });
    const question = shallowRef<FindRequest | null>(null);
    const { search, before } = useFind(question);
    let pause: ReturnType<typeof setTimeout> | undefined;

    function ask(): void {
        clearTimeout(pause);
        const { entries, goal, programme, build, beside } = toValue(asked);
        question.value = { room: { ...entries }, goal, programme, build, beside, wishes: { ...wishes } };
    }

    watch(
        wishes,
        () => {
            notes.write({ ...wishes });
            clearTimeout(pause);
            pause = setTimeout(ask, TYPING_PAUSE);
        },
        { deep: true },
    );
    watch(() => JSON.stringify(toValue(asked)), ask, { immediate: true });

    const found = computed<Find | undefined>(() => search.data.value);
    const refused = computed(() => (search.error.value instanceof Refused ? search.error.value : null));

    return {
        wishes,
        found,
        errors: computed(() => (refused.value?.status === 422 ? refused.value.errors : {})),
        away: computed(() => (refused.value && refused.value.status !== 422 ? refused.value : null)),
        busy: search.isFetching,
        before,
        ask,
        cancel: () => client.cancelQueries({ queryKey: ['find'] }),
    };
}

/** Small drawings of the builds that are in sight. */
export function useLooks(builds: MaybeRefOrGetter<Found[]>, programme: MaybeRefOrGetter<number>) {
    const units = computed(() => {
        const looks = new Map<string, Choices>();
        for (const build of toValue(builds)) if (looks.size < MOST_SKETCHES) looks.set(look(build.choices), build.choices);
        return [...looks.values()];
    });
    const sketches = useSketches(units, programme);
    const drawings = computed(() => new Map(sketches.data.value?.map(({ choices, drawing }) => [look(choices), drawing])));

    return (build: Found): Drawing | null => drawings.value.get(look(build.choices)) ?? null;
}
