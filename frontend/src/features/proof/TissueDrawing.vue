<script setup lang="ts">
import { computed, ref } from 'vue';
import type { TissueResult } from '../../api/client';
import SceneDrawing from '../../drawing/SceneDrawing.vue';
import { usePoints } from './queries';
import { look } from './words';

/** The unit with the points of the test on it; pulled, it turns. What lies on the far side is drawn faintly. */
const props = defineProps<{ unit: number; points: TissueResult['points']; chosen: string }>();
const emit = defineEmits<{ choose: [point: string] }>();
/** Degrees between two drawings that are asked for. */
const GRAIN = 15;
const turned = ref(0);
const turn = computed(() => (Math.round(turned.value / GRAIN) * GRAIN) % 360);
const asked = usePoints(() => props.unit, turn);
const known = computed(() => new Map(props.points.map((point) => [point.id, point])));
const marks = computed(() => (asked.data.value?.points ?? []).filter(({ id }) => known.value.has(id)));
const missing = computed(() => props.points.filter(({ id }) => !marks.value.some((mark) => mark.id === id)));
</script>

<template>
    <div class="host">
        <SceneDrawing
            v-if="asked.data.value"
            :drawing="asked.data.value.drawing"
            title="The unit with the points of the tissue test"
            :extents="false"
            :margin="16"
            @turn="(degrees) => (turned += degrees)"
        >
            <template #over="{ px, py }">
                <span
                    v-for="mark in marks"
                    :key="mark.id"
                    class="mark"
                    :class="[look(known.get(mark.id)!), { behind: mark.behind, chosen: mark.id === chosen }]"
                    :style="{ left: `${px(mark.x)}px`, top: `${py(mark.y)}px` }"
                    role="button"
                    tabindex="-1"
                    :aria-label="known.get(mark.id)!.name"
                    :title="known.get(mark.id)!.name"
                    :data-point="mark.id"
                    @click="emit('choose', mark.id)"
                />
            </template>
        </SceneDrawing>
        <p class="key">
            <span><i class="mark open" /> to do</span><span><i class="mark right" /> as it should be</span
            ><span><i class="mark wrong" /> leaks</span>
            <span v-if="missing.length">{{ missing.length }} points are not on the drawing</span>
        </p>
    </div>
</template>

<style scoped>
.host {
    position: relative;
    height: 430px;
    touch-action: pan-y;
    cursor: grab;
}
.mark {
    position: absolute;
    width: 17px;
    height: 17px;
    translate: -50% -50%;
    border: 2px solid var(--ink);
    border-radius: 50%;
    background: var(--sheet);
    cursor: pointer;
}
.mark.right {
    background: var(--clean);
}
.mark.wrong {
    background: var(--bypass);
    border-radius: 0;
    rotate: 45deg;
}
.mark.behind {
    opacity: 0.35;
    scale: 0.75;
}
.mark.chosen {
    z-index: 2;
    opacity: 1;
    outline: 4px solid var(--tape);
    outline-offset: 2px;
    scale: 1.15;
}
.key {
    position: absolute;
    left: 12px;
    bottom: 6px;
    display: flex;
    flex-wrap: wrap;
    gap: 4px 18px;
    margin: 0;
    font-size: 13px;
    color: var(--pencil);
}
.key .mark {
    position: static;
    display: inline-block;
    width: 11px;
    height: 11px;
    translate: none;
    margin-right: 4px;
}
@media (max-width: 900px) {
    .host {
        height: 250px;
    }
}
</style>
