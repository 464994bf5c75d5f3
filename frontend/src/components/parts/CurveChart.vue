<script setup lang="ts">
import type { PartSheet } from '../../api/client';
import PlotAxes from '../PlotAxes.vue';

defineProps<{ curve: NonNullable<PartSheet['curve']> }>();
</script>

<template>
    <figure>
        <PlotAxes :across="curve.across" :up="curve.up" class="plotted">
            <svg
                viewBox="0 0 1 1"
                preserveAspectRatio="none"
                role="img"
                :aria-label="`${curve.up.name} over ${curve.across.name.toLowerCase()}`"
            >
                <path
                    v-for="(one, index) in curve.curves"
                    :key="one.name"
                    :d="one.path"
                    class="curve"
                    :style="{ opacity: 0.35 + (0.65 * (index + 1)) / curve.curves.length }"
                />
            </svg>
        </PlotAxes>
        <figcaption v-if="curve.curves.length > 1">
            Speeds {{ curve.curves[0]?.name }} to {{ curve.curves.at(-1)?.name }}, the fastest outermost
        </figcaption>
    </figure>
</template>

<style scoped>
figure {
    margin: 0;
    font-size: 13px;
    color: var(--pencil);
}
.plotted {
    height: 250px;
}
svg {
    position: absolute;
    width: 100%;
    height: 100%;
    overflow: visible;
}
.curve {
    stroke: var(--clean);
    stroke-width: 2.5;
    fill: none;
    vector-effect: non-scaling-stroke;
}
</style>
