<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Choices, Corner, Furnishing, RoomEntries } from '../../api/client';
import { useMeasure } from '../../composables/useMeasure';
import { usePlan } from '../../composables/usePlan';
import { useTape } from '../../composables/useTape';
import SceneDrawing from '../SceneDrawing.vue';
import ViewSwitch from '../ViewSwitch.vue';
import LengthField from './LengthField.vue';
import { addCorner, addRecess, KINDS, put, removeCorner, type Kind, type Picked } from './plan';
import PickedCard from './PickedCard.vue';
import PlanDrawing from './PlanDrawing.vue';
import WallTape from './WallTape.vue';

const props = defineProps<{
    entries: RoomEntries;
    goal: string;
    /** What stands in it; null for nothing. */
    unit: Choices | null;
    programme: number | null;
    neighbours: { id: number; name: string }[];
    canUndo: boolean;
    canRedo: boolean;
}>();
const emit = defineEmits<{ change: [entries: RoomEntries]; hold: [held: boolean]; undo: []; redo: [] }>();
const { measure, show } = useMeasure();

const SIDES = ['length', 'width', 'height'] as const;
type Side = (typeof SIDES)[number];
/** A ceiling to begin with, until it is measured. */
const CEILING = { imperial: '8 ft', metric: '2.5 m' };
/** How deep a recess is to begin with, m: a foot and a half, or half a metre. */
const RECESS = { imperial: 0.4572, metric: 0.5 };
/** Room around the plan for its readings, px; they are set closer on a phone. */
const isNarrow = window.innerWidth <= 700;
const margin = isNarrow ? 58 : 112;
const around = computed(() => {
    if (isNarrow) return { left: 88, right: 88, top: 84, bottom: 112 };
    return isDrawn.value ? { left: 118, right: 118, top: 92, bottom: 112 } : { left: 70, right: 204, top: 64, bottom: 116 };
});
/** Width of a reading with its name, of one without, and of one on a phone; and how high they are. */
const reading = computed(() => ({ width: isNarrow ? 66 : isDrawn.value ? 92 : 178, height: 40 }));

const VIEWS = { plan: 'Plan', standing: 'In 3D' };
const view = ref<keyof typeof VIEWS>('plan');
const picked = ref<Picked | null>(null);
const isDrawn = computed(() => props.entries.outline.length > 0);
const isBegun = computed(() => isDrawn.value || SIDES.every((side) => props.entries[side].trim() !== ''));
const { plan, errors, offers } = usePlan(
    () => ({ room: props.entries, goal: props.goal, unit: props.unit, programme: props.programme }),
    isBegun,
);
const corners = computed<Corner[]>(() => (isDrawn.value ? props.entries.outline : isBegun.value ? (plan.value?.corners ?? []) : []));
const bare = computed(() => (measure.value === 'imperial' ? 'ft' : 'm'));

function set(change: Partial<RoomEntries>): void {
    emit('change', { ...props.entries, ...change });
}
function outline(drawn: Corner[]): void {
    set({ outline: drawn, ...(props.entries.height.trim() === '' ? { height: CEILING[measure.value] } : {}) });
}
const furnish = (furnishings: Furnishing[]): void => set({ furnishings });
const tape = useTape(
    () => props.entries,
    () => props.goal,
    outline,
);

function add(kind: Kind): void {
    const wall = picked.value?.kind === 'wall' ? picked.value.index : null;
    furnish([...props.entries.furnishings, put(kind, corners.value, wall, props.entries.furnishings.length)]);
    picked.value = { kind: 'furnishing', index: props.entries.furnishings.length };
}
function changeCorner(change: Partial<Corner>): void {
    outline(corners.value.map((corner, index) => (index === picked.value?.index ? { ...corner, ...change } : corner)));
}
function changeFurnishing(change: Partial<Furnishing>): void {
    furnish(props.entries.furnishings.map((one, index) => (index === picked.value?.index ? { ...one, ...change } : one)));
}
function remove(): void {
    if (picked.value?.kind === 'corner') outline(removeCorner(corners.value, picked.value.index));
    else if (picked.value) furnish(props.entries.furnishings.filter((_, index) => index !== picked.value?.index));
    picked.value = null;
}
/** All that is written in one field is one step to be undone. */
function write(event: FocusEvent, held: boolean): void {
    if (event.target instanceof HTMLInputElement) emit('hold', held);
}
function clear(): void {
    picked.value = null;
    set({ outline: [], furnishings: [], length: '', width: '' });
}

