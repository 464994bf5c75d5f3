<script setup lang="ts">
import { computed } from 'vue';
import type { Ledger, Shown, Speed } from '../../api/client';
import { useMeasure } from '../../composables/useMeasure';
import SchoolList from './SchoolList.vue';

const props = defineProps<{ ledger: Ledger; before: Ledger | null; current: boolean; currency: string }>();
const emit = defineEmits<{ speed: [name: string] }>();
const { show } = useMeasure();

const unit = computed(() => props.ledger.unit);
const speed = computed(() => unit.value?.speeds[unit.value.chosen]);
const was = computed(() => props.before?.unit?.speeds[props.before.unit.chosen]);

type Row = { name: string; key: keyof Speed; strong?: boolean };
const ROWS: Row[] = [
    { name: 'Clean air', key: 'cleanAir', strong: true },
    { name: 'Air changes', key: 'airChanges', strong: true },
    { name: '90 % gone in', key: 'minutes90' },
    { name: '99 % gone in', key: 'minutes99' },
    { name: 'Level at 1 m', key: 'level' },
    { name: 'Power', key: 'watts' },
    { name: 'Through filters', key: 'filterFlow' },
    { name: 'Past filters', key: 'bypassFlow' },
    { name: 'Pressure in box', key: 'pressure' },
];
const rows = computed(() =>
    ROWS.map((row) => {
        const now = speed.value ? show(speed.value[row.key] as Shown) : '';
        const then = was.value ? show(was.value[row.key] as Shown) : now;
        return { ...row, now, then: then === now ? '' : then };
    }),
);
const money = computed(() => {
    const [now, then] = [unit.value?.cost, props.before?.unit?.cost];
    const row = (name: string, key: 'first' | 'twoYears') => ({
        name,
        now: now?.[key],
        then: then && then[key] !== now?.[key] ? then[key] : '',
    });
    return [row('First cost', 'first'), row('Two years', 'twoYears')];
});
const VERDICT = { meets: '✓ Reaches the goal', warns: '✓ Reaches the goal, with a warning', short: '✕ Falls short' };
</script>

<template>
    <section class="ledger" :class="{ stale: !current }" aria-label="Ledger: goal against result" aria-live="polite">
        <header>
            <span class="goal">Goal</span>
            <b>{{ ledger.goal }}</b>
            <span class="figure asks">{{ show(ledger.goalAsks) }}</span>
        </header>
        <template v-if="unit && speed">
            <p class="verdict" :class="unit.standing" data-test="verdict">{{ VERDICT[unit.standing] }}</p>
            <div class="band" aria-hidden="true">
                <i :class="{ short: !speed.reachesGoal }" :style="{ width: `${Math.min(100, speed.goalShare * 75)}%` }" />
            </div>
            <ul class="findings">
                <li v-for="finding in unit.findings" :key="finding.rule" :class="finding.standing" :data-rule="finding.rule">
                    {{ show(finding.text) }} <b v-if="finding.mend">{{ show(finding.mend) }}</b>
                </li>
                <li v-for="remark in unit.remarks" :key="remark" class="remark">{{ remark }}</li>
            </ul>
            <p class="needed">
                This room needs <b class="figure" data-test="needed">{{ unit.needed }}</b> {{ unit.needed === 1 ? 'unit' : 'units' }} at
                this speed.
            </p>
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
            <table>
                <tbody>
                    <tr v-for="row in rows" :key="row.name" :class="{ strong: row.strong }">
                        <th scope="row">{{ row.name }}</th>
                        <td class="was figure">
                            <s v-if="row.then" :aria-label="`was ${row.then}`">{{ row.then }}</s>
                        </td>
                        <td class="figure" :data-row="row.key">{{ row.now }}</td>
                    </tr>
                    <tr v-for="row in money" :key="row.name">
                        <th scope="row">{{ row.name }}</th>
                        <td class="was figure">
                            <s v-if="row.then">{{ row.then }}</s>
                        </td>
                        <td class="figure">{{ currency }} {{ row.now }}</td>
                    </tr>
                </tbody>
            </table>
            <p class="sure">
                From <b>{{ unit.provenance }}</b> figures. Two years: first cost and four changes of filters, no energy.
            </p>
            <SchoolList :targets="ledger.targets" />
        </template>
        <template v-else>
            <table>
                <tbody>
                    <tr class="strong">
                        <th scope="row">Volume</th>
                        <td class="figure" data-row="volume">{{ show(ledger.volume) }}</td>
                    </tr>
                    <tr>
                        <th scope="row">Floor</th>
                        <td class="figure">{{ show(ledger.floorArea) }}</td>
                    </tr>
                </tbody>
            </table>
            <p class="sure">Nothing built yet. Choose the goal, then a fan, a filter and a shape.</p>
            <SchoolList :targets="ledger.targets" />
        </template>
        <details v-if="ledger.cautions.length" class="cautions">
            <summary>{{ ledger.cautions.length }} cautions apply</summary>
            <p v-for="caution in ledger.cautions" :key="caution.id">
                <b>{{ caution.title }}.</b> {{ caution.text }}
            </p>
            <p>Local codes, the makers’ instructions and licensed trades come first.</p>
        </details>
    </section>
