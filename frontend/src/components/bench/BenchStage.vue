<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { Catalogue, Choices, Ledger } from '../../api/client';
import { useMisfits, useWorking, type Question } from '../../api/queries';
import { nearest, useAhead } from '../../composables/useAhead';
import type { Placing } from '../../composables/usePlacements';
import { usePlan } from '../../composables/usePlan';
import { useSwap } from '../../composables/useSwap';
import SceneDrawing from '../SceneDrawing.vue';
import ChoicePanel from './ChoicePanel.vue';
import { CHOICES, choosable, inForce, options, shapeOptions, type ChoiceKey } from './choices';
import PartTray from './PartTray.vue';
import CompareView from './CompareView.vue';
import AirView from './AirView.vue';
import CurvesView from './CurvesView.vue';
import ShapeChoices from './ShapeChoices.vue';
import SwapPreview from './SwapPreview.vue';
import UnitDrawing from './UnitDrawing.vue';
import StandsView from './StandsView.vue';
import VersionsView from './VersionsView.vue';
import ViewSwitch from '../ViewSwitch.vue';

const props = defineProps<{
    ledger: Ledger;
    catalogue: Catalogue;
    choices: Choices;
    programme: number;
    build: number | null;
    errors: Record<string, string[]>;
    newer: string[];
    keepFigures: boolean;
    currency: string;
    question: Question | null;
    canUndo: boolean;
    canRedo: boolean;
    pinned: Choices[];
    looked: { turn: number; apart: boolean };
    /** Version that is pinned to the ledger. */
    against: number | null;
    placing: Placing;
}>();
const emit = defineEmits<{
    choose: [choices: Choices];
    takeNewer: [];
    undo: [];
    redo: [];
    pin: [choices: Choices];
    unpin: [index: number];
    holdAgainst: [version: number | null];
    look: [looked: { turn: number; apart: boolean }];
    /** Another build comes to the bench; null for a new one. */
    another: [build: number | null];
}>();

const turned = (degrees: number): number => Math.round(((degrees % 360) + 360) % 360);

const VIEWS = { unit: 'Drawing', curves: 'Curves', air: 'Air', stands: 'In the room', compare: 'Compare', versions: 'Versions' };
const view = ref<keyof typeof VIEWS>('unit');
/** Whether the view shows the unit itself, whose parts are changed there; the others show it beside what it is held against. */
const isMade = computed(() => view.value === 'unit' || view.value === 'curves');
/** The room with what stands in it, once there are figures for it. */
const { plan } = usePlan(
    () => ({
        room: props.question!.room,
        goal: props.question!.goal,
        unit: props.question!.unit,
        programme: props.programme,
        beside: props.question!.beside,
    }),
    computed(() => view.value === 'unit' && props.question?.unit != null),
);
const working = useWorking(
    computed(() => props.question),
    computed(() => view.value === 'curves'),
);

const open = ref<ChoiceKey | null>(null);
watch(isMade, (made) => {
    if (!made) open.value = null;
});
const misfits = useMisfits(
    computed(() => props.choices),
    computed(() => props.programme),
    computed(() => open.value !== null),
);
const isShape = (key: ChoiceKey | null): boolean => key === 'shape' || key === 'base';
const instead = computed(() => (isShape(open.value) ? (misfits.data.value?.instead ?? {}) : {}));
const reasons = computed<Record<string, string>>(() => {
    const all = misfits.data.value;
    if (!all) return {};
    if (open.value === 'fan') return all.fans;
    if (open.value === 'filter') return all.filters;
    if (open.value === 'prefilter') return all.prefilters;
    // A shape that other parts make possible is offered with them.
    return isShape(open.value) ? Object.fromEntries(Object.entries(all.shapes).filter(([id]) => !(id in all.instead))) : {};
});
const faults = computed(() =>
    Object.entries(props.errors)
        .filter(([field]) => field.startsWith('unit.'))
        .flatMap(([, said]) => said),
);

/** A shape that was clicked before it was known which other parts it needs. */
const wanted = ref<string | null>(null);
watch(misfits.isFetching, (fetching) => {
    if (fetching || wanted.value === null) return;
    const shape = wanted.value;
    wanted.value = null;
    if (open.value) choose(open.value, shape);
});

/** The base of a shape that has no other is one of its options. */
function pick(key: ChoiceKey): void {
    open.value = choosable(props.catalogue, props.choices).some((one) => one.key === key) ? key : 'shape';
}

