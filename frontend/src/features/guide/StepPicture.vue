<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import SceneDrawing from '../../drawing/SceneDrawing.vue';
import { useStepPicture } from './queries';

/** What is seen at a step: the unit as far as it is made, which can be turned; or the parts to cut. */
const props = defineProps<{ version: number; step: string; title: string }>();
/** Degrees between two drawings that are asked for. */
const GRAIN = 15;
const turned = ref(0);
const turn = computed(() => (Math.round(turned.value / GRAIN) * GRAIN) % 360);
watch(
    () => props.step,
    () => (turned.value = 0),
);
const asked = useStepPicture(
    () => props.version,
    () => props.step,
    turn,
);
const picture = computed(() => asked.data.value);
const svg = (plan: string): string => `data:image/svg+xml;utf8,${encodeURIComponent(plan)}`;
</script>

<template>
    <div class="picture">
        <SceneDrawing
            v-if="picture?.drawing"
            :drawing="picture.drawing"
            :lit="picture.lit"
            :title="title"
            :extents="false"
            :margin="14"
            @turn="(degrees) => (turned += degrees)"
        />
        <div v-else-if="picture" class="cuts">
            <figure v-for="cut in picture.cuts" :key="cut.label">
                <img :src="svg(cut.plan)" :alt="`${cut.label} ${cut.name}`" />
                <figcaption>
                    <b>{{ cut.label }}</b> {{ cut.name }}
                </figcaption>
            </figure>
        </div>
        <p v-else-if="asked.isError.value" class="none">The picture comes when there is a network.</p>
    </div>
</template>

<style scoped>
.picture {
    min-height: 0;
    height: 100%;
    touch-action: pan-y;
    cursor: grab;
}
.cuts {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-content: center;
    justify-content: center;
    height: 100%;
    overflow: auto;
    cursor: auto;
}
figure {
    margin: 0;
    width: min(46%, 190px);
    font-size: 14px;
    text-align: center;
}
img {
    width: 100%;
    max-height: 150px;
    object-fit: contain;
    padding: 4px;
    background: #fff;
}
.none {
    padding: 20px;
    text-align: center;
    color: var(--pencil);
}
</style>
