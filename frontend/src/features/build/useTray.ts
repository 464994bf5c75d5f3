import { computed, ref, watch, type Ref } from 'vue';
import type { Choices } from '../../api/client';
import { nearest, useAhead } from '../work/useAhead';
import { useWork } from '../work/useWork';
import { choosable, inForce, options, type ChoiceKey } from './choices';
import { useMisfits } from './queries';
import { useSwap } from './useSwap';

/** A tray is open to be chosen from: what it offers next to what is chosen is asked for as soon as it stands there, ms. */
const READING = 60;
/** Choices of which some may not fit: those are asked for only once it is known which. */
const MAY_MISFIT: ChoiceKey[] = ['shape', 'base', 'fan', 'filter', 'prefilter'];

const isShape = (key: ChoiceKey | null): boolean => key === 'shape' || key === 'base';

/** The tray that is open on the bench: what it offers, what of it would not fit, and what a choice would do. */
export function useTray(isMade: Ref<boolean>) {
    const { draft, bench, catalogue: asked, programmeId } = useWork();
    const catalogue = computed(() => asked.data.value!);
    const open = ref<ChoiceKey | null>(null);
    watch(isMade, (made) => {
        if (!made) open.value = null;
    });
    const misfits = useMisfits(
        computed(() => draft.choices),
        computed(() => programmeId.value ?? 0),
        computed(() => open.value !== null),
    );
    /** Shapes that other parts make possible, with those parts. */
    const instead = computed(() => (isShape(open.value) ? (misfits.data.value?.instead ?? {}) : {}));
    const reasons = computed<Record<string, string>>(() => {
        const all = misfits.data.value;
        if (!all || open.value === null) return {};
        if (open.value === 'fan') return all.fans;
        if (open.value === 'filter') return all.filters;
        if (open.value === 'prefilter') return all.prefilters;
        return isShape(open.value) ? Object.fromEntries(Object.entries(all.shapes).filter(([id]) => !(id in all.instead))) : {};
    });

    /** What a choice would make of the build. */
    function changed(key: ChoiceKey, id: string): Choices {
        // Another fan has other speeds: let the fastest that keeps quiet be judged again.
        const speed = key === 'fan' ? { speed: '' } : {};
        if (!isShape(key)) return { ...draft.choices, [key]: id, ...speed };
        const other = instead.value[id];
        const parts = other ? { fan: other.fan, filter: other.filter, speed: '' } : {};
        return { ...draft.choices, shape: id, ...parts, prefilter: '', direction: '', options: {} };
    }

    /** A shape that was clicked before it was known which other parts it needs. */
    const wanted = ref<string | null>(null);
    watch(misfits.isFetching, (fetching) => {
        if (fetching || wanted.value === null) return;
        const shape = wanted.value;
        wanted.value = null;
        choose(shape);
    });
    function choose(id: string): void {
        if (open.value === null) return;
        wanted.value = isShape(open.value) && misfits.isFetching.value ? id : null;
        if (wanted.value === null) draft.choices = changed(open.value, id);
    }

    /** The base of a shape that has no other is one of its options. */
    function pick(key: ChoiceKey): void {
        open.value = choosable(catalogue.value, draft.choices).some((one) => one.key === key) ? key : 'shape';
    }
    function toggle(key: ChoiceKey): void {
        open.value = open.value === key ? null : key;
    }

    /** The option that is looked at before it is taken; what it would do is asked for at once. */
    const looking = ref<string | null>(null);
    watch(open, () => (looking.value = null));
    const isAnother = computed(
        () => open.value !== null && looking.value !== null && looking.value !== inForce(catalogue.value, draft.choices, open.value),
    );
    const would = useSwap(
        bench.question,
        computed(() =>
            open.value === null || !isAnother.value || looking.value === null || misfits.isFetching.value
                ? null
                : changed(open.value, looking.value),
        ),
    );
    useAhead(
        bench.question,
        bench.ledger,
        computed(() => {
            const key = open.value;
            if (key === null || (MAY_MISFIT.includes(key) && (!misfits.data.value || misfits.isFetching.value))) return [];
            const fitting = options(catalogue.value, key).flatMap(({ id }) => (id in reasons.value ? [] : [id]));
            return nearest(fitting, inForce(catalogue.value, draft.choices, key)).map((id) => changed(key, id));
        }),
        READING,
    );

    return { catalogue, open, instead, reasons, choose, pick, toggle, looking, isAnother, would };
}

export type Tray = ReturnType<typeof useTray>;