const said = (field: Side): string | undefined => (props.entries[field].trim() === '' ? undefined : errors.value[`room.${field}`]?.[0]);
/** Faults of the drawing as a whole. */
const whole = computed(() => [
    ...(errors.value['room.outline'] ?? []),
    ...(errors.value['room.built_ins'] ?? []),
    ...(errors.value['room.furnishings'] ?? []),
]);
const isFaulty = computed(() => SIDES.some((side) => said(side) !== undefined));
</script>

<template>
    <div class="drawing" :class="{ mat: view === 'standing' }" @focusin="write($event, true)" @focusout="write($event, false)">
        <PlanDrawing
            v-if="view === 'plan'"
            class="sheet"
            :plan="plan"
            :corners="corners"
            :furnishings="entries.furnishings"
            :picked="picked"
            :neighbours="neighbours"
            :margin="around"
            :reading="reading"
            @outline="outline"
            @furnishings="furnish"
            @pick="(what) => (picked = what)"
            @hold="(held) => emit('hold', held)"
        >
            <template #wall="{ index }">
                <WallTape
                    v-if="isDrawn"
                    :index="index"
                    :reading="plan?.walls[index]"
                    :taped="entries.outline[index]?.taped ?? false"
                    :fault="tape.fault.value?.wall === index ? tape.fault.value.said : undefined"
                    :offers="tape.fault.value?.offers ?? []"
                    @begin="picked = { kind: 'wall', index }"
                    @read="(length) => tape.read(index, length)"
                />
                <LengthField
                    v-else-if="index < 2"
                    :name="SIDES[index]!"
                    :entry="entries[SIDES[index]!]"
                    :reading="plan?.walls[index] ?? null"
                    :fault="said(SIDES[index]!)"
                    :offers="offers[`room.${SIDES[index]}`] ?? []"
                    :bare="bare"
                    @change="(value) => set({ [SIDES[index]!]: value })"
                />
            </template>
        </PlanDrawing>
        <SceneDrawing
            v-else-if="plan"
            class="sheet"
            :drawing="plan.standing"
            title="The room, true to scale, with a grown person"
            :margin="margin"
        >
            <template #extent="{ extent }">
                <LengthField
                    v-if="!isDrawn || extent.name === 'height'"
                    :name="extent.name"
                    :entry="entries[extent.name as Side]"
                    :reading="extent.length"
                    :fault="said(extent.name as Side)"
                    :offers="offers[`room.${extent.name}`] ?? []"
                    :bare="bare"
                    @change="(value) => set({ [extent.name]: value })"
                />
                <span v-else class="reading figure">{{ show(extent.length) }}</span>
            </template>
        </SceneDrawing>

        <ViewSwitch
            v-if="corners.length"
            class="views"
            :views="VIEWS"
            label="View of the room"
            :view="view"
            :can-undo="canUndo"
            :can-redo="canRedo"
            @view="(key) => (view = key)"
            @undo="emit('undo')"
            @redo="emit('redo')"
        />
        <div v-if="corners.length && plan" class="sum">
            <dl>
                <div>
                    <dt>Floor</dt>
                    <dd class="figure">{{ show(plan.floorArea) }}</dd>
                </div>
                <div>
                    <dt>Air</dt>
                    <dd class="figure">{{ show(plan.volume) }}</dd>
                </div>
            </dl>
            <LengthField
                v-if="view === 'plan'"
                name="height"
                :entry="entries.height"
                :reading="isDrawn ? null : plan.height"
                :fault="said('height')"
                :offers="offers['room.height'] ?? []"
                :bare="bare"
                @change="(value) => set({ height: value })"
            />
        </div>
        <p v-if="whole.length" class="whole" role="alert">{{ whole[0] }} The drawing is kept; the figures are from before.</p>

        <aside v-if="corners.length && view === 'plan'" class="rail">
            <div class="palette" role="group" aria-label="Add to the plan">
                <button v-for="one in KINDS" :key="one.kind" type="button" :title="one.says" @click="add(one.kind)">
                    + {{ one.name }}
                </button>
                <button type="button" class="clear" @click="clear">Start again</button>
            </div>
            <PickedCard
                v-if="picked && plan"
                :picked="picked"
                :plan="plan"
                :corners="corners"
                :furnishings="entries.furnishings"
                :neighbours="neighbours"
                :errors="errors"
                :is-drawn="isDrawn"
                @corner="changeCorner"
                @furnishing="changeFurnishing"
                @remove="remove"
                @split="picked && outline(addCorner(corners, picked.index))"
                @recess="picked && outline(addRecess(corners, picked.index, RECESS[measure]))"
                @close="picked = null"
            />
        </aside>
        <div v-if="corners.length === 0" class="first" :class="{ faulty: isFaulty }">
            <h2>Drag a rectangle to draw the floor</h2>
            <p>Then enter the length of each wall, and drag corners where the room is not a rectangle.</p>
            <p>Or enter length, width and height, in feet or metres: 27′ 6″, 27.5 ft, 8.4 m.</p>
            <LengthField
                v-for="side in SIDES"
                :key="side"
                :name="side"
                :entry="entries[side]"
                :reading="null"
                :fault="said(side)"
                :offers="offers[`room.${side}`] ?? []"
                :bare="bare"
                @change="(value) => set({ [side]: value })"
            />
        </div>
    </div>
