<script setup lang="ts">
import { computed, reactive, ref } from 'vue';
import type { Choices, Ledger, Placement } from '../../api/client';
import { useMeasure } from '../../composables/useMeasure';
import { NO_PURIFIER, type Placing } from '../../composables/usePlacements';
import FieldFault from '../room/FieldFault.vue';

const props = defineProps<{ ledger: Ledger; choices: Choices; placing: Placing }>();
const emit = defineEmits<{ units: [units: number]; another: [build: number | null] }>();
const { show } = useMeasure();

const FIELDS = [
    { key: 'name', name: 'Name', hint: 'Tower purifier' },
    { key: 'clean_air', name: 'Rated clean air', hint: '140 cfm' },
    { key: 'level', name: 'Level at 1 m', hint: '50 dBA' },
    { key: 'power', name: 'Power', hint: '45 W' },
    { key: 'refill_price', name: 'Price of its filters', hint: '35' },
    { key: 'refill_months', name: 'Filter life, months', hint: '6' },
    { key: 'width', name: 'Width', hint: '14 in' },
    { key: 'depth', name: 'Depth', hint: '9 in' },
    { key: 'height', name: 'Height', hint: '20 in' },
] as const;

const MOST = 99;
const writing = ref(false);
const purifier = reactive({ ...NO_PURIFIER });
const faultOf = (field: string): string | undefined =>
    props.placing.errors.value[`placements.${props.placing.all.value.length}.bought.${field}`]?.[0];

async function addBought(): Promise<void> {
    if (!(await props.placing.add({ build: null, bought: { ...purifier }, count: 1, speed: '' }))) return;
    Object.assign(purifier, NO_PURIFIER);
    writing.value = false;
}

const buildOf = (row: Placement) => props.placing.builds.value.find(({ id }) => id === row.build);
const nameOf = (row: Placement): string => row.bought?.name ?? buildOf(row)?.name ?? 'A build';
const saysOf = (row: Placement): string =>
    row.bought
        ? [row.bought.clean_air, row.bought.level, row.bought.power].filter((text) => text !== '').join(' · ')
        : `version ${buildOf(row)?.latest.number ?? 1}`;
/** What a row gives in the ledger that is shown: its rows are those that are counted, in their order. */
const figures = (row: Placement) =>
    props.placing.isCounted(row) ? props.ledger.beside[props.placing.counted.value.indexOf(row)] : undefined;

function count(row: Placement, by: number): void {
    const next = Math.min(MOST, row.count + by);
    void (next < 1 ? props.placing.remove(row) : props.placing.change(row, { ...row, count: next }));
}

/** Builds of the room that do not stand there and are not on the bench. */
const aside = computed(() =>
    props.placing.builds.value.filter(
        (build) => build.id !== props.placing.build.value?.id && !props.placing.all.value.some((row) => row.build === build.id),
    ),
);
const line = computed(() => props.ledger.unit?.speeds[props.ledger.unit.chosen]);
</script>

<template>
    <div class="stands">
        <h2>Purifiers in this room</h2>
        <p class="teach">They count together: clean air, noise at every seat, power and cost.</p>
        <ul>
            <li v-if="ledger.unit && line" class="bench">
                <span class="count">
                    <button
                        type="button"
                        aria-label="One fewer on the bench"
                        :disabled="choices.units <= 1"
                        @click="emit('units', choices.units - 1)"
                    >
                        −
                    </button>
                    <b class="figure">{{ choices.units }}</b>
                    <button type="button" aria-label="One more on the bench" @click="emit('units', choices.units + 1)">+</button>
                </span>
                <span class="what"
                    ><b>{{ ledger.unit.shape }}</b> on the bench, speed {{ line.name }}</span
                >
                <span class="says">{{ placing.isPlaced.value ? 'in the room' : 'counts once it is saved' }}</span>
            </li>
            <li v-for="row in placing.beside.value" :key="JSON.stringify(row)" :class="{ left: !placing.isCounted(row) }">
                <span class="count">
                    <button type="button" :aria-label="`One ${nameOf(row)} fewer`" :disabled="placing.busy.value" @click="count(row, -1)">
                        −
                    </button>
                    <b class="figure">{{ row.count }}</b>
                    <button type="button" :aria-label="`One ${nameOf(row)} more`" :disabled="placing.busy.value" @click="count(row, 1)">
                        +
                    </button>
                </span>
                <span class="what"
                    ><b>{{ nameOf(row) }}</b> {{ row.bought ? 'bought' : '' }}
                    <template v-if="figures(row)"
                        ><span class="figure">{{ show(figures(row)!.cleanAir) }}</span> in all</template
                    ></span
                >
                <span class="says"
                    >{{ saysOf(row) }}
                    <label v-if="figures(row)?.speeds.length"
                        >on speed
                        <select
                            :value="figures(row)!.speed"
                            :aria-label="`Speed of ${nameOf(row)}`"
                            :disabled="placing.busy.value"
                            @change="placing.change(row, { ...row, speed: ($event.target as HTMLSelectElement).value })"
                        >
                            <option v-for="speed in figures(row)!.speeds" :key="speed">{{ speed }}</option>
                        </select></label
                    ></span
                >
                <span class="do">
                    <label><input type="checkbox" :checked="placing.isCounted(row)" @change="placing.toggle(row)" /> count it</label>
                    <button v-if="row.build" type="button" @click="emit('another', row.build)">Open on the bench</button>
                    <button type="button" :disabled="placing.busy.value" @click="placing.remove(row)">Remove</button>
                </span>
            </li>
        </ul>
        <p v-if="placing.fault.value" class="fault" role="alert">{{ placing.fault.value }}</p>
        <div class="add">
            <button type="button" :aria-expanded="writing" @click="writing = !writing">Add a bought purifier</button>
            <button v-if="placing.build.value" type="button" @click="emit('another', null)">Start another build</button>
        </div>
        <form v-if="writing" aria-label="Bought purifier" @submit.prevent="addBought">
            <label v-for="field in FIELDS" :key="field.key">
                <span>{{ field.name }}</span>
                <input
                    v-model="purifier[field.key]"
                    autocomplete="off"
                    :placeholder="field.hint"
                    :data-purifier="field.key"
                    :aria-invalid="faultOf(field.key) !== undefined"
                />
                <FieldFault :said="faultOf(field.key)" />
            </label>
            <p class="teach">Take these from the label or the data sheet, at the speed it will run at. Leave empty what is not stated.</p>
            <button type="submit" class="go" :disabled="placing.busy.value">Add to the room</button>
        </form>
        <template v-if="aside.length">
            <h2>Other builds for this room</h2>
            <ul>
                <li v-for="build in aside" :key="build.id">
                    <span class="what"
                        ><b>{{ build.name }}</b> version {{ build.latest.number }}</span
                    >
                    <span class="do">
                        <button type="button" @click="emit('another', build.id)">Open on the bench</button>
                        <button
                            type="button"
                            :disabled="placing.busy.value"
                            @click="
                                placing.add({ build: build.id, bought: null, count: build.latest.units, speed: build.latest.choices.speed })
                            "
                        >
                            Add to the room
                        </button>
                    </span>
                </li>
            </ul>
        </template>
    </div>
