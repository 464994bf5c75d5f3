<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { CutPlan, Drawing } from '../../api/client';
import SceneDrawing from '../../drawing/SceneDrawing.vue';
import { useSize } from '../../drawing/useSize';
import { useMeasure } from '../../session/useMeasure';
import NoticeBar from '../../ui/NoticeBar.vue';
import type { Moved, PlanSheet } from './mat';
import PartList from './PartList.vue';
import { useDropOffcut, useKeepOffcut, useLayOut } from './queries';
import SheetMat from './SheetMat.vue';
import SheetSettings from './SheetSettings.vue';

/** The parts on their sheets, and beside them the unit with the same part lit. */
const props = defineProps<{ version: number; plan: CutPlan; drawing: Drawing | undefined; mayChange: boolean }>();
const { show, measure } = useMeasure();
const laying = useLayOut(() => props.version);
const keeping = useKeepOffcut(() => props.version);
const dropping = useDropOffcut();

const lit = ref('');
const picked = ref('');
const host = ref<HTMLElement>();
const size = useSize(host);
/** Pixels for a millimetre at the most: one sheet or two are seen larger. */
const MOST = { few: 0.6, many: 0.36 };
const scale = computed(() => {
    const widest = Math.max(...props.plan.sheets.map((sheet) => sheet.width_mm), 1);
    const most = props.plan.sheets.length > 2 ? MOST.many : MOST.few;
    return Math.max(0.12, Math.min(most, (size.value.width - 68) / widest));
});
const part = computed(() => props.plan.sheets.flatMap((sheet) => sheet.placed).find(({ piece }) => piece === picked.value));
const missing = computed(() => props.plan.parts.filter(({ left }) => left > 0));
const fault = computed(() => Object.values(laying.errors.value)[0]?.[0] ?? laying.message.value);
const pinned = computed(() => props.plan.written.pinned.filter(({ label }) => label !== picked.value));

