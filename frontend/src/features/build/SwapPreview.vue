<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue';
import type { Ledger } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import { ledgerRows } from '../ledger/rows';

const props = defineProps<{ now: Ledger; would: Ledger | null; fault: string; looking: boolean; currency: string }>();
const { measure, show } = useMeasure();

/** The last answer stays while the next is on its way, so that nothing jumps. */
const last = shallowRef<Ledger | null>(null);
watch(
    () => props.would,
    (would) => would && (last.value = would),
    { immediate: true },
);
const SHOWN = ['clean_air', 'air_changes', 'level', 'watts', 'first', 'total'];
const rows = computed(() =>
    last.value ? ledgerRows(last.value, props.now, measure.value, props.currency).filter((row) => SHOWN.includes(row.key)) : [],
);
const SAYS = {
    reaches: 'It would reach the goal',
    probably: 'It would probably reach the goal',
    'probably-not': 'It would probably fall short of the goal',
    'falls-short': 'It would fall short of the goal',
};
const unit = computed(() => last.value?.unit ?? null);
/** Whether it would reach the goal, and still be louder than the room allows. */
const isLoud = computed(
    () => unit.value?.standing === 'short' && (unit.value.likelihood === 'reaches' || unit.value.likelihood === 'probably'),
);
</script>

<template>
    <div class="swap" aria-live="polite" :class="{ waiting: looking && !would && !fault }">
        <template v-if="looking && fault">
            <b>It would not fit.</b>
            <p>{{ fault }}</p>
        </template>
        <template v-else-if="looking && last && unit">
            <b :class="unit.standing"
                >{{ unit.standing === 'short' ? '✕' : '✓' }} {{ SAYS[unit.likelihood] }}{{ isLoud ? ', but be too loud' : '' }}</b
            >
            <span class="chance figure">{{ show(unit.chance_text) }}</span>
            <dl>
                <div v-for="row in rows" :key="row.key" :class="{ same: !row.was }" :data-would="row.key">
                    <dt>{{ row.name }}</dt>
                    <dd class="figure">
                        <s v-if="row.was">{{ row.was }}</s> {{ row.now }}
                    </dd>
                </div>
            </dl>
        </template>
        <p v-else class="hint">Point at an option, or move to it with the keyboard, to see what it would change.</p>
    </div>
</template>

<style scoped>
.swap {
    grid-row: 4;
    min-height: 146px;
    padding: 9px 12px 10px;
    margin-right: 12px;
    margin-bottom: 10px;
    background: var(--paper);
    border: 1px solid var(--line);
    border-top: 5px solid var(--tape);
    font-size: 14px;
    align-content: start;
    display: grid;
    gap: 4px;
}
.waiting dl {
    opacity: 0.55;
}
.meets,
.warns {
    color: var(--clean);
}
.short {
    color: var(--short);
}
dl {
    margin: 0;
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 2px 14px;
}
dl div {
    display: grid;
}
dt {
    font-size: 12.5px;
    color: var(--pencil);
}
dd {
    margin: 0;
    font-size: 13px;
    font-weight: 700;
    white-space: nowrap;
}
.same dd {
    font-weight: 400;
}
s {
    font-weight: 400;
    color: var(--pencil);
}
.hint {
    color: var(--pencil);
}
</style>