</template>

<style scoped>
.stands {
    padding: 64px 28px 20px;
    overflow-y: auto;
    display: grid;
    gap: 10px;
    align-content: start;
    justify-items: center;
}
.stands > * {
    width: min(100%, 720px);
}
h2 {
    margin: 6px 0 0;
    font-size: 18px;
}
.teach {
    margin: 0;
    color: var(--pencil);
    font-size: 14px;
}
ul {
    margin: 0;
    padding: 0;
    list-style: none;
    display: grid;
    gap: 8px;
}
li {
    display: grid;
    grid-template-columns: auto 1fr auto;
    gap: 2px 14px;
    align-items: center;
    padding: 9px 12px;
    background: var(--sheet);
    border: 1px solid var(--line);
    border-left: 5px solid var(--clean);
    box-shadow: var(--shadow);
}
li.bench {
    border-left-color: var(--tape);
}
li.left {
    border-left-color: var(--line);
    color: var(--pencil);
}
.count {
    display: inline-flex;
    align-items: center;
    gap: 4px;
    grid-row: span 2;
}
.count b {
    min-width: 1.6em;
    text-align: center;
    font-size: 17px;
}
.what {
    grid-column: 2;
}
.says {
    grid-column: 2;
    color: var(--pencil);
    font-size: 14px;
}
.do {
    grid-column: 3;
    grid-row: 1 / span 2;
    display: inline-flex;
    flex-wrap: wrap;
    justify-content: flex-end;
    align-items: center;
    gap: 6px 10px;
    font-size: 14px;
}
.says select {
    font: inherit;
    padding: 1px 4px;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--kraft-edge);
}
.do label {
    display: inline-flex;
    gap: 5px;
    align-items: center;
}
button {
    font: inherit;
    font-size: 14px;
    padding: 4px 10px;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--kraft-edge);
    cursor: pointer;
}
.count button {
    width: 30px;
    padding: 3px 0;
    font-size: 17px;
}
button:hover:not(:disabled) {
    background: var(--mat);
}
button:disabled {
    opacity: 0.5;
    cursor: default;
}
.add {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
}
form {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 10px 14px;
    padding: 14px;
    background: var(--sheet);
    border: 1px solid var(--line);
    border-top: 5px solid var(--tape);
    box-shadow: var(--shadow);
}
form label {
    display: grid;
    gap: 3px;
    font-size: 14px;
    align-content: start;
}
form input {
    font: inherit;
    padding: 5px 8px;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--kraft-edge);
    min-width: 0;
}
form input[aria-invalid='true'] {
    border-color: var(--short);
    background: var(--short-soft);
}
form .teach {
    grid-column: 1 / 3;
    align-self: center;
}
.go {
    background: var(--clean);
    border-color: var(--clean);
    color: var(--sheet);
    font-weight: 700;
}
.go:hover:not(:disabled) {
    background: color-mix(in oklab, var(--clean), var(--ink) 15%);
}
.fault {
    padding: 8px 12px;
    background: var(--short-soft);
    border-left: 4px solid var(--short);
}
@media (max-width: 900px) {
    .stands {
        padding: 8px 18px 20px;
    }
    form {
        grid-template-columns: minmax(0, 1fr);
    }
    form .teach {
        grid-column: 1;
    }
    li {
        grid-template-columns: auto 1fr;
    }
    .do {
        grid-column: 1 / -1;
        grid-row: auto;
        justify-content: flex-start;
    }
}
</style>
