<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Shown, Wishes } from '../../api/client';
import { useMeasure } from '../../composables/useMeasure';
import FieldFault from '../room/FieldFault.vue';

type Typed = 'level' | 'seat' | 'first_cost' | 'total_cost' | 'footprint' | 'height' | 'power' | 'minutes';

const props = defineProps<{
    /** How far from a unit the nearest seat is drawn, so that it can be taken over. */
    nearestSeat: Shown | null;
    wishes: Wishes;
    errors: Record<string, string[]>;
    tools: string[];
    skills: string[];
    currency: string;
}>();
const emit = defineEmits<{ change: [wishes: Partial<Wishes>] }>();
const { measure, show } = useMeasure();
const open = ref(false);

/** Chances to reach the goal that may be asked for. */
const SURE = [0.5, 0.75, 0.9];

const FIELDS = computed<{ key: Typed; name: string; unit: string }[]>(() => [
    { key: 'level', name: 'Noise', unit: 'dBA' },
    { key: 'seat', name: 'at a seat', unit: measure.value === 'imperial' ? 'ft away' : 'm away' },
    { key: 'first_cost', name: 'First cost', unit: props.currency },
    { key: 'total_cost', name: 'Total cost', unit: props.currency },
    { key: 'footprint', name: 'Floor', unit: measure.value === 'imperial' ? 'ft²' : 'm²' },
    { key: 'height', name: 'Height', unit: measure.value === 'imperial' ? 'ft' : 'm' },
    { key: 'power', name: 'Power', unit: 'W' },
    { key: 'minutes', name: 'Work', unit: 'min' },
]);
const atHand = computed(() => ({ tools: props.wishes.tools ?? props.tools, skills: props.wishes.skills ?? props.skills }));

function toggle(kind: 'tools' | 'skills', word: string): void {
    const have = atHand.value[kind];
    const next = have.includes(word) ? have.filter((one) => one !== word) : [...have, word];
    emit('change', { [kind]: next.length === props[kind].length ? null : next });
}
</script>

<template>
    <form class="wishes" aria-label="Limits of a build" @submit.prevent>
        <p class="heading"><b>Limits</b> at most; leave empty for no limit</p>
        <label v-for="field in FIELDS" :key="field.key" :class="{ wrong: errors[`wishes.${field.key}`], set: wishes[field.key] !== '' }">
            <span>{{ field.name }}</span>
            <input
                class="figure"
                autocomplete="off"
                :value="wishes[field.key]"
                :placeholder="field.unit"
                :aria-invalid="errors[`wishes.${field.key}`] !== undefined"
                :data-wish="field.key"
                @input="emit('change', { [field.key]: ($event.target as HTMLInputElement).value })"
            />
            <FieldFault v-if="errors[`wishes.${field.key}`]" class="fault" :said="errors[`wishes.${field.key}`]![0]!" />
        </label>
        <div class="more">
            <label class="tick"
                ><input type="checkbox" :checked="wishes.from_stock" @change="emit('change', { from_stock: !wishes.from_stock })" /> only
                fans and filters in stock</label
            >
            <label class="tick"
                ><input type="checkbox" :checked="wishes.windows" @change="emit('change', { windows: !wishes.windows })" /> include window
                units</label
            >
            <label class="tick"
                ><input type="checkbox" :checked="wishes.prefilters" @change="emit('change', { prefilters: !wishes.prefilters })" /> include
                pre-filters</label
            >
            <span class="tick"
                >at most
                <button
                    v-for="number in 4"
                    :key="number"
                    type="button"
                    class="count"
                    :aria-pressed="wishes.units === number"
                    :aria-label="`At most ${number} units`"
                    @click="emit('change', { units: number })"
                >
                    {{ number }}
                </button>
                units</span
            >
            <span class="tick" role="group" aria-label="Chance to reach the goal, at least"
                >chance at least
                <button
                    v-for="chance in SURE"
                    :key="chance"
                    type="button"
                    class="count chance"
                    :aria-pressed="(wishes.sure ?? 0.75) === chance"
                    :aria-label="`Reaches the goal with a chance of ${chance * 100} %`"
                    :data-sure="chance"
                    @click="emit('change', { sure: chance })"
                >
                    {{ chance * 100 }} %
                </button></span
            >
            <button
                v-if="nearestSeat && wishes.seat === ''"
                type="button"
                class="hand"
                @click="emit('change', { seat: show(nearestSeat) })"
            >
                At the nearest seat on the plan, {{ show(nearestSeat) }} away
            </button>
            <button type="button" class="hand" :aria-expanded="open" @click="open = !open">
                Tools and skills at hand
                <b v-if="wishes.tools || wishes.skills"
                    >({{ tools.length - atHand.tools.length + skills.length - atHand.skills.length }} not at hand)</b
                >
            </button>
        </div>
        <div v-if="open" class="words">
            <fieldset v-for="kind in ['tools', 'skills'] as const" :key="kind">
                <legend>{{ kind === 'tools' ? 'Tools at hand' : 'Skills' }}</legend>
                <label v-for="word in kind === 'tools' ? tools : skills" :key="word" class="tick"
                    ><input type="checkbox" :checked="atHand[kind].includes(word)" @change="toggle(kind, word)" /> {{ word }}</label
                >
            </fieldset>
        </div>
    </form>
