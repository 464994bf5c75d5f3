<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { computed, nextTick, onMounted, ref, watch } from 'vue';
import type { Option } from '../../api/client';
import { useMeasure } from '../../composables/useMeasure';

const props = defineProps<{
    name: string;
    options: Option[];
    value: string;
    misfits: Record<string, string>;
    notes: Record<string, string>;
    currency: string;
}>();
const emit = defineEmits<{ choose: [id: string]; look: [id: string | null]; close: [] }>();
const { show } = useMeasure();
const sought = ref('');
const allShown = ref(false);
const panel = ref<HTMLElement>();

const words = computed(() => sought.value.toLowerCase().split(/\s+/).filter(Boolean));
const found = computed(() =>
    props.options.filter((option) => words.value.every((word) => `${option.name} ${option.group}`.toLowerCase().includes(word))),
);
const fitting = computed(() => found.value.filter((option) => !(option.id in props.misfits)));
const misfitting = computed(() => found.value.filter((option) => option.id in props.misfits));

async function focusChosen(): Promise<void> {
    await nextTick();
    const chosen = panel.value?.querySelector<HTMLElement>('[aria-checked=true]');
    (chosen ?? panel.value)?.focus({ preventScroll: true });
    chosen?.scrollIntoView({ block: 'nearest' });
}
onMounted(focusChosen);
watch(
    () => props.name,
    () => {
        sought.value = '';
        allShown.value = false;
        void focusChosen();
    },
);
</script>

<template>
    <aside ref="panel" class="panel" tabindex="-1" :aria-label="`Choose: ${name}`" @keydown.esc="emit('close')">
        <header>
            <h2>{{ name }}</h2>
            <Button type="text" aria-label="Close" @click="emit('close')">✕</Button>
        </header>
        <Input v-if="options.length > 16" v-model:value="sought" placeholder="Search, for example “20x20 14 dense”" aria-label="Search" />
        <div class="list" @pointerleave="emit('look', null)">
            <div class="choices" role="radiogroup" :aria-label="name">
                <template v-for="option in fitting" :key="option.id">
                    <button
                        type="button"
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
                    </button>
                    <slot v-if="option.id === value" />
                </template>
            </div>
            <p v-if="found.length === 0" class="none">Nothing found. Try a size, a grade or a kind.</p>
            <button v-if="misfitting.length" type="button" class="more" :aria-expanded="allShown" @click="allShown = !allShown">
                {{ allShown ? 'Hide' : 'Show' }} {{ misfitting.length }} that do not fit
            </button>
            <template v-if="allShown">
                <div v-for="option in misfitting" :key="option.id" class="option misfit">
                    <b>{{ option.name }}</b>
                    <span class="facts">{{ misfits[option.id] }}</span>
                </div>
            </template>
        </div>
        <slot name="foot" />
    </aside>
</template>

<style scoped>
.panel {
    position: absolute;
    inset: 0 auto 0 0;
    width: min(400px, 100%);
    z-index: 5;
    display: grid;
    grid-template-rows: auto auto 1fr auto;
    gap: 8px;
    padding: 10px 0 0 14px;
    background: var(--sheet);
    border-right: 1px solid var(--line);
    box-shadow: var(--shadow);
}
.panel:focus {
    outline: none;
}
header {
    display: flex;
    justify-content: space-between;
    align-items: center;
    padding-right: 8px;
}
h2 {
    font-size: 18px;
}
.panel > :deep(.ant-input) {
    width: calc(100% - 14px);
}
.list {
    overflow-y: auto;
    padding: 0 12px 12px 0;
    display: grid;
    align-content: start;
    gap: 4px;
    grid-row: 3;
}
.option {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0 8px;
    padding: 8px 11px;
    text-align: left;
    font: inherit;
    font-size: 15px;
    color: var(--ink);
    background: none;
    border: 1px solid var(--line);
    cursor: pointer;
}
.option:hover {
    border-color: var(--kraft-edge);
}
.option[aria-checked='true'] {
    border-color: var(--clean);
    box-shadow: inset 5px 0 0 var(--clean);
    background: var(--clean-soft);
}
.price {
    font-size: 12px;
    align-self: center;
}
.facts {
    grid-column: 1 / -1;
    color: var(--pencil);
    font-size: 13.5px;
}
.option[aria-checked='true'] .facts,
.option[aria-checked='true'] .from {
    color: var(--ink);
}
.from {
    grid-column: 1 / -1;
    font-size: 12.5px;
    color: var(--pencil);
    font-style: italic;
}
.choices {
    display: grid;
    gap: 4px;
}
.with {
    grid-column: 1 / -1;
    font-size: 13px;
    font-weight: 700;
    color: var(--bypass);
}
.misfit {
    cursor: default;
    border-style: dashed;
    background: var(--paper);
}
.more {
    padding: 8px;
    font: inherit;
    font-size: 14px;
    color: var(--ink);
    background: none;
    border: 0;
    text-decoration: underline;
    cursor: pointer;
}
.none {
    color: var(--pencil);
    padding: 12px 0;
}
</style>
