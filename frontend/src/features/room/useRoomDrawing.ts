import { computed, ref } from 'vue';
import type { Corner, Furnishing, RoomEntries } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import { useWork } from '../work/useWork';
import { addCorner, addRecess, put, removeCorner, type Kind, type Picked } from './plan';
import { usePlan } from './usePlan';
import { useTape } from './useTape';

export const SIDES = ['length', 'width', 'height'] as const;
export type Side = (typeof SIDES)[number];

/** A ceiling to begin with, until it is measured. */
const CEILING = { imperial: '8 ft', metric: '2.5 m' };
/** How deep a recess is to begin with, m: a foot and a half, or half a metre. */
const RECESS = { imperial: 0.4572, metric: 0.5 };

/** The room as it is drawn and changed: its outline, what stands in it, what is picked, and what is wrong of it. */
export function useRoomDrawing() {
    const { draft, build, programmeId } = useWork();
    const { measure } = useMeasure();
    const picked = ref<Picked | null>(null);
    const isDrawn = computed(() => draft.entries.outline.length > 0);
    const isBegun = computed(() => isDrawn.value || SIDES.every((side) => draft.entries[side].trim() !== ''));
    const { plan, errors, offers } = usePlan(
        () => ({ room: draft.entries, unit: build.value ? draft.choices : null, programme: programmeId.value }),
        isBegun,
    );
    const corners = computed<Corner[]>(() => (isDrawn.value ? draft.entries.outline : isBegun.value ? (plan.value?.corners ?? []) : []));
    const furnishings = computed(() => draft.entries.furnishings);

    function set(change: Partial<RoomEntries>): void {
        draft.entries = { ...draft.entries, ...change };
    }
    function outline(drawn: Corner[]): void {
        set({ outline: drawn, ...(draft.entries.height.trim() === '' ? { height: CEILING[measure.value] } : {}) });
    }
    const furnish = (next: Furnishing[]): void => set({ furnishings: next });
    const tape = useTape(() => draft.entries, outline);

    function add(kind: Kind): void {
        const wall = picked.value?.kind === 'wall' ? picked.value.index : null;
        const index = furnishings.value.length;
        furnish([...furnishings.value, put(kind, corners.value, wall, index)]);
        picked.value = { kind: 'furnishing', index };
    }
    const isPicked = (index: number): boolean => index === picked.value?.index;
    const changeCorner = (change: Partial<Corner>): void =>
        outline(corners.value.map((corner, index) => (isPicked(index) ? { ...corner, ...change } : corner)));
    const changeFurnishing = (change: Partial<Furnishing>): void =>
        furnish(furnishings.value.map((one, index) => (isPicked(index) ? { ...one, ...change } : one)));
    function remove(): void {
        if (picked.value?.kind === 'corner') outline(removeCorner(corners.value, picked.value.index));
        else if (picked.value) furnish(furnishings.value.filter((_, index) => !isPicked(index)));
        picked.value = null;
    }
    function split(): void {
        if (picked.value) outline(addCorner(corners.value, picked.value.index));
    }
    function recess(): void {
        if (picked.value) outline(addRecess(corners.value, picked.value.index, RECESS[measure.value]));
    }
    function clear(): void {
        picked.value = null;
        set({ outline: [], furnishings: [], length: '', width: '' });
    }

    const faultOf = (side: Side): string | undefined => (draft.entries[side].trim() === '' ? undefined : errors.value[`room.${side}`]?.[0]);
    /** What is wrong of the drawing as a whole. */
    const whole = computed(() => ['room.outline', 'room.built_ins', 'room.furnishings'].flatMap((field) => errors.value[field] ?? []));

    return {
        plan,
        errors,
        corners,
        furnishings,
        picked,
        isDrawn,
        tape,
        set,
        outline,
        furnish,
        add,
        changeCorner,
        changeFurnishing,
        remove,
        split,
        recess,
        clear,
        faultOf,
        offersOf: (side: Side): string[] => offers.value[`room.${side}`] ?? [],
        whole,
    };
}
