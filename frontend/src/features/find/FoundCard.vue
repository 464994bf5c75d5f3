<script setup lang="ts">
import { Button } from 'ant-design-vue';
import type { Drawing, Found } from '../../api/client';
import SceneDrawing from '../../drawing/SceneDrawing.vue';
import { useMeasure } from '../../session/useMeasure';

defineProps<{ build: Found; drawing: Drawing | null; names: string[]; currency: string; lit: boolean }>();
const emit = defineEmits<{ take: []; light: [on: boolean] }>();
const { show } = useMeasure();
const whole = (money: string): string => Math.round(Number(money)).toLocaleString('en');
</script>

<template>
    <article class="card" :class="{ lit }" @mouseenter="emit('light', true)" @mouseleave="emit('light', false)">
        <ul v-if="names.length" class="names" aria-label="Best at">
            <li v-for="name in names" :key="name">{{ name }}</li>
        </ul>
        <div class="sketch">
            <SceneDrawing v-if="drawing" :drawing="drawing" :title="build.title" :extents="false" :margin="6" />
        </div>
        <h3>{{ build.title }}</h3>
        <p>{{ build.parts }}{{ build.stands === 'by itself' ? '' : `, ${build.stands}` }}</p>
        <dl class="figure">
            <div>
                <dt>first cost</dt>
                <dd>{{ whole(build.first_cost) }} {{ currency }}</dd>
            </div>
            <div>
                <dt>total</dt>
                <dd>{{ whole(build.total_cost) }}</dd>
            </div>
            <div>
                <dt>at the seat</dt>
                <dd>{{ show(build.level) }}</dd>
            </div>
            <div>
                <dt>of the goal</dt>
                <dd>{{ show(build.output) }}</dd>
            </div>
            <div>
                <dt>chance</dt>
                <dd data-test="chance">{{ show(build.chance) }}</dd>
            </div>
            <div>
                <dt>floor</dt>
                <dd>{{ show(build.footprint) }}</dd>
            </div>
            <div v-if="build.filters_last">
                <dt>filters last</dt>
                <dd>{{ build.filters_last }}</dd>
            </div>
            <div>
                <dt>work</dt>
                <dd>{{ show(build.minutes) }}</dd>
            </div>
        </dl>
        <Button type="primary" size="small" block @focus="emit('light', true)" @blur="emit('light', false)" @click="emit('take')">
            Use this build<span class="visually-hidden">: {{ build.title }}, {{ build.parts }}</span>
        </Button>
    </article>
</template>

<style scoped>
.card {
    position: relative;
    display: grid;
    grid-template-rows: var(--sketch, 118px) auto 1fr auto auto;
    gap: 2px;
    padding: 8px 10px 10px;
    background: var(--sheet);
    border: 1px solid var(--line);
    box-shadow: var(--shadow);
}
.lit {
    outline: 2px solid var(--clean);
}
.names {
    position: absolute;
    z-index: 2;
    top: 8px;
    left: -4px;
    margin: 0;
    padding: 0;
    display: grid;
    justify-items: start;
    gap: 3px;
    list-style: none;
}
.names li {
    padding: 0 8px;
    font-size: 13px;
    line-height: 1.45;
    font-weight: 700;
    color: #2b251f;
    background: var(--tape);
    border: 1px solid var(--tape-edge);
}
.sketch {
    min-height: 0;
}
h3 {
    font-size: 15px;
}
p {
    font-size: 13px;
    line-height: 1.25;
    color: var(--pencil);
}
dl {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 3px 8px;
    margin: 5px 0 7px;
}
dt {
    font: 12px/1.1 var(--text);
    color: var(--pencil);
}
dd {
    margin: 0;
    font-size: 13px;
    font-weight: 600;
    line-height: 1.2;
    white-space: nowrap;
}
</style>
