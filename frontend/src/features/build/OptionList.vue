<script setup lang="ts">
import { Button } from 'ant-design-vue';
import type { Option } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';

/** Parts or ways to choose from, each with its facts; what belongs to the chosen one stands beneath it. */
defineProps<{ name: string; options: Option[]; value: string; notes: Record<string, string>; currency: string }>();
const emit = defineEmits<{ choose: [id: string]; look: [id: string] }>();
const { show } = useMeasure();
</script>

<template>
    <div class="choices" role="radiogroup" :aria-label="name">
        <template v-for="option in options" :key="option.id">
            <Button
                role="radio"
                class="option"
                :aria-checked="option.id === value"
                :data-option="option.id"
                @pointerenter="emit('look', option.id)"
                @focus="emit('look', option.id)"
                @click="emit('choose', option.id)"
            >
                <b>{{ option.name }}</b>
                <span v-if="option.price" class="price figure">{{ currency }} {{ option.price }}</span>
                <span class="facts">{{ option.facts.map((fact) => show(fact)).join(' · ') }}</span>
                <span v-if="notes[option.id]" class="with">{{ notes[option.id] }}</span>
                <span v-if="option.provenance" class="from">{{ option.provenance }} figures</span>
            </Button>
            <slot v-if="option.id === value" />
        </template>
    </div>
</template>

<style scoped>
.choices {
    display: grid;
    gap: 4px;
}
.option {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0 8px;
    height: auto;
    padding: 8px 11px;
    text-align: left;
    white-space: normal;
    font-size: 15px;
    line-height: 1.4;
    color: var(--ink);
    background: none;
    border: 1px solid var(--line);
}
.option:hover {
    color: var(--ink) !important;
    border-color: var(--kraft-edge) !important;
}
.option[aria-checked='true'] {
    border-color: var(--clean);
    box-shadow: inset 5px 0 0 var(--clean) !important;
    background: var(--clean-soft);
}
.price {
    font-size: 12px;
    align-self: center;
}
.facts,
.from,
.with {
    grid-column: 1 / -1;
}
.facts {
    color: var(--pencil);
    font-size: 13.5px;
}
.from {
    font-size: 12.5px;
    color: var(--pencil);
    font-style: italic;
}
.option[aria-checked='true'] .facts,
.option[aria-checked='true'] .from {
    color: var(--ink);
}
.with {
    font-size: 13px;
    font-weight: 700;
    color: var(--bypass);
}
</style>