const lay = (change: Partial<CutPlan['written']>) => laying.run({ ...props.plan.written, ...change, revision: props.plan.revision });
const place = ({ piece, sheet, number, x_mm, y_mm, turn }: Moved) => {
    picked.value = piece;
    return lay({
        pinned: [...props.plan.written.pinned.filter(({ label }) => label !== piece), { label: piece, sheet, number, x_mm, y_mm, turn }],
    });
};
function turn(): void {
    const sheet = props.plan.sheets.find(({ placed }) => placed.some(({ piece }) => piece === picked.value));
    const now = part.value;
    if (!sheet || !now) return;
    // About the middle of its extent, so that it stays where it is seen.
    const xs = now.outline.map(([x]) => x ?? 0);
    const ys = now.outline.map(([, y]) => y ?? 0);
    const [mx, my] = [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
    void place({
        piece: now.piece,
        sheet: sheet.id,
        number: sheet.number,
        x_mm: mx - (now.y_mm - my),
        y_mm: my + (now.x_mm - mx),
        turn: (now.turn + 90) % 360,
    });
}
const told = (sheet: PlanSheet): string => `${Math.round(100 * sheet.used_share)} % used`;
</script>

<template>
    <div class="cut">
        <div ref="host" class="sheets" :aria-busy="laying.busy.value">
            <NoticeBar v-for="one in missing" :key="one.label" kind="error"
                ><b>{{ one.label }} {{ one.name }}</b> lies on no sheet{{ one.left > 1 ? ` (${one.left})` : '' }}. {{ one.why }}</NoticeBar
            >
            <NoticeBar v-if="fault" kind="error">{{ fault }}</NoticeBar>
            <NoticeBar v-for="one in plan.loose" :key="one" kind="warning"
                >{{ one }} What was laid there by hand is laid with the rest now.</NoticeBar
            >
            <p v-if="plan.carton" class="carton">{{ show(plan.carton) }}</p>
            <p v-if="!plan.sheets.length" class="aside">Nothing of this build is cut from a sheet.</p>
            <figure v-for="sheet in plan.sheets" :key="`${sheet.id} ${sheet.number}`">
                <figcaption>
                    <b>{{ sheet.name }}</b>
                    <span>{{ sheet.bought ? 'to buy' : 'at hand' }} · {{ told(sheet) }}</span>
                    <Button
                        v-if="sheet.offcut && mayChange"
                        size="small"
                        type="link"
                        class="keep"
                        :disabled="keeping.busy.value"
                        @click="keeping.run({ sheet: sheet.id, number: sheet.number })"
                        >Keep the offcut, {{ show(sheet.offcut.width) }} × {{ show(sheet.offcut.height) }}</Button
                    >
                    <Button
                        v-if="sheet.id.startsWith('offcut-') && mayChange"
                        size="small"
                        type="link"
                        class="keep"
                        :disabled="dropping.busy.value"
                        @click="dropping.run(Number(sheet.id.slice(7)))"
                        >It is used up</Button
                    >
                </figcaption>
                <SheetMat
                    :sheet="sheet"
                    :scale="scale"
                    :imperial="measure === 'imperial'"
                    :lit="lit"
                    :picked="picked"
                    :may-move="mayChange && !laying.busy.value"
                    @light="(next) => (lit = next)"
                    @pick="(next) => (picked = next)"
                    @moved="place"
                />
            </figure>
        </div>
        <aside>
            <div class="unit">
                <SceneDrawing
                    v-if="drawing"
                    :drawing="drawing"
                    title="The unit, with the part lit that is picked"
                    :picked="lit || part?.part || ''"
                    :extents="false"
                    :margin="10"
                />
            </div>
            <div v-if="part && mayChange" class="hand">
                <b>Part {{ part.piece }}</b>
                <Button size="small" :disabled="laying.busy.value" @click="turn">Turn a quarter</Button>
                <Button v-if="part.pinned" size="small" :disabled="laying.busy.value" @click="lay({ pinned })">Let it go</Button>
                <span v-else class="aside">Drag it: it stays where you put it, the rest is laid round it.</span>
            </div>
            <PartList :plan="plan" :lit="lit || part?.part || ''" @light="(next) => (lit = next)" />
            <SheetSettings v-if="mayChange" :plan="plan" :busy="laying.busy.value" :errors="laying.errors.value" @change="lay" />
        </aside>
    </div>
</template>

<style scoped>
.cut {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 262px;
    gap: 0 14px;
    min-height: 0;
}
.sheets {
    display: flex;
    flex-wrap: wrap;
    gap: 14px 10px;
    align-content: flex-start;
    padding: 12px;
    overflow: auto;
    background-color: var(--mat);
    background-image: linear-gradient(var(--mat-line) 1px, transparent 1px), linear-gradient(90deg, var(--mat-line) 1px, transparent 1px);
    background-size: 24px 24px;
    border: 1px solid var(--line);
}
.carton {
    width: 100%;
    margin: 0;
    font-size: 14px;
}
.sheets > .notice {
    width: 100%;
}
figure {
    margin: 0;
    display: grid;
    align-content: start;
    justify-items: start;
}
figcaption {
    display: grid;
    justify-items: start;
    padding-left: 22px;
    font-size: 13.5px;
    line-height: 1.3;
}
.keep {
    padding: 0;
    height: auto;
    font-size: 13.5px;
    white-space: normal;
    text-align: left;
}
aside {
    display: grid;
    gap: 10px;
    align-content: start;
    overflow-y: auto;
    padding-right: 2px;
}
.unit {
    height: 190px;
    background: var(--sheet);
    border: 1px solid var(--line);
}
.hand {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px 8px;
}
.aside {
    color: var(--pencil);
    font-size: 13.5px;
}
@media (max-width: 900px) {
    .cut {
        grid-template-columns: minmax(0, 1fr);
    }
    .unit {
        height: 200px;
    }
}
</style>