/** What a choice would make of the build. */
function changed(key: ChoiceKey, id: string): Choices {
    // Another fan has other speeds: let the fastest that keeps quiet be judged again.
    const speed = key === 'fan' ? { speed: '' } : {};
    if (!isShape(key)) return { ...props.choices, [key]: id, ...speed };
    const other = instead.value[id];
    const parts = other ? { fan: other.fan, filter: other.filter, speed: '' } : {};
    return { ...props.choices, shape: id, ...parts, prefilter: '', direction: '', options: {} };
}
/** A version goes beside what is on the bench, and is shown there. */
function comparedWith(version: Choices): void {
    emit('pin', version);
    view.value = 'compare';
}
function choose(key: ChoiceKey, id: string): void {
    wanted.value = isShape(key) && misfits.isFetching.value ? id : null;
    if (wanted.value === null) emit('choose', changed(key, id));
}

/** The option that is looked at before it is taken; what it would do is asked for at once. */
const looking = ref<string | null>(null);
watch(open, () => (looking.value = null));
const isAnother = computed(
    () => open.value !== null && looking.value !== null && looking.value !== inForce(props.catalogue, props.choices, open.value),
);
const would = useSwap(
    computed(() => props.question),
    computed(() =>
        open.value === null || !isAnother.value || looking.value === null || misfits.isFetching.value
            ? null
            : changed(open.value, looking.value),
    ),
);
/** A tray is open to be chosen from: what it offers next to what is chosen is asked for as soon as it stands there, ms. */
const READING = 60;
/** Choices of which some may not fit: those are asked for only once it is known which. */
const MAY_MISFIT: ChoiceKey[] = ['shape', 'base', 'fan', 'filter', 'prefilter'];
useAhead(
    computed(() => props.question),
    computed(() => props.ledger),
    computed(() => {
        const key = open.value;
        if (key === null || (MAY_MISFIT.includes(key) && (!misfits.data.value || misfits.isFetching.value))) return [];
        const fitting = options(props.catalogue, key).flatMap(({ id }) => (id in reasons.value ? [] : [id]));
        return nearest(fitting, inForce(props.catalogue, props.choices, key)).map((id) => changed(key, id));
    }),
    READING,
);
</script>

<template>
    <section class="bench" aria-label="The build">
        <div class="middle mat" :class="{ choosing: open }">
            <ViewSwitch
                :views="VIEWS"
                label="View of the bench"
                :view="view"
                :can-undo="canUndo"
                :can-redo="canRedo"
                @view="(next) => (view = next)"
                @undo="emit('undo')"
                @redo="emit('redo')"
            />
            <CompareView
                v-if="view === 'compare'"
                class="unit"
                :question="question"
                :choices="choices"
                :programme="programme"
                :pinned="pinned"
                :currency="currency"
                @take="(taken) => emit('choose', { ...taken })"
                @pin="emit('pin', choices)"
                @unpin="(index) => emit('unpin', index)"
            />
            <StandsView
                v-else-if="view === 'stands'"
                class="unit"
                :ledger="ledger"
                :choices="choices"
                :placing="placing"
                @units="(units) => emit('choose', { ...choices, units })"
                @another="(id) => emit('another', id)"
            />
            <AirView v-else-if="view === 'air' && question" class="unit" :question="question" />
            <VersionsView
                v-else-if="view === 'versions'"
                class="unit"
                :build="build"
                :choices="choices"
                :against="against"
                @take="(taken) => emit('choose', { ...taken })"
                @pin="comparedWith"
                @hold-against="(version) => emit('holdAgainst', version)"
            />
            <CurvesView
                v-else-if="view === 'curves' && working.data.value && ledger.unit"
                class="unit"
                :working="working.data.value"
                :chosen="ledger.unit.speeds[ledger.unit.chosen]!.name"
                @speed="(speed) => emit('choose', { ...choices, speed })"
            />
            <UnitDrawing
                v-else-if="ledger.unit"
                class="unit"
                :drawing="ledger.unit.drawing"
                :title="ledger.unit.summary"
                :picked="open"
                @pick="pick"
                @turn="(degrees) => emit('look', { ...looked, turn: turned(looked.turn + degrees) })"
            />
            <div v-if="view === 'unit' && ledger.unit" class="look" role="group" aria-label="How to look at it">
                <button
                    type="button"
                    aria-label="Walk round to the left"
                    @click="emit('look', { ...looked, turn: turned(looked.turn - 45) })"
                >
                    ⟲
                </button>
                <button
                    type="button"
                    aria-label="Walk round to the right"
                    @click="emit('look', { ...looked, turn: turned(looked.turn + 45) })"
                >
                    ⟳
                </button>
                <button type="button" :aria-pressed="looked.apart" @click="emit('look', { ...looked, apart: !looked.apart })">
                    {{ looked.apart ? 'Put together' : 'Take apart' }}
                </button>
            </div>
            <figure v-if="view === 'unit' && plan" class="room">
                <SceneDrawing
                    :drawing="plan.standing"
                    title="The room with its units, true to scale, with a grown person"
                    :extents="false"
                />
                <figcaption>Room, to scale, person of 1.7 m</figcaption>
            </figure>
            <div v-if="faults.length" class="fault" role="alert">
                <b>This does not fit.</b>
                <p v-for="fault in faults" :key="fault">{{ fault }}</p>
                <p class="stays">Drawing and figures still show the last build that fitted.</p>
            </div>
            <div v-else-if="view === 'unit' && newer.length && keepFigures" class="note">
                Calculated with the figures of the saved version. There are newer figures for {{ newer.join(', ') }}.
                <button type="button" @click="emit('takeNewer')">Use the newer figures</button>
            </div>
            <ChoicePanel
                v-if="open"
                :name="CHOICES.find((choice) => choice.key === open)!.name"
                :options="options(catalogue, open)"
                :value="inForce(catalogue, choices, open)"
                :misfits="reasons"
                :notes="Object.fromEntries(Object.entries(instead).map(([id, parts]) => [id, parts.says]))"
                :currency="currency"
                @choose="(id) => open && choose(open, id)"
                @look="(id) => (looking = id)"
                @close="open = null"
            >
                <template #foot>
                    <SwapPreview
                        :now="ledger"
                        :would="would.ledger.value"
                        :fault="would.fault.value"
                        :currency="currency"
                        :looking="isAnother"
                    />
                </template>
                <ShapeChoices
                    v-if="open === 'shape'"
                    :about="shapeOptions(catalogue, choices)"
                    :options="choices.options"
                    @choose="(chosenOptions) => emit('choose', { ...choices, options: chosenOptions })"
                />
            </ChoicePanel>
        </div>
        <PartTray
            v-if="isMade"
            :catalogue="catalogue"
            :choices="choices"
            :open="open"
            :errors="errors"
            @open="(key) => (open = open === key ? null : key)"
            @units="(units) => emit('choose', { ...choices, units })"
        />
    </section>
