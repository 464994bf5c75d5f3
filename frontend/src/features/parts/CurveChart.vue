<script setup lang="ts">
import { computed } from 'vue';
import type { PartSheet } from '../../api/client';
import { DataPlot, type Plot } from '../../plot/plot';

/** The curve of a fan at each speed, or of a filter. */
const props = defineProps<{ curve: NonNullable<PartSheet['curve']> }>();
const plot = computed<Plot>(() => {
    const { title, across, up, curves } = props.curve;
    const isMany = curves.length > 1;
    return {
        title,
        across,
        up,
        lines: curves.map(({ name, line }, index) => ({
            key: name,
            name: isMany ? `Speed ${name}` : 'Clean',
            ...(isMany ? { inKey: `Speeds ${curves[0]!.name} to ${curves.at(-1)!.name}, the fastest outermost` } : {}),
            line,
            look: index === curves.length - 1 ? 'clean' : 'fan',
        })),
    };
});
</script>

<template>
    <DataPlot :plot="plot" class="curve" />
</template>

<style scoped>
.curve {
    height: 300px;
}
</style>
