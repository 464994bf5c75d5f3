<script setup lang="ts">
import { computed } from 'vue';
import type { Comparison } from '../../api/client';
import SceneDrawing from '../../drawing/SceneDrawing.vue';
import { useMeasure } from '../../session/useMeasure';
import { useWork } from '../work/useWork';

/** One of the builds that stand side by side: its drawing, its figures, and what it is best at. */
const props = defineProps<{ name: string; answer: Comparison['columns'][number] | undefined }>();
const { currency } = useWork();
const { show } = useMeasure();

/** A bar is as long as one and a half times the goal. */
const BAR = 1.5;
const unit = computed(() => props.answer?.ledger.unit ?? null);
const speed = computed(() => unit.value?.speeds[unit.value.chosen] ?? null);
const rows = computed(() => {
    if (!unit.value || !speed.value) return [];
    const { cost, form } = unit.value;
    return [
        { name: `clean, on ${speed.value.name}`, figure: show(speed.value.clean_air) },
        { name: '90 % gone', figure: show(speed.value.minutes90) },
        { name: 'bypass', figure: show(speed.value.bypass_share) },
        { name: 'pressure', figure: show(speed.value.pressure) },
        { name: 'level', figure: show(speed.value.level) },
        { name: 'power', figure: show(speed.value.watts) },
        { name: 'first cost', figure: `${currency.value} ${cost.first}` },
        { name: `total cost, ${cost.years}`, figure: `${currency.value} ${cost.total}` },
        { name: 'work', figure: `${form.minutes} min` },
    ];
});
</script>

<template>
    <article>
        <h3>{{ name }}</h3>
        <template v-if="unit && speed && answer">
            <div class="sketch">
                <SceneDrawing :drawing="unit.drawing" :title="name" :extents="false" :margin="8" />
            </div>
            <p class="what">{{ unit.summary }}</p>
            <div class="bar" :title="`${Math.round(speed.goal_share * 100)} % of the goal`">
                <i :style="{ width: `${Math.min(100, (speed.goal_share / BAR) * 100)}%` }" /><b />
            </div>
            <dl class="figure">
                <template v-for="row in rows" :key="row.name">
                    <dt>{{ row.name }}</dt>
                    <dd>{{ row.figure }}</dd>
                </template>
            </dl>
            <ul v-if="answer.bests.length" aria-label="Best at">
                <li v-for="best in answer.bests" :key="best">{{ best }}</li>
            </ul>
            <div class="acts"><slot /></div>
        </template>
    </article>
</template>

<style scoped>
article {
    display: flex;
    flex-direction: column;
    gap: 4px;
    padding: 8px 12px 10px;
    min-height: 420px;
    background: var(--sheet);
    border: 1px solid var(--line);
    box-shadow: var(--shadow);
}
h3 {
    font-size: 16px;
}
.sketch {
    height: clamp(132px, 21vh, 200px);
}
.what {
    min-height: 3.6em;
    font-size: 13px;
    line-height: 1.25;
    color: var(--pencil);
}
ul {
    display: flex;
    flex-wrap: wrap;
    gap: 3px 5px;
    margin: 0;
    padding: 0;
    list-style: none;
}
li {
    padding: 0 7px;
    font-size: 13px;
    font-weight: 700;
    color: #2b251f;
    background: var(--tape);
    border: 1px solid var(--tape-edge);
}
dl {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 1px 8px;
    margin: 4px 0;
    font-size: 13px;
}
dt {
    font: 13px/1.45 var(--text);
    color: var(--pencil);
}
dd {
    margin: 0;
    text-align: right;
    font-weight: 600;
}
.bar {
    position: relative;
    height: 12px;
    border: 1px solid var(--line);
    background: var(--paper);
}
.bar i {
    position: absolute;
    inset: 0 auto 0 0;
    background: var(--clean);
}
.bar b {
    position: absolute;
    top: -3px;
    bottom: -3px;
    left: 66.67%;
    border-left: 2px solid var(--ink);
}
.acts {
    display: flex;
    gap: 6px;
    margin-top: auto;
}
</style>
