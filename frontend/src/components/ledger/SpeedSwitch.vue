<script setup lang="ts">
import type { Unit } from '../../api/client';
import { useMeasure } from '../../composables/useMeasure';

defineProps<{ unit: Unit }>();
const emit = defineEmits<{ speed: [name: string] }>();
const { show } = useMeasure();
</script>

<template>
    <div class="speeds" role="radiogroup" aria-label="Speed">
        <button
            v-for="(one, index) in unit.speeds"
            :key="one.name"
            type="button"
            role="radio"
            :aria-checked="index === unit.chosen"
            :class="{ loud: !one.keepsQuiet, dense: unit.speeds.length > 5 }"
            :title="`Speed ${one.name}: ${show(one.level)}, ${show(one.cleanAir)}`"
            @click="emit('speed', one.name)"
        >
            <b>{{ one.name }}</b>
            <span v-if="unit.speeds.length <= 5" class="figure">{{ show(one.level) }}</span>
        </button>
    </div>
</template>

<style scoped>
.speeds {
    display: flex;
    border: 1px solid var(--pencil);
}
.speeds button {
    flex: 1;
    display: grid;
    justify-items: center;
    padding: 4px 2px;
    font: inherit;
    line-height: 1.2;
    color: var(--ink);
    background: none;
    border: 0;
    border-right: 1px solid var(--line);
    cursor: pointer;
    min-height: 36px;
}
.speeds button:last-child {
    border-right: 0;
}
.speeds .figure {
    font-size: 11px;
}
.speeds .loud .figure,
.speeds .loud.dense b {
    text-decoration: line-through;
    text-decoration-color: var(--short);
}
.speeds [aria-checked='true'] {
    background: var(--clean);
    color: var(--sheet);
}
</style>