</template>

<style scoped>
.wishes {
    display: grid;
    grid-template-columns: repeat(8, minmax(0, 1fr));
    gap: 6px;
    padding: 10px 14px 8px;
    background: var(--paper);
    border-bottom: 1px solid var(--line);
}
.heading {
    grid-column: 1 / -1;
    font-size: 13px;
    color: var(--pencil);
}
.heading b {
    color: var(--ink);
}
label {
    position: relative;
    display: grid;
    font-size: 13px;
    color: var(--pencil);
}
label span {
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
}
label > input:not([type='checkbox']) {
    width: 100%;
    padding: 5px 7px;
    font-size: 14px;
    font-weight: 600;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--pencil);
}
.set > input:not([type='checkbox']) {
    color: #2b251f;
    background: var(--tape);
    border-color: var(--tape-edge);
}
.wrong input {
    outline: 3px solid var(--short);
}
.fault {
    position: absolute;
    z-index: 5;
    top: 100%;
    left: 0;
    width: 240px;
    margin-top: 4px;
    box-shadow: var(--shadow);
}
input::placeholder {
    font-weight: 400;
    color: var(--pencil);
}
.more {
    grid-column: 1 / -1;
    display: flex;
    flex-wrap: wrap;
    gap: 4px 20px;
    align-items: center;
}
.tick {
    display: inline-flex;
    gap: 6px;
    align-items: center;
    min-height: 28px;
    font-size: 14px;
    color: var(--ink);
}
.count {
    width: 28px;
    height: 28px;
    font: inherit;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--pencil);
    cursor: pointer;
}
.chance {
    width: auto;
    padding: 0 8px;
    white-space: nowrap;
}
.count[aria-pressed='true'] {
    color: var(--sheet);
    background: var(--clean);
    border-color: var(--clean);
}
.hand {
    padding: 3px 0;
    font: inherit;
    font-size: 14px;
    color: var(--clean);
    background: none;
    border: 0;
    text-decoration: underline;
    cursor: pointer;
}
.words {
    grid-column: 1 / -1;
    display: grid;
    gap: 4px;
}
fieldset {
    display: flex;
    flex-wrap: wrap;
    gap: 0 16px;
    margin: 0;
    padding: 0;
    border: 0;
}
legend {
    padding: 0;
    font-size: 13px;
    color: var(--pencil);
}
@media (max-width: 900px) {
    .wishes {
        grid-template-columns: repeat(2, minmax(0, 1fr));
    }
}
</style>
