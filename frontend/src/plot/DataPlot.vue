<script setup lang="ts">
import { CustomChart, LineChart } from 'echarts/charts';
import { GridComponent, TooltipComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import VChart from 'vue-echarts';
import { useMeasure } from '../session/useMeasure';
import { LOOKS } from './looks';
import type { Place, Plot } from './plot';
import { optionOf, EDGES } from './option';
import PlotKey from './PlotKey.vue';
import PlotTable from './PlotTable.vue';
import { usePlotReading } from './usePlotReading';

use([CustomChart, GridComponent, LineChart, SVGRenderer, TooltipComponent]);

/** Lines over a pair of axes: read with the pointer, point by point with the keyboard, or as a table. */
const props = defineProps<{ plot: Plot }>();
defineSlots<{ over?(props: { place: (point: number[] | undefined) => Place }): unknown }>();
const { measure } = useMeasure();

const isTable = ref(false);
const option = computed(() => optionOf(props.plot, measure.value));
const read = computed(() => props.plot.lines.filter((line) => !line.isSilent));
const edges = { left: `${EDGES.left}px`, right: `${EDGES.right}px`, top: `${EDGES.top}px`, bottom: `${EDGES.bottom}px` };

/** Where a point lies, for what is drawn over the plot. */
function place(point: number[] | undefined): Place {
    const [x = 0, y = 0] = point ?? [];
    const { across, up } = props.plot;
    return {
        left: `${(100 * x) / across[measure.value].most}%`,
        top: `${props.plot.isBoth ? 50 - (50 * y) / up[measure.value].most : 100 - (100 * y) / up[measure.value].most}%`,
    };
}
const reading = usePlotReading(() => props.plot, read, measure);
const { at, said } = reading;
</script>

<template>
    <figure class="plot" :aria-label="plot.title">
        <div class="chart">
            <VChart v-show="!isTable" class="lines" :option="option" :init-options="{ renderer: 'svg' }" autoresize aria-hidden="true" />
            <div
                v-show="!isTable"
                class="over"
                :style="edges"
                tabindex="0"
                role="application"
                :aria-label="`${plot.title}. Arrows read it point by point.`"
                @keydown="reading.onKey"
                @blur="reading.leave()"
            >
                <slot name="over" :place="place" />
                <span v-if="at" class="cursor" :style="place(at.point)" aria-hidden="true" />
                <span v-if="at" class="said figure" :style="place(at.point)">{{ said }}</span>
            </div>
            <p class="visually-hidden" aria-live="polite">{{ said }}</p>
            <PlotTable v-if="isTable" :plot="plot" :lines="read" :measure="measure" />
        </div>
        <figcaption>
            <PlotKey :looks="LOOKS" :plot="plot" />
            <Button type="link" size="small" :aria-pressed="isTable" @click="isTable = !isTable">{{ isTable ? 'Plot' : 'Table' }}</Button>
        </figcaption>
    </figure>
</template>

<style scoped>
.plot {
    margin: 0;
    min-height: 0;
    display: grid;
    grid-template-rows: minmax(0, 1fr) auto;
    gap: 4px;
    font-size: 14px;
    color: var(--pencil);
}
.chart {
    position: relative;
    min-height: 240px;
    overflow: auto;
}
.lines {
    position: absolute;
    inset: 0;
}
.over {
    position: absolute;
    pointer-events: none;
}
.over > :deep(*) {
    pointer-events: auto;
}
.cursor {
    position: absolute;
    width: 12px;
    height: 12px;
    translate: -50% -50%;
    border: 3px solid var(--ink);
    border-radius: 50%;
    background: var(--sheet);
}
.said {
    position: absolute;
    z-index: 3;
    translate: -50% calc(-100% - 10px);
    padding: 2px 8px;
    font-size: 13px;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--line);
    white-space: nowrap;
}
figcaption {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 2px 18px;
}
</style>
