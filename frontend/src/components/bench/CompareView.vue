<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Choices } from '../../api/client';
import { useComparison, useDisputes, type Question } from '../../api/queries';
import { useMeasure } from '../../composables/useMeasure';

import { MOST_PINNED } from './choices';
import SceneDrawing from '../SceneDrawing.vue';

const props = defineProps<{ question: Question | null; choices: Choices; programme: number; pinned: Choices[]; currency: string }>();
const emit = defineEmits<{ take: [choices: Choices]; pin: []; unpin: [index: number] }>();
const { show } = useMeasure();

const disputes = useDisputes(
    computed(() => props.choices),
    computed(() => props.programme),
);
const asked = ref<string | null>(null);
const dispute = computed(() => disputes.data.value?.find(({ id }) => id === asked.value) ?? null);
const columns = computed<{ name: string; choices: Choices; pin: number | null }[]>(() =>
    dispute.value
        ? dispute.value.sides.map(({ name, choices }) => ({ name, choices, pin: null }))
        : [
              { name: 'On the bench', choices: props.choices, pin: null },
              ...props.pinned.map((choices, index) => ({ name: `Pinned ${index + 1}`, choices, pin: index })),
          ],
);
const comparison = useComparison(
    computed(() => props.question),
    computed(() => columns.value.map(({ choices }) => choices)),
);
/** Answers belong to the columns they were asked for. */
const answers = computed(() => (comparison.isPlaceholderData.value ? [] : (comparison.data.value?.columns ?? [])));
</script>

<template>
    <section class="compare" aria-label="Compare">
        <div class="asks" role="group" aria-label="Disputed questions">
            <button type="button" :aria-pressed="dispute === null" @click="asked = null">Pinned builds</button>
            <button
                v-for="one in disputes.data.value"
                :key="one.id"
                type="button"
                :data-dispute="one.id"
                :aria-pressed="one.id === asked"
                @click="asked = one.id"
            >
                {{ one.question }}
            </button>
        </div>
        <p v-if="!dispute" class="pinning">
            <button type="button" :disabled="pinned.length >= MOST_PINNED" @click="emit('pin')">Pin this build</button>
            then change it: up to four builds stand side by side.
        </p>
        <div class="columns" :style="{ '--columns': columns.length }" :aria-busy="comparison.isFetching.value">
            <article v-for="(column, index) in columns" :key="column.name">
                <h3>{{ column.name }}</h3>
                <template v-if="answers[index]?.ledger.unit">
                    <div class="sketch">
                        <SceneDrawing :drawing="answers[index]!.ledger.unit!.drawing" :title="column.name" :extents="false" :margin="8" />
                    </div>
                    <p class="what">{{ answers[index]!.ledger.unit!.summary }}</p>
                    <template
                        v-for="speed in [answers[index]!.ledger.unit!.speeds[answers[index]!.ledger.unit!.chosen]!]"
                        :key="speed.name"
                    >
                        <div class="bar" :title="`${Math.round(speed.goalShare * 100)} % of the goal`">
                            <i :style="{ width: `${Math.min(100, (speed.goalShare / 1.5) * 100)}%` }" /><b />
                        </div>
                        <dl class="figure">
                            <dt>clean, on {{ speed.name }}</dt>
                            <dd>{{ show(speed.cleanAir) }}</dd>
                            <dt>90 % gone</dt>
                            <dd>{{ show(speed.minutes90) }}</dd>
                            <dt>bypass</dt>
                            <dd>{{ show(speed.bypassShare) }}</dd>
                            <dt>pressure</dt>
                            <dd>{{ show(speed.pressure) }}</dd>
                            <dt>level</dt>
                            <dd>{{ show(speed.level) }}</dd>
                            <dt>power</dt>
                            <dd>{{ show(speed.watts) }}</dd>
                            <dt>first cost</dt>
                            <dd>{{ currency }} {{ answers[index]!.ledger.unit!.cost.first }}</dd>
                            <dt>total cost, {{ answers[index]!.ledger.unit!.cost.years }}</dt>
                            <dd>{{ currency }} {{ answers[index]!.ledger.unit!.cost.total }}</dd>
                            <dt>work</dt>
                            <dd>{{ answers[index]!.ledger.unit!.form.minutes }} min</dd>
                        </dl>
                    </template>
                    <ul v-if="answers[index]!.bests.length" aria-label="Best at">
                        <li v-for="best in answers[index]!.bests" :key="best">{{ best }}</li>
                    </ul>
                    <div class="acts">
                        <button v-if="index > 0 || dispute" type="button" @click="emit('take', column.choices)">Use this build</button>
                        <button v-if="column.pin !== null" type="button" class="less" @click="emit('unpin', column.pin)">Unpin</button>
                    </div>
                </template>
            </article>
        </div>
    </section>
</template>

<style scoped>
.compare {
    display: grid;
    grid-template-rows: auto auto 1fr;
    align-content: start;
    gap: 6px;
    padding: 58px 14px 12px;
    min-height: 0;
    overflow-y: auto;
}
.asks {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
}
.asks button,
.pinning button {
    padding: 4px 10px;
    font: inherit;
    font-size: 14px;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--pencil);
    cursor: pointer;
}
.asks [aria-pressed='true'] {
    color: #2b251f;
    background: var(--tape);
    border-color: var(--tape-edge);
    font-weight: 700;
}
.pinning button:disabled {
    opacity: 0.5;
}
.columns {
    display: grid;
    grid-template-columns: repeat(var(--columns), minmax(0, 360px));
    gap: 12px;
    align-content: start;
}
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
.acts {
    margin-top: auto;
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
    grid-column: 1 / -1;
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
}
.acts button {
    flex: 1;
    padding: 6px 8px;
    font: inherit;
    font-size: 14px;
    font-weight: 700;
    color: var(--sheet);
    background: var(--clean);
    border: 0;
    cursor: pointer;
}
.acts .less {
    flex: none;
    color: var(--ink);
    background: none;
    border: 1px solid var(--pencil);
    font-weight: 400;
}
@media (max-width: 900px) {
    .compare {
        padding-top: 10px;
        overflow: visible;
    }
    .columns {
        grid-template-columns: repeat(var(--columns), 230px);
        overflow-x: auto;
    }
}
</style>
