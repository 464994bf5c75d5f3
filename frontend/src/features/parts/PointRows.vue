<script setup lang="ts">
import { CloseOutlined } from '@ant-design/icons-vue';
import { Button, Input } from 'ant-design-vue';
import ChoiceSelect from '../../ui/ChoiceSelect.vue';
import FieldFault from '../../ui/FieldFault.vue';
import { PROVENANCES, type Provenance } from './written';

interface Point {
    along: string;
    pressure: string;
}

const props = defineProps<{ along: string; errors: Record<string, string[]>; mayChange: boolean }>();
const points = defineModel<Point[]>({ required: true });
const from = defineModel<Provenance>('from', { required: true });

const EMPTY: Point = { along: '', pressure: '' };
const FROM = PROVENANCES.map((value) => ({ value, label: value }));

function set(index: number, change: Partial<Point>): void {
    points.value = points.value.map((point, at) => (at === index ? { ...point, ...change } : point));
}

const fault = (...fields: string[]): string | undefined => fields.map((field) => props.errors[field]?.[0]).find(Boolean);
</script>

<template>
    <fieldset :disabled="!mayChange">
        <legend>Measured points</legend>
        <p v-if="points.length === 0" class="about">They replace the figures of the curve.</p>
        <template v-else>
            <span class="row">
                These are
                <ChoiceSelect
                    is-line
                    :value="from"
                    :choices="FROM"
                    label="Where the points came from"
                    @choose="(chosen) => (from = chosen)"
                />
            </span>
            <div v-for="(point, index) in points" :key="index" class="row">
                <Input
                    class="line point"
                    :value="point.along"
                    :aria-label="`${along} of point ${index + 1}`"
                    :aria-invalid="errors[`points.${index}.along`] !== undefined"
                    :placeholder="along"
                    :maxlength="40"
                    @update:value="(text: string) => set(index, { along: text })"
                />
                at
                <Input
                    class="line point"
                    :value="point.pressure"
                    :aria-label="`Pressure of point ${index + 1}`"
                    :aria-invalid="errors[`points.${index}.pressure`] !== undefined"
                    placeholder="pressure"
                    :maxlength="40"
                    @update:value="(text: string) => set(index, { pressure: text })"
                />
                <Button
                    v-if="mayChange"
                    type="text"
                    size="small"
                    :aria-label="`Remove point ${index + 1}`"
                    @click="points = points.filter((_, at) => at !== index)"
                >
                    <CloseOutlined aria-hidden="true" />
                </Button>
                <FieldFault :said="fault(`points.${index}.along`, `points.${index}.pressure`)" />
            </div>
        </template>
        <FieldFault :said="fault('points', 'points_from', 'curve', 'drop')" />
        <Button v-if="mayChange" size="small" @click="points = points.length ? [...points, { ...EMPTY }] : [{ ...EMPTY }, { ...EMPTY }]">{{
            points.length ? 'Add a point' : 'Add points'
        }}</Button>
    </fieldset>
</template>

<style scoped src="./rows.css"></style>

<style scoped>
.about {
    font-size: 13.5px;
    color: var(--pencil);
}
.point {
    width: 7em;
}
</style>
