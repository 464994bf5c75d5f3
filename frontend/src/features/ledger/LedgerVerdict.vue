<script setup lang="ts">
import type { Speed, Unit } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import VerdictMark from './VerdictMark.vue';

defineProps<{ unit: Unit; speed: Speed }>();
const { show } = useMeasure();

/** Where a share of the goal stands along the band, in which the goal is three quarters of the way. */
const along = (share: number): number => Math.min(100, share * 75);
/** A build that reaches its goal may still be louder than the room allows, or have something to be warned about. */
function besides({ likelihood, standing }: Unit): string {
    if (standing === 'short') return likelihood === 'reaches' || likelihood === 'probably' ? ', but is too loud' : '';
    return likelihood === 'reaches' && standing === 'warns' ? ', with a warning' : '';
}
</script>

<template>
    <VerdictMark :standing="unit.standing" data-test="verdict">
        {{ unit.verdict }}{{ besides(unit) }}
        <template #small
            >chance to reach the goal <b class="figure" data-test="chance">{{ show(unit.chance_text) }}</b></template
        >
    </VerdictMark>
    <div class="band" aria-hidden="true">
        <i :class="{ short: !speed.reaches_goal }" :style="{ width: `${along(speed.goal_share)}%` }" />
        <u :style="{ left: `${along(unit.band.low_share)}%`, right: `${100 - along(unit.band.high_share)}%` }" />
    </div>
    <ul class="findings">
        <li v-for="finding in unit.findings" :key="finding.rule" :class="finding.standing" :data-rule="finding.rule">
            {{ show(finding.text) }} <b v-if="finding.mend">{{ show(finding.mend) }}</b>
        </li>
        <li v-for="remark in unit.remarks" :key="remark" class="remark">{{ remark }}</li>
    </ul>
    <p class="needed">
        With these figures the room needs <b class="figure" data-test="needed">{{ unit.needed }}</b>
        {{ unit.needed === 1 ? 'unit' : 'units' }} at this speed.
    </p>
    <p v-if="unit.surer" class="surer" data-test="surer">What would make it surer: {{ show(unit.surer) }}</p>
</template>

<style scoped>
.band {
    position: relative;
    height: 14px;
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
.band u {
    position: absolute;
    top: 5px;
    height: 2px;
    background: var(--ink);
    box-shadow: 0 0 0 1px var(--sheet);
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
.needed,
.surer {
    font-size: 14px;
}
.surer {
    padding: 6px 10px;
    background: var(--mat);
    line-height: 1.35;
}
</style>