</template>

<style scoped>
.drawing {
    position: relative;
    min-height: 340px;
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
}
.sheet {
    grid-column: 1;
}
.views {
    left: 12px;
    translate: none;
}
.palette button {
    padding: 5px 12px;
    font: inherit;
    font-size: 14px;
    color: var(--ink);
    cursor: pointer;
    white-space: nowrap;
}
.sum {
    position: absolute;
    z-index: 3;
    left: 12px;
    bottom: 12px;
    margin: 0;
    display: flex;
    align-items: stretch;
    gap: 8px;
}
.sum dl {
    margin: 0;
    display: flex;
    gap: 8px;
}
.sum dl > div {
    display: flex;
    align-items: center;
    gap: 8px;
    padding: 4px 12px;
    background: var(--sheet);
    border: 1px solid var(--line);
    box-shadow: var(--shadow);
}
dt {
    font-size: 14px;
    color: var(--pencil);
}
dd {
    margin: 0;
    font-weight: 700;
    font-size: 15px;
}
.reading {
    padding: 5px 10px;
    background: var(--sheet);
    border: 1px solid var(--line);
    font-size: 14px;
}
.whole {
    position: absolute;
    z-index: 4;
    top: 54px;
    left: 12px;
    max-width: 420px;
    padding: 8px 12px;
    font-size: 14px;
    color: var(--short);
    background: var(--short-soft);
    border-left: 4px solid var(--short);
}
.rail {
    grid-column: 2;
    width: 172px;
    padding: 10px;
    display: grid;
    align-content: start;
    gap: 10px;
    background: color-mix(in oklab, var(--sheet), var(--mat) 35%);
    border-left: 1px solid var(--line);
    overflow-y: auto;
}
.palette {
    display: grid;
    gap: 4px;
}
.palette button {
    text-align: left;
    background: var(--sheet);
    border: 1px solid var(--line);
    border-left: 4px solid var(--kraft);
}
.palette button:hover {
    border-color: var(--kraft-edge);
}
.palette .clear {
    border-left-color: var(--line);
    color: var(--pencil);
}
.first {
    position: absolute;
    right: 24px;
    top: 50%;
    translate: 0 -50%;
    display: grid;
    gap: 12px;
    justify-items: center;
    text-align: center;
    padding: 22px 26px 26px;
    background: var(--sheet);
    border: 1px solid var(--line);
    border-top: 8px solid var(--tape);
    box-shadow: var(--shadow);
    width: 330px;
    max-width: 92%;
}
@media (max-width: 700px) {
    .drawing {
        grid-template-columns: minmax(0, 1fr);
        grid-template-rows: auto 420px auto;
    }
    .views {
        grid-row: 1;
    }
    .sheet {
        grid-row: 2;
    }
    .rail {
        grid-column: 1;
        grid-row: 3;
        width: auto;
        border-left: 0;
        border-top: 1px solid var(--line);
    }
    .palette {
        display: flex;
        flex-wrap: wrap;
    }
    .sum {
        bottom: auto;
        top: 416px;
        left: 6px;
        gap: 4px;
    }
    .first {
        right: 50%;
        translate: 50% -50%;
        background: color-mix(in oklab, var(--sheet), transparent 12%);
    }
}
</style>
