<script setup lang="ts">
import type { Proof } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import FoldAway from '../../ui/FoldAway.vue';
import MeasuredParts from './MeasuredParts.vue';
import type { Measuring } from './queries';
import { GRADES, STAGES } from './words';

/** Goal, design, built and proved in one ledger, each a band; the verdict, and what to do next. */
defineProps<{ proof: Proof; measuring: Measuring }>();
const { show } = useMeasure();
const percent = (share: number): string => `${(100 * share).toFixed(1)}%`;
const factor = (value: number): string => `× ${value.toFixed(2)}`;
</script>

<template>
    <aside class="ledger" aria-label="Ledger">
        <p class="grade" :class="proof.grade" data-test="grade">{{ GRADES[proof.grade] }}</p>
        <p class="says">{{ show(proof.says) }}</p>
        <div class="bars">
            <p class="row head">
                <span>Goal</span><b class="figure">{{ show(proof.asks) }}</b>
            </p>
            <template v-for="stage in proof.stages" :key="stage.key">
                <p class="row">
                    <span>{{ STAGES[stage.key] }}</span>
                    <b class="figure">{{ show(stage.gets.value) }}</b>
                </p>
                <div class="track" :class="stage.key">
                    <i :style="{ left: percent(stage.low), width: percent(stage.high - stage.low) }" />
                    <u :style="{ left: percent(stage.middle) }" />
                    <s :style="{ left: percent(proof.scale) }" title="The goal" />
                </div>
                <p class="range">{{ show(stage.gets.low) }} to {{ show(stage.gets.high) }} · chance {{ show(stage.chance) }}</p>
            </template>
        </div>
        <p v-if="proof.culprit" class="culprit">{{ show(proof.culprit) }}</p>
        <section v-if="proof.next.length" class="next">
            <h2>What to do next</h2>
            <ol>
                <li v-for="step in proof.next" :key="step.key">{{ show(step.text) }}</li>
            </ol>
        </section>
        <MeasuredParts v-if="proof.measured.length" :proof="proof" :measuring="measuring" />
        <FoldAway title="What the evidence says of the parts">
            <ul class="figures">
                <li v-for="one in proof.figures" :key="one.key">
                    <span>{{ one.name }}</span> <b class="figure">{{ factor(one.value) }}</b>
                    <small
                        >{{ factor(one.low) }} to {{ factor(one.high) }} of the catalogue’s
                        <template v-if="one.with">· not told apart well from: {{ one.with.toLowerCase() }}</template></small
                    >
                </li>
            </ul>
        </FoldAway>
        <p class="files">
            <a :href="`/api/v1/units/${proof.unit_id}/proof.pdf`" target="_blank" rel="noopener">Report (PDF)</a>
            <a :href="`/api/v1/units/${proof.unit_id}/evidence.csv`">CSV</a>
            <a :href="`/api/v1/units/${proof.unit_id}/evidence.json`">JSON</a>
        </p>
        <p class="aside">Bands hold the truth nineteen times in twenty (95 %).</p>
    </aside>
</template>

<style scoped>
.ledger {
    display: grid;
    gap: 10px;
    align-content: start;
    padding: 16px;
    background: var(--sheet);
    border: 1px solid var(--line);
}
p {
    margin: 0;
}
.grade {
    justify-self: start;
    padding: 3px 12px 4px;
    font-weight: 700;
    font-size: 17px;
    color: var(--ink);
    background: var(--paper);
    border-left: 6px solid var(--pencil);
}
.grade.pass {
    color: var(--sheet);
    background: var(--clean);
    border-color: var(--clean);
}
.grade.marginal {
    background: var(--bypass-soft);
    border-color: var(--bypass);
}
.grade.fail {
    background: var(--short-soft);
    border-color: var(--short);
}
.says,
.next li {
    font-size: 15px;
    line-height: 1.35;
}
.bars {
    position: relative;
    display: grid;
    gap: 2px;
    padding: 4px 0;
}
.row {
    display: flex;
    justify-content: space-between;
    margin-top: 6px;
}
.row.head {
    margin: 0;
}
.track {
    position: relative;
    height: 18px;
    background: var(--paper);
    border: 1px solid var(--line);
}
.track i {
    position: absolute;
    top: 3px;
    bottom: 3px;
    background: var(--clean);
    opacity: 0.35;
}
.track.proved i {
    opacity: 0.9;
}
.track.built i {
    opacity: 0.6;
}
.track u {
    position: absolute;
    top: 0;
    bottom: 0;
    width: 3px;
    margin-left: -1px;
    background: var(--ink);
}
.track s {
    position: absolute;
    top: -5px;
    bottom: -5px;
    border-left: 2px dashed var(--ink);
}
.range,
.aside,
small {
    font-size: 13px;
    color: var(--pencil);
}
.culprit {
    padding: 8px 10px;
    background: var(--paper);
    border-left: 4px solid var(--tape-edge);
    font-size: 15px;
    line-height: 1.35;
}
.files {
    display: flex;
    gap: 14px;
}
.files a {
    color: var(--clean);
    text-decoration: underline;
}
h2 {
    font-size: 16px;
}
ol,
ul {
    margin: 4px 0 0;
    padding-left: 20px;
    display: grid;
    gap: 6px;
}
.figures {
    list-style: none;
    padding: 0;
}
.figures small {
    display: block;
}
</style>
