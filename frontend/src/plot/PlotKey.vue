<script setup lang="ts">
import { computed } from 'vue';
import { LOOKS } from './looks';
import type { Plot } from './plot';

/** What each look of a plot means, once each. */
const props = defineProps<{ plot: Plot }>();
const entries = computed(() => {
    const lines = props.plot.lines.filter((line) => !line.isSilent);
    const seen = new Map(lines.map((line) => [line.inKey ?? line.look, { ...line, isArea: false }]));
    return [...seen.values(), ...(props.plot.areas ?? []).map((area) => ({ ...area, isArea: true }))];
});
</script>

<template>
    <span v-for="entry in entries" :key="entry.key" class="entry">
        <i
            :class="{ area: entry.isArea }"
            :style="{
                borderTopColor: LOOKS[entry.look].color,
                borderTopStyle: LOOKS[entry.look].dash ? 'dashed' : 'solid',
                background: entry.isArea ? LOOKS[entry.look].color : 'none',
            }"
        />{{ entry.inKey ?? entry.name }}
    </span>
</template>

<style scoped>
.entry {
    display: inline-flex;
    align-items: center;
    gap: 7px;
}
i {
    width: 22px;
    border-top: 3px solid;
}
.area {
    height: 10px;
    border: 0;
    opacity: 0.25;
}
</style>
