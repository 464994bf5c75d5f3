<script setup lang="ts">
import { RotateLeftOutlined, RotateRightOutlined } from '@ant-design/icons-vue';
import { Button, ButtonGroup } from 'ant-design-vue';
import { computed } from 'vue';
import SceneDrawing from '../../drawing/SceneDrawing.vue';
import { usePlan } from '../room/usePlan';
import { useLedger, useWork } from '../work/useWork';
import type { ChoiceKey } from './choices';
import UnitDrawing from './UnitDrawing.vue';

/** The unit on the bench, to be walked round and taken apart, beside the room that it stands in. */
defineProps<{ picked: ChoiceKey | null }>();
const emit = defineEmits<{ pick: [choice: ChoiceKey] }>();
const { bench, programmeId } = useWork();
const ledger = useLedger();
const { view } = bench;

const QUARTER = 45;
function turn(degrees: number): void {
    view.turn = Math.round((((view.turn + degrees) % 360) + 360) % 360);
}
/** The room with what stands in it, once there are figures for it. */
const { plan } = usePlan(
    () => {
        const { room, unit, beside } = bench.question.value!;
        return { room, unit, programme: programmeId.value, ...(beside ? { beside } : {}) };
    },
    computed(() => bench.question.value?.unit != null),
);
</script>

<template>
    <div v-if="ledger.unit" class="bench-unit">
        <UnitDrawing
            class="drawn"
            :drawing="ledger.unit.drawing"
            :title="ledger.unit.summary"
            :picked="picked"
            @pick="(choice) => emit('pick', choice)"
            @turn="turn"
        />
        <ButtonGroup class="look" size="small" role="group" aria-label="How to look at it">
            <Button aria-label="Walk round to the left" @click="turn(-QUARTER)"><RotateLeftOutlined aria-hidden="true" /></Button>
            <Button aria-label="Walk round to the right" @click="turn(QUARTER)"><RotateRightOutlined aria-hidden="true" /></Button>
            <Button :aria-pressed="view.apart" @click="view.apart = !view.apart">{{ view.apart ? 'Put together' : 'Take apart' }}</Button>
        </ButtonGroup>
        <figure v-if="plan" class="room">
            <SceneDrawing :drawing="plan.standing" title="The room with its units, true to scale, with a grown person" :extents="false" />
            <figcaption>Room, to scale, person of 1.7 m</figcaption>
        </figure>
    </div>
</template>

<style scoped>
.bench-unit {
    position: relative;
    min-height: 0;
}
.look {
    position: absolute;
    z-index: 3;
    left: 12px;
    top: 10px;
}
.room {
    position: absolute;
    left: 10px;
    bottom: 10px;
    width: 182px;
    height: 160px;
    margin: 0;
    display: grid;
    grid-template-rows: 1fr auto;
    background: color-mix(in oklab, var(--sheet), transparent 8%);
    border: 1px solid var(--line);
}
figcaption {
    font-size: 12px;
    color: var(--pencil);
    padding: 1px 8px 4px;
}
@media (max-width: 900px) {
    .bench-unit {
        display: grid;
        grid-template-rows: minmax(380px, auto) auto 180px;
    }
    .look {
        position: static;
        justify-self: center;
        padding: 8px 0;
    }
    .room {
        position: static;
        width: auto;
        height: 180px;
    }
}
</style>
