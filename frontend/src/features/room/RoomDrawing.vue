<script setup lang="ts">
import { computed, ref } from 'vue';
import SceneDrawing from '../../drawing/SceneDrawing.vue';
import { useMeasure } from '../../session/useMeasure';
import NoticeBar from '../../ui/NoticeBar.vue';
import UndoButtons from '../../ui/UndoButtons.vue';
import ViewTabs from '../../ui/ViewTabs.vue';
import { useWork } from '../work/useWork';
import FirstMeasures from './FirstMeasures.vue';
import PlanDrawing from './PlanDrawing.vue';
import PlanRail from './PlanRail.vue';
import SideField from './SideField.vue';
import { SIDES, useRoomDrawing, type Side } from './useRoomDrawing';
import WallTape from './WallTape.vue';

const { draft, held, history, neighbours } = useWork();
const { show } = useMeasure();
const drawing = useRoomDrawing();
history.waitFor(drawing.edits.settled);
const { plan, corners, furnishings, picked, isDrawn, isComing, tape, whole } = drawing;

/** Room around the plan for its readings, px; they are set closer on a phone. */
const isNarrow = window.innerWidth <= 700;
const margin = isNarrow ? 58 : 112;
const around = computed(() => {
    if (isNarrow) return isDrawn.value ? { left: 88, right: 88, top: 84, bottom: 112 } : { left: 24, right: 132, top: 64, bottom: 112 };
    return isDrawn.value ? { left: 118, right: 118, top: 92, bottom: 112 } : { left: 70, right: 204, top: 64, bottom: 116 };
});
/** Width of a reading with its name and of one without, on a phone and on a desk; and how high they are. */
const reading = computed(() => ({ width: isDrawn.value ? (isNarrow ? 66 : 92) : isNarrow ? 106 : 178, height: 40 }));

const VIEWS = { plan: 'Plan', standing: 'In 3D' };
const view = ref<keyof typeof VIEWS>('plan');

/** All that is written in one field is one step to be undone. */
function write(event: FocusEvent, holds: boolean): void {
    if (event.target instanceof HTMLInputElement) held.value = holds;
}
</script>

<template>
    <div class="drawing" :class="{ mat: view === 'standing' }" @focusin="write($event, true)" @focusout="write($event, false)">
        <PlanDrawing
            v-if="view === 'plan'"
            class="sheet"
            :plan="plan"
            :corners="corners"
            :furnishings="furnishings"
            :picked="picked"
            :neighbours="neighbours"
            :margin="around"
            :reading="reading"
            :entries="draft.entries"
            :edits="drawing.edits"
            @remove="drawing.remove"
            @pick="(what) => (picked = what)"
            @hold="(holds) => (held = holds)"
        >
            <template #wall="{ index }">
                <WallTape
                    v-if="isDrawn"
                    :index="index"
                    :reading="plan?.walls[index]"
                    :taped="corners[index]?.taped ?? false"
                    :fault="tape.fault.value?.wall === index ? tape.fault.value.said : undefined"
                    :offers="tape.fault.value?.offers ?? []"
                    @begin="picked = { kind: 'wall', index }"
                    @read="(length) => tape.read(index, length)"
                />
                <SideField v-else-if="index < 2" :side="SIDES[index]!" :reading="plan?.walls[index] ?? null" :drawing="drawing" />
            </template>
        </PlanDrawing>
        <SceneDrawing
            v-else-if="plan"
            class="sheet"
            :drawing="plan.standing"
            title="The room, true to scale, with a grown person"
            :margin="margin"
        >
            <template #extent="{ extent }">
                <SideField
                    v-if="!isDrawn || extent.name === 'height'"
                    :side="extent.name as Side"
                    :reading="extent.length"
                    :drawing="drawing"
                />
                <span v-else class="reading figure">{{ show(extent.length) }}</span>
            </template>
        </SceneDrawing>

        <ViewTabs v-if="corners.length" class="tabs" :views="VIEWS" label="View of the room" :view="view" @view="(key) => (view = key)">
            <UndoButtons
                :can-undo="history.canUndo.value"
                :can-redo="history.canRedo.value"
                @undo="history.undo()"
                @redo="history.redo()"
            />
        </ViewTabs>
        <div v-if="corners.length && plan" class="sum low">
            <dl>
                <div>
                    <dt>Floor</dt>
                    <dd class="figure">{{ show(plan.floor_area) }}</dd>
                </div>
                <div>
                    <dt>Air</dt>
                    <dd class="figure">{{ show(plan.volume) }}</dd>
                </div>
            </dl>
            <SideField v-if="view === 'plan'" side="height" :reading="isDrawn ? null : plan.height" :drawing="drawing" />
        </div>
        <NoticeBar v-if="whole.length" class="whole" kind="error">
            {{ whole[0] }}
        </NoticeBar>
        <PlanRail v-if="corners.length && view === 'plan'" :drawing="drawing" />
        <FirstMeasures v-if="corners.length === 0 && !isComing" :drawing="drawing" />
    </div>
</template>

<style scoped>
.drawing {
    position: relative;
    min-height: 340px;
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
}
.sheet {
    grid-column: 1;
}
.tabs {
    position: absolute;
    z-index: 3;
    top: 0;
    left: 0;
    width: 420px;
}
.sum {
    position: absolute;
    z-index: 3;
    left: 12px;
    bottom: 12px;
    margin: 0;
    display: flex;
    align-items: stretch;
    gap: 8px;
}
.sum dl {
    margin: 0;
    display: flex;
    gap: 8px;
}
.sum dl > div {
    display: flex;
    align-items: center;
    gap: 8px;
    padding: 4px 12px;
    background: var(--sheet);
    border: 1px solid var(--line);
    box-shadow: var(--shadow);
}
dt {
    font-size: 14px;
    color: var(--pencil);
}
dd {
    margin: 0;
    font-weight: 700;
    font-size: 15px;
}
.reading {
    padding: 5px 10px;
    background: var(--sheet);
    border: 1px solid var(--line);
    font-size: 14px;
}
.whole {
    position: absolute;
    z-index: 4;
    top: 54px;
    left: 12px;
    max-width: 420px;
}
@media (max-width: 700px) {
    .drawing {
        grid-template-columns: minmax(0, 1fr);
        grid-template-rows: auto 420px auto;
    }
    .tabs {
        position: static;
        width: 100%;
        grid-row: 1;
    }
    .sheet {
        grid-row: 2;
    }
    .sum {
        bottom: auto;
        top: 424px;
        left: 6px;
        gap: 4px;
    }
}
</style>
