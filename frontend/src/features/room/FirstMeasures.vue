<script setup lang="ts">
import SideField from './SideField.vue';
import { SIDES, type useRoomDrawing } from './useRoomDrawing';

/** How a room is begun: drawn on the mat, or written as length, width and height. */
defineProps<{ drawing: ReturnType<typeof useRoomDrawing> }>();
</script>

<template>
    <div class="first">
        <h2>Drag a rectangle to draw the floor</h2>
        <p>Then enter the length of each wall, and drag corners where the room is not a rectangle.</p>
        <p>Or enter length, width and height, in feet or metres: 27′ 6″, 27.5 ft, 8.4 m.</p>
        <SideField v-for="side in SIDES" :key="side" :side="side" :reading="null" :drawing="drawing" />
    </div>
</template>

<style scoped>
.first {
    position: absolute;
    right: 24px;
    top: 50%;
    translate: 0 -50%;
    display: grid;
    gap: 12px;
    justify-items: center;
    text-align: center;
    padding: 22px 26px 26px;
    background: var(--sheet);
    border: 1px solid var(--line);
    border-top: 8px solid var(--tape);
    box-shadow: var(--shadow);
    width: 330px;
    max-width: 92%;
}
@media (max-width: 700px) {
    .first {
        right: 50%;
        translate: 50% -50%;
        background: color-mix(in oklab, var(--sheet), transparent 12%);
    }
}
</style>