</template>

<style scoped>
.bench {
    display: grid;
    grid-template-rows: 1fr auto;
    min-height: 0;
}
.middle {
    position: relative;
    min-height: 0;
    display: grid;
    overflow: hidden;
}
.unit {
    grid-area: 1 / 1;
}
.choosing .unit {
    margin-left: min(400px, 50%);
    width: auto;
}
/* The open tray lies over the views: only undo and redo stand beside it, whole. */
@media (min-width: 901px) {
    .choosing > :deep(.bar) {
        left: min(410px, 50%);
        translate: none;
    }
    .choosing > :deep(.bar > :first-child) {
        display: none;
    }
}
.room {
    position: absolute;
    left: 10px;
    bottom: 10px;
    width: 182px;
    height: 160px;
    margin: 0;
    display: grid;
    grid-template-rows: 1fr auto;
    background: color-mix(in oklab, var(--sheet), transparent 8%);
    border: 1px solid var(--line);
}
figcaption {
    font-size: 12px;
    color: var(--pencil);
    padding: 1px 8px 4px;
}
.look {
    position: absolute;
    z-index: 3;
    left: 10px;
    top: 56px;
    display: flex;
    background: var(--sheet);
    border: 1px solid var(--pencil);
}
.look button {
    padding: 5px 10px;
    font: inherit;
    font-size: 14px;
    line-height: 1.45;
    color: var(--ink);
    background: none;
    border: 0;
    cursor: pointer;
}
.look [aria-pressed='true'] {
    color: var(--sheet);
    background: var(--clean);
}
.fault,
.note {
    position: absolute;
    right: 10px;
    bottom: 10px;
    max-width: 400px;
    margin: 0;
    padding: 8px 14px;
    font-size: 14px;
    background: var(--sheet);
    border: 1px solid var(--line);
    border-left: 5px solid var(--tape-edge);
    list-style: none;
}
.fault {
    border-left-color: var(--short);
    background: var(--short-soft);
    z-index: 6;
}
.stays {
    color: var(--pencil);
}
.note button {
    font: inherit;
    color: var(--clean);
    background: none;
    border: 0;
    padding: 0;
    text-decoration: underline;
    cursor: pointer;
}
@media (max-width: 900px) {
    .choosing .unit {
        margin-left: 0;
    }
    .middle {
        grid-template-rows: auto minmax(380px, auto) auto auto;
        grid-template-columns: minmax(0, 1fr);
    }
    .middle > :first-child {
        grid-area: 1 / 1;
    }
    .unit {
        grid-area: 2 / 1;
    }
    .look {
        grid-area: 3 / 1;
        justify-self: center;
    }
    .room,
    .fault,
    .note,
    .look {
        position: static;
        width: auto;
        max-width: none;
        height: auto;
    }
    .room {
        grid-area: 4 / 1;
        height: 180px;
    }
}
</style>
