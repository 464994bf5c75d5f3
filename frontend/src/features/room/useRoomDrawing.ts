import { computed, ref } from 'vue';
import type { Corner, Furnishing, RoomEntries } from '../../api/client';
import { useWork } from '../work/useWork';
import type { Kind, Picked } from './plan';
import { usePlan } from './usePlan';
import { usePlanEdits } from './usePlanEdits';
import { useTape } from './useTape';

export const SIDES = ['length', 'width', 'height'] as const;
export type Side = (typeof SIDES)[number];

/** The room as it is drawn and changed: its outline, what stands in it, what is picked, and what is wrong of it. */
export function useRoomDrawing() {
    const { draft, build, programmeId } = useWork();
    const picked = ref<Picked | null>(null);
    const isDrawn = computed(() => draft.entries.outline.length > 0);
    const isBegun = computed(() => isDrawn.value || SIDES.every((side) => draft.entries[side].trim() !== ''));
    const ask = () => ({ room: draft.entries, unit: build.value ? draft.choices : null, programme: programmeId.value });
    const { plan, errors, offers } = usePlan(ask, isBegun);
    /** A room that was measured before: its drawing is on the way, and nothing is to be begun. */
    const wasMeasured = isBegun.value;
    const isComing = computed(() => wasMeasured && !plan.value && Object.keys(errors.value).length === 0);
    const corners = computed<Corner[]>(() => (isDrawn.value ? draft.entries.outline : isBegun.value ? (plan.value?.corners ?? []) : []));
    const furnishings = computed(() => draft.entries.furnishings);

    function set(change: Partial<RoomEntries>): void {
        draft.entries = { ...draft.entries, ...change };
    }
    const outline = (drawn: Corner[]): void => set({ outline: drawn });
    const furnish = (next: Furnishing[]): void => set({ furnishings: next });
    const edits = usePlanEdits(ask, set);
    const tape = useTape(() => draft.entries, outline);

    async function add(kind: Kind): Promise<void> {
        const wall = picked.value?.kind === 'wall' ? { wall: picked.value.index } : {};
        const before = furnishings.value.length;
        await edits.edit({ what: 'put', kind, ...wall });
        // Where it was refused what is picked stays picked.
        if (furnishings.value.length > before) picked.value = { kind: 'furnishing', index: furnishings.value.length - 1 };
    }
    const isPicked = (index: number): boolean => index === picked.value?.index;
    const changeCorner = (change: Partial<Corner>): void =>
        outline(corners.value.map((corner, index) => (isPicked(index) ? { ...corner, ...change } : corner)));
    const changeFurnishing = (change: Partial<Furnishing>): void =>
        furnish(furnishings.value.map((one, index) => (isPicked(index) ? { ...one, ...change } : one)));
    /** What is picked is done to, and let go of where it is gone then. */
    function remove(what: Picked | null = picked.value): void {
        if (what === null || what.kind === 'wall') return;
        void edits.edit({ what: what.kind === 'corner' ? 'remove-corner' : 'remove-thing', index: what.index });
        picked.value = null;
    }
    function split(): void {
        if (picked.value) void edits.edit({ what: 'add-corner', index: picked.value.index });
    }
    function recess(): void {
        if (picked.value) void edits.edit({ what: 'add-recess', index: picked.value.index });
    }
    function clear(): void {
        picked.value = null;
        set({ outline: [], furnishings: [], length: '', width: '' });
    }

    const faultOf = (side: Side): string | undefined => (draft.entries[side].trim() === '' ? undefined : errors.value[`room.${side}`]?.[0]);
    /** What is wrong of the drawing as a whole, or why it could not be changed. */
    const whole = computed(() => [
        ...['room.outline', 'room.built_ins', 'room.furnishings']
            .flatMap((field) => errors.value[field] ?? [])
            .map((fault) => `${fault} The drawing is kept; the figures are from before.`),
        ...(edits.fault.value === '' ? [] : [edits.fault.value]),
    ]);

    return {
        plan,
        errors,
        corners,
        furnishings,
        picked,
        isDrawn,
        isComing,
        tape,
        set,
        edits,
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
