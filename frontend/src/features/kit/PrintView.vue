<script setup lang="ts">
import { DownloadOutlined, FilePdfOutlined } from '@ant-design/icons-vue';
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { CutPlan } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import NoticeBar from '../../ui/NoticeBar.vue';
import OptionSwitch from '../../ui/OptionSwitch.vue';
import { pathOf, type PlanPart } from './mat';

/** What goes to the printer or to a machine: pages of each part at full size, a drawing with dimensions, files. */
const props = defineProps<{ version: number; plan: CutPlan }>();
const { measure, show } = useMeasure();
type Paper = 'a4' | 'letter';
const chosen = ref<Paper>();
const paper = computed<Paper>(() => chosen.value ?? (measure.value === 'imperial' ? 'letter' : 'a4'));
const PAPERS = [
    { value: 'letter' as const, label: 'Letter' },
    { value: 'a4' as const, label: 'A4' },
];
const file = (name: string): string => `/api/v1/versions/${props.version}/cut-files/${name}`;
const maps = computed(() => props.plan.parts.map((part) => ({ part, tiles: part.tiles.find((one) => one.paper === paper.value)! })));
const pages = computed(() => maps.value.reduce((sum, { tiles }) => sum + tiles.columns * tiles.rows, 0));

/** Pages over the part, mm with y down from the top of the uppermost. */
function map({ part, tiles }: { part: PlanPart; tiles: PlanPart['tiles'][number] }) {
    const [stepX, stepY] = [tiles.width - tiles.overlap, tiles.height - tiles.overlap];
    const [width, height] = [tiles.columns * stepX + tiles.overlap, tiles.rows * stepY + tiles.overlap];
    return {
        view: `-6 -6 ${width + 12} ${height + 12}`,
        ratio: width / height,
        path: pathOf(
            [part.outline, ...part.holes].map((points) => points.map(([x, y]) => [(x ?? 0) - tiles.left, (y ?? 0) - tiles.low])),
            height,
        ),
        pages: Array.from({ length: tiles.columns * tiles.rows }, (_, index) => {
            const [column, row] = [index % tiles.columns, Math.floor(index / tiles.columns)];
            return { name: `${String.fromCharCode(65 + row)}${column + 1}`, x: column * stepX, y: height - row * stepY - tiles.height };
        }),
    };
}
</script>

<template>
    <div class="print">
        <NoticeBar v-if="!plan.is_measured" kind="warning"
            >Sizes are still guessed: every drawing says “check sizes”. Measure them first.</NoticeBar
        >
        <div class="bar">
            <OptionSwitch :value="paper" :options="PAPERS" label="Paper" @choose="(next) => (chosen = next)" />
            <Button type="primary" :href="file(`full-size-${paper}.pdf`)" target="_blank" rel="noopener" :disabled="!plan.parts.length"
                ><FilePdfOutlined aria-hidden="true" /> Full size, {{ pages }} pages</Button
            >
            <Button :href="file(`drawing-${paper}.pdf`)" target="_blank" rel="noopener" :disabled="!plan.parts.length"
                ><FilePdfOutlined aria-hidden="true" /> Drawing with dimensions</Button
            >
            <Button :href="file('all.zip')"><DownloadOutlined aria-hidden="true" /> All files</Button>
        </div>
        <p class="aside">
            Print at 100 %, not “to fit”, then measure the bars on the page. Neighbouring pages overlap by 10 mm: lay the crosses on each
            other and tape.
        </p>
        <div class="maps">
            <figure v-for="one in maps" :key="one.part.label">
                <svg
                    :viewBox="map(one).view"
                    :style="{ aspectRatio: map(one).ratio }"
                    role="img"
                    :aria-label="`Pages of ${one.part.label} ${one.part.name}`"
                >
                    <rect
                        v-for="page in map(one).pages"
                        :key="page.name"
                        class="page"
                        :x="page.x"
                        :y="page.y"
                        :width="one.tiles.width"
                        :height="one.tiles.height"
                    />
                    <path class="outline" fill-rule="evenodd" :d="map(one).path" />
                    <text v-for="page in map(one).pages" :key="page.name" :x="page.x + 14" :y="page.y + one.tiles.height - 14">
                        {{ page.name }}
                    </text>
                </svg>
                <figcaption>
                    <b>{{ one.part.label }} {{ one.part.name }}</b>
                    <span
                        >{{ show(one.part.width) }} × {{ show(one.part.height) }} · {{ one.tiles.columns }} ×
                        {{ one.tiles.rows }} pages</span
                    >
                    <span class="files">
                        <Button type="link" size="small" :href="file(`${one.part.file}.svg`)">SVG</Button>
                        <Button type="link" size="small" :href="file(`${one.part.file}.dxf`)">DXF, mm</Button>
                        <Button type="link" size="small" :href="file(`${one.part.file}-inches.dxf`)">DXF, inches</Button>
                    </span>
                </figcaption>
            </figure>
        </div>
        <template v-if="plan.printed.length">
            <h3>Printed parts</h3>
            <ul>
                <li v-for="one in plan.printed" :key="one.id">
                    <b>{{ one.name }}</b>, {{ one.count }} of them{{ one.needed ? '' : ', if you like' }}
                    <Button type="link" size="small" :href="file(`${one.id}.stl`)">STL</Button>
                    <Button type="link" size="small" :href="file(`${one.id}.scad`)">OpenSCAD, sizes to change</Button>
                </li>
            </ul>
        </template>
    </div>
</template>

<style scoped>
.print {
    display: grid;
    gap: 12px;
    align-content: start;
    overflow-y: auto;
}
.bar {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 10px;
}
.aside {
    color: var(--pencil);
    font-size: 14px;
}
.maps {
    display: flex;
    flex-wrap: wrap;
    gap: 16px;
}
figure {
    margin: 0;
    padding: 10px;
    width: 250px;
    background: var(--sheet);
    border: 1px solid var(--line);
}
svg {
    display: block;
    width: 100%;
    max-height: 240px;
}
.page {
    fill: #fff;
    fill-opacity: 0.9;
    stroke: var(--pencil);
    stroke-width: 1.5;
    stroke-dasharray: 8 5;
}
.outline {
    fill: var(--kraft);
    fill-opacity: 0.55;
    stroke: #2b251f;
    stroke-width: 3;
}
text {
    font: 700 22px var(--figures);
    fill: #6a5f52;
}
figcaption span {
    display: block;
    font-size: 13.5px;
    color: var(--pencil);
}
.files :deep(.ant-btn) {
    padding: 0 8px 0 0;
}
h3 {
    font-size: 16px;
}
ul {
    margin: 0;
    padding-left: 18px;
}
</style>
