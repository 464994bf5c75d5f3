<script setup lang="ts">
import type { PartSheet } from '../../api/client';
import { useMeasure } from '../../composables/useMeasure';

defineProps<{ curve: NonNullable<PartSheet['curve']> }>();
const { show } = useMeasure();
</script>

<template>
    <figure>
        <span class="up">{{ curve.up }}</span>
        <span class="most figure">{{ show(curve.mostUp) }}</span>
        <svg viewBox="0 0 1 1" preserveAspectRatio="none" role="img" :aria-label="`${curve.up} over ${curve.across.toLowerCase()}`">
            <path v-for="line in [0.25, 0.5, 0.75]" :key="line" :d="`M0 ${line}H1M${line} 0V1`" class="grid" />
            <path
                v-for="(one, index) in curve.curves"
                :key="one.name"
                :d="one.path"
                class="curve"
                :style="{ opacity: 0.35 + (0.65 * (index + 1)) / curve.curves.length }"
            />
        </svg>
        <span class="across">{{ curve.across }}</span>
        <span class="end figure">{{ show(curve.mostAcross) }}</span>
        <figcaption v-if="curve.curves.length > 1">
            Speeds {{ curve.curves[0]?.name }} to {{ curve.curves.at(-1)?.name }}, the fastest outermost
        </figcaption>
    </figure>
</template>

<style scoped>
figure {
    margin: 0;
    display: grid;
    grid-template-columns: auto 1fr auto;
    grid-template-rows: auto 190px auto auto;
    gap: 2px 6px;
    font-size: 13px;
    color: var(--pencil);
}
.up {
    grid-area: 1 / 1 / 2 / 3;
}
.most {
    grid-area: 1 / 3;
    text-align: right;
}
svg {
    grid-area: 2 / 1 / 3 / 4;
    width: 100%;
    height: 100%;
    background: var(--mat);
    border-left: 2px solid var(--ink);
    border-bottom: 2px solid var(--ink);
    overflow: visible;
}
.grid {
    stroke: var(--mat-line);
    fill: none;
    vector-effect: non-scaling-stroke;
}
.curve {
    stroke: var(--clean);
    stroke-width: 2.5;
    fill: none;
    vector-effect: non-scaling-stroke;
}
.across {
    grid-area: 3 / 1 / 4 / 3;
}
.end {
    grid-area: 3 / 3;
    text-align: right;
}
figcaption {
    grid-area: 4 / 1 / 5 / 4;
}
</style>