</template>

<style scoped>
.ledger {
    display: grid;
    align-content: start;
    gap: 8px;
    padding: 14px 16px 16px;
    background: var(--sheet);
    border-left: 1px solid var(--line);
    overflow-y: auto;
    min-height: 0;
}
.stale > :not(header) {
    opacity: 0.62;
}
header {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0 8px;
    align-items: baseline;
}
.goal {
    grid-column: 1 / -1;
    color: var(--pencil);
    font-size: 13px;
}
.asks {
    font-size: 14px;
    font-weight: 600;
}
.verdict {
    font-size: 19px;
    font-weight: 700;
    padding: 7px 12px;
    background: var(--clean-soft);
    border-left: 6px solid var(--clean);
}
.verdict.short {
    background: var(--short-soft);
    border-left-color: var(--short);
}
.verdict.warns {
    background: var(--bypass-soft);
    border-left-color: var(--bypass);
}
.band {
    height: 12px;
    background:
        linear-gradient(
            90deg,
            transparent calc(75% - 1px),
            var(--ink) calc(75% - 1px),
            var(--ink) calc(75% + 1px),
            transparent calc(75% + 1px)
        ),
        var(--mat);
    border: 1px solid var(--line);
}
.band i {
    display: block;
    height: 100%;
    background: var(--clean);
    opacity: 0.9;
    transition: width 120ms ease-out;
}
.band i.short {
    background: repeating-linear-gradient(-45deg, var(--bypass) 0 6px, color-mix(in oklab, var(--bypass), transparent 35%) 6px 9px);
}
.findings {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    gap: 5px;
    font-size: 14px;
    line-height: 1.35;
}
.findings li {
    padding-left: 20px;
    position: relative;
}
.findings li::before {
    position: absolute;
    left: 2px;
    font-weight: 700;
}
.findings .meets::before {
    content: '✓';
    color: var(--clean);
}
.findings .warns::before {
    content: '△';
    color: var(--bypass);
}
.findings .short::before {
    content: '✕';
    color: var(--short);
}
.findings .remark {
    color: var(--pencil);
}
.findings .remark::before {
    content: '·';
}
.needed {
    font-size: 14px;
}
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
table {
    width: 100%;
    border-collapse: collapse;
    font-size: 14px;
}
th {
    font-weight: 400;
    text-align: left;
    color: var(--pencil);
    padding: 3px 0;
    white-space: nowrap;
}
td {
    text-align: right;
    font-size: 13px;
    white-space: nowrap;
    padding: 3px 0 3px 6px;
}
tr + tr > * {
    border-top: 1px solid var(--line);
}
.strong td:last-child {
    font-size: 16px;
    font-weight: 700;
}
.strong th {
    color: var(--ink);
    font-weight: 700;
}
.was {
    color: var(--pencil);
    font-size: 11px;
}
.sure {
    font-size: 13px;
    color: var(--pencil);
}
.cautions {
    font-size: 14px;
    border-top: 1px solid var(--line);
    padding-top: 8px;
}
.cautions summary {
    font-weight: 700;
    cursor: pointer;
}
.cautions p {
    padding-top: 6px;
}
</style>
