<script setup lang="ts">
import { Button } from 'ant-design-vue';
import type { Catalogue } from '../../api/client';
import NumberStepper from '../../ui/NumberStepper.vue';
import { useWork } from '../work/useWork';
import { choosable, chosen, type ChoiceKey } from './choices';

/** The parts that the unit is made of, each to be changed; and how many units. */
defineProps<{ catalogue: Catalogue; open: ChoiceKey | null }>();
const emit = defineEmits<{ open: [key: ChoiceKey] }>();
const { draft, bench } = useWork();
const { errors } = bench;

/** Units of one build that are calculated at most. */
const MOST = 24;
/** As many as stand in rows of four with the number of units. */
const FEW = 7;
</script>

<template>
    <div class="tray" :class="{ nine: choosable(catalogue, draft.choices).length > FEW }">
        <Button
            v-for="choice in choosable(catalogue, draft.choices)"
            :key="choice.key"
            type="text"
            class="tile"
            :class="{ open: open === choice.key, wrong: errors[`unit.${choice.key}`] }"
            :aria-expanded="open === choice.key"
            :aria-label="`${choice.name}: ${chosen(catalogue, draft.choices, choice.key)?.name ?? 'none'}. Change`"
            @click="emit('open', choice.key)"
        >
            <span class="name">{{ choice.name }}</span>
            <b>{{ chosen(catalogue, draft.choices, choice.key)?.name }}</b>
        </Button>
        <div class="tile units" :class="{ wrong: errors['unit.units'] }">
            <span class="name">Units</span>
            <NumberStepper
                :value="draft.choices.units"
                :max="MOST"
                label="Units"
                less="One unit less"
                more="One unit more"
                @change="(units) => (draft.choices = { ...draft.choices, units })"
            />
        </div>
    </div>
</template>

<style scoped>
.tray {
    display: grid;
    grid-template-columns: repeat(4, minmax(0, 1fr));
    background: var(--sheet);
    border-top: 1px solid var(--line);
}
.nine {
    grid-template-columns: repeat(5, minmax(0, 1fr));
}
.nine .units {
    grid-column: span 2;
}
.tile {
    height: auto;
    white-space: normal;
    display: grid;
    align-content: start;
    gap: 2px;
    padding: 5px 12px 8px;
    text-align: left;
    font-size: 14px;
    line-height: 1.25;
    color: var(--ink);
    background: none;
    border: 0;
    border-right: 1px solid var(--line);
    border-bottom: 1px solid var(--line);
    border-top: 4px solid transparent;
    border-radius: 0;
    min-height: 58px;
}
.tile b {
    font-weight: 700;
}
.tile:hover {
    background: var(--paper);
}
.tile.open {
    border-top-color: var(--clean);
    background: var(--paper);
}
.tile.wrong {
    border-top-color: var(--short);
    background: var(--short-soft);
}
.name {
    color: var(--pencil);
    font-size: 13px;
}
.units {
    cursor: default;
    border-right: 0;
}
@media (max-width: 900px) {
    .tray,
    .nine {
        grid-template-columns: 1fr 1fr;
    }
    .tile {
        border-bottom: 1px solid var(--line);
    }
}
</style>
