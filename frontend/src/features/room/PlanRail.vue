<script setup lang="ts">
import { PlusOutlined } from '@ant-design/icons-vue';
import { Button } from 'ant-design-vue';
import { useWork } from '../work/useWork';
import PickedCard from './PickedCard.vue';
import { KINDS } from './plan';
import type { useRoomDrawing } from './useRoomDrawing';

/** What can be put on the plan, and what is picked on it. */
const props = defineProps<{ drawing: ReturnType<typeof useRoomDrawing> }>();
const { neighbours } = useWork();
const { picked, plan, corners, furnishings, errors, isDrawn } = props.drawing;
</script>

<template>
    <aside class="rail">
        <PickedCard
            v-if="picked && plan"
            :picked="picked"
            :plan="plan"
            :corners="corners"
            :furnishings="furnishings"
            :neighbours="neighbours"
            :errors="errors"
            :is-drawn="isDrawn"
            @corner="drawing.changeCorner"
            @furnishing="drawing.changeFurnishing"
            @remove="drawing.remove()"
            @split="drawing.split()"
            @recess="drawing.recess()"
            @close="picked = null"
        />
        <div class="palette" role="group" aria-label="Add to the plan">
            <Button v-for="one in KINDS" :key="one.kind" size="small" :title="one.says" @click="void drawing.add(one.kind)">
                <PlusOutlined aria-hidden="true" /> {{ one.name }}
            </Button>
            <Button type="text" size="small" @click="drawing.clear()">Start again</Button>
        </div>
    </aside>
</template>

<style scoped>
.rail {
    grid-column: 2;
    width: 178px;
    padding: 10px;
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    align-content: start;
    gap: 10px;
    background: color-mix(in oklab, var(--sheet), var(--mat) 35%);
    border-left: 1px solid var(--line);
    overflow-y: auto;
}
.palette {
    display: grid;
    gap: 4px;
}
.palette > * {
    text-align: left;
    border-left: 4px solid var(--kraft);
}
.palette > :last-child {
    border-left-color: var(--line);
}
@media (max-width: 700px) {
    .rail {
        grid-column: 1;
        grid-row: 3;
        width: auto;
        border-left: 0;
        border-top: 1px solid var(--line);
    }
    .palette {
        display: flex;
        flex-wrap: wrap;
    }
}
</style>
