<script setup lang="ts">
import { Button, Checkbox, CheckboxGroup, Form, FormItem } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { Shown, Wishes } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import EntryField from '../../ui/EntryField.vue';
import OptionSwitch from '../../ui/OptionSwitch.vue';

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
const SURE = [0.5, 0.75, 0.9].map((value) => ({
    value,
    label: `${value * 100} %`,
    title: `Reaches the goal with a chance of ${value * 100} %`,
}));
const UNITS = [1, 2, 3, 4].map((value) => ({ value, label: String(value), title: `At most ${value} units` }));

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
const INCLUDED = [
    { key: 'from_stock', name: 'only fans and filters in stock' },
    { key: 'windows', name: 'include window units' },
    { key: 'prefilters', name: 'include pre-filters' },
    { key: 'trials', name: 'include suction alone' },
] as const;
const KINDS = [
    { key: 'tools', name: 'Tools at hand' },
    { key: 'skills', name: 'Skills' },
] as const;
const atHand = computed(() => ({ tools: props.wishes.tools ?? props.tools, skills: props.wishes.skills ?? props.skills }));
const missing = computed(() => props.tools.length - atHand.value.tools.length + props.skills.length - atHand.value.skills.length);

function have(kind: 'tools' | 'skills', words: string[]): void {
    emit('change', { [kind]: words.length === props[kind].length ? null : words });
}
</script>

<template>
    <Form layout="vertical" class="limits" aria-label="Limits of a build" @submit.prevent>
        <p class="heading"><b>Limits</b> at most; leave empty for no limit</p>
        <EntryField
            v-for="field in FIELDS"
            :key="field.key"
            class="figure"
            :class="{ set: wishes[field.key] !== '' }"
            :label="field.name"
            :hint="field.unit"
            :model-value="wishes[field.key]"
            :fault="errors[`wishes.${field.key}`]?.[0]"
            :data-wish="field.key"
            @update:model-value="(entry) => emit('change', { [field.key]: entry })"
        />
        <div class="more">
            <Checkbox
                v-for="one in INCLUDED"
                :key="one.key"
                :checked="wishes[one.key]"
                @change="emit('change', { [one.key]: !wishes[one.key] })"
                >{{ one.name }}</Checkbox
            >
            <span class="few"
                >at most
                <OptionSwitch
                    size="small"
                    :value="wishes.units"
                    :options="UNITS"
                    label="At most so many units"
                    @choose="(units) => emit('change', { units })"
                />
                units</span
            >
            <span class="few"
                >chance at least
                <OptionSwitch
                    size="small"
                    :value="wishes.sure ?? 0.75"
                    :options="SURE"
                    label="Chance to reach the goal, at least"
                    @choose="(sure) => emit('change', { sure })"
            /></span>
            <Button v-if="nearestSeat && wishes.seat === ''" type="link" size="small" @click="emit('change', { seat: show(nearestSeat) })">
                At the nearest seat on the plan, {{ show(nearestSeat) }} away
            </Button>
            <Button type="link" size="small" :aria-expanded="open" @click="open = !open">
                Tools and skills at hand
                <b v-if="wishes.tools || wishes.skills">({{ missing }} not at hand)</b>
            </Button>
        </div>
        <div v-if="open" class="words">
            <FormItem v-for="kind in KINDS" :key="kind.key" :label="kind.name" :colon="false">
                <CheckboxGroup
                    :value="atHand[kind.key]"
                    :options="props[kind.key]"
                    @change="(words) => have(kind.key, words.map(String))"
                />
            </FormItem>
        </div>
    </Form>
</template>

<style scoped>
.limits {
    display: grid;
    grid-template-columns: repeat(8, minmax(0, 1fr));
    gap: 6px;
    padding: 8px 14px 6px;
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
.limits :deep(.ant-form-item) {
    position: relative;
    min-width: 0;
}
.limits :deep(.ant-form-item-label > label) {
    font-size: 13px;
}
.limits :deep(.ant-input) {
    padding: 4px 7px;
    font-size: 14px;
}
.limits :deep(.ant-input.set) {
    font-weight: 600;
    color: #2b251f;
    background: var(--tape);
    border-color: var(--tape-edge);
}
.limits :deep(.fault) {
    position: absolute;
    z-index: 5;
    top: 100%;
    left: 0;
    width: 240px;
    margin-top: 4px;
    box-shadow: var(--shadow);
}
.more {
    grid-column: 1 / -1;
    display: flex;
    flex-wrap: wrap;
    gap: 4px 18px;
    align-items: center;
}
.more :deep(.ant-checkbox-wrapper) {
    margin: 0;
    font-size: 14px;
}
.few {
    display: inline-flex;
    gap: 6px;
    align-items: center;
    font-size: 14px;
}
.words {
    grid-column: 1 / -1;
    display: grid;
    gap: 4px;
}
@media (max-width: 900px) {
    .limits {
        grid-template-columns: repeat(2, minmax(0, 1fr));
    }
}
</style>
