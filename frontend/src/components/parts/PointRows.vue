<script setup lang="ts">
import { Button } from 'ant-design-vue';
import FieldFault from '../room/FieldFault.vue';
import { PROVENANCES, type Provenance } from './written';

interface Point {
    along: string;
    pressure: string;
}

const props = defineProps<{ along: string; errors: Record<string, string[]>; mayChange: boolean }>();
const points = defineModel<Point[]>({ required: true });
const from = defineModel<Provenance>('from', { required: true });

const EMPTY: Point = { along: '', pressure: '' };

function set(index: number, change: Partial<Point>): void {
    points.value = points.value.map((point, at) => (at === index ? { ...point, ...change } : point));
}

const text = (event: Event): string => (event.target as HTMLInputElement).value;
const fault = (...fields: string[]): string | undefined => fields.map((field) => props.errors[field]?.[0]).find(Boolean);
</script>

<template>
    <fieldset :disabled="!mayChange">
        <legend>Measured points</legend>
        <p v-if="points.length === 0" class="about">They replace the figures of the curve.</p>
        <template v-else>
            <label>
                These are
                <select v-model="from" aria-label="Where the points came from">
                    <option v-for="one in PROVENANCES" :key="one" :value="one">{{ one }}</option>
                </select>
            </label>
            <div v-for="(point, index) in points" :key="index" class="row">
                <input
                    :value="point.along"
                    :aria-label="`${along} of point ${index + 1}`"
                    :aria-invalid="errors[`points.${index}.along`] !== undefined"
                    :placeholder="along"
                    maxlength="40"
                    @input="set(index, { along: text($event) })"
                />
                at
                <input
                    :value="point.pressure"
                    :aria-label="`Pressure of point ${index + 1}`"
                    :aria-invalid="errors[`points.${index}.pressure`] !== undefined"
                    placeholder="pressure"
                    maxlength="40"
                    @input="set(index, { pressure: text($event) })"
                />
                <Button
                    v-if="mayChange"
                    type="text"
                    html-type="button"
                    :aria-label="`Remove point ${index + 1}`"
                    @click="points = points.filter((_, at) => at !== index)"
                >
                    ✕
                </Button>
                <FieldFault :said="fault(`points.${index}.along`, `points.${index}.pressure`)" />
            </div>
        </template>
        <FieldFault :said="fault('points', 'points_from', 'curve', 'drop')" />
        <Button
            v-if="mayChange"
            html-type="button"
            size="small"
            @click="points = points.length ? [...points, { ...EMPTY }] : [{ ...EMPTY }, { ...EMPTY }]"
            >{{ points.length ? 'Add a point' : 'Add points' }}</Button
        >
    </fieldset>
</template>

<style scoped src="./rows.css"></style>

<style scoped>
.about {
    font-size: 13.5px;
    color: var(--pencil);
}
input {
    width: 7em;
}
</style>
