<script setup lang="ts">
import type { Catalogue, Choices } from '../../api/client';
import { choosable, chosen, type ChoiceKey } from './choices';

defineProps<{ catalogue: Catalogue; choices: Choices; open: ChoiceKey | null; errors: Record<string, string[]> }>();
const emit = defineEmits<{ open: [key: ChoiceKey]; units: [units: number] }>();
</script>

<template>
    <div class="tray" :class="{ nine: choosable(catalogue, choices).length > 7 }">
        <button
            v-for="choice in choosable(catalogue, choices)"
            :key="choice.key"
            type="button"
            class="tile"
            :class="{ open: open === choice.key, wrong: errors[`unit.${choice.key}`] }"
            :aria-expanded="open === choice.key"
            :aria-label="`${choice.name}: ${chosen(catalogue, choices, choice.key)?.name ?? 'none'}. Change`"
            @click="emit('open', choice.key)"
        >
            <span class="name">{{ choice.name }}</span>
            <b>{{ chosen(catalogue, choices, choice.key)?.name }}</b>
        </button>
        <div class="tile units" :class="{ wrong: errors['unit.units'] }">
            <span class="name">Units</span>
            <span class="stepper">
                <button type="button" aria-label="One unit less" :disabled="choices.units <= 1" @click="emit('units', choices.units - 1)">
                    −
                </button>
                <b class="figure" aria-live="polite">{{ choices.units }}</b>
                <button type="button" aria-label="One unit more" :disabled="choices.units >= 24" @click="emit('units', choices.units + 1)">
                    +
                </button>
            </span>
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
    display: grid;
    align-content: start;
    gap: 2px;
    padding: 5px 12px 8px;
    text-align: left;
    font: inherit;
    font-size: 14px;
    line-height: 1.25;
    color: var(--ink);
    background: none;
    border: 0;
    border-right: 1px solid var(--line);
    border-bottom: 1px solid var(--line);
    border-top: 4px solid transparent;
    cursor: pointer;
    min-height: 58px;
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
.stepper {
    display: flex;
    align-items: center;
    gap: 8px;
}
.stepper button {
    width: 32px;
    height: 32px;
    font-size: 18px;
    line-height: 1;
    border: 1px solid var(--pencil);
    background: var(--sheet);
    color: var(--ink);
    cursor: pointer;
}
.stepper button:disabled {
    opacity: 0.4;
    cursor: default;
}
.stepper b {
    min-width: 1.4em;
    text-align: center;
    font-size: 17px;
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
