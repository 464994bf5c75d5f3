<script setup lang="ts">
import type { GuideStep } from '../../api/client';

/** What a step says: what to do and why, with what, what to look out for. */
defineProps<{ step: GuideStep; number: number }>();
</script>

<template>
    <div class="text">
        <p class="over">
            Step {{ number }} · about {{ Math.max(1, Math.round(step.minutes)) }} min<template v-if="step.wait"
                >, then {{ Math.round(step.wait) }} min until it holds</template
            ><template v-if="step.rests_on"> · learned from {{ step.rests_on }}</template>
            <b v-if="step.adults_only" class="mark">Adults only</b>
            <b v-if="step.is_check" class="mark">By somebody who did not build it</b>
        </p>
        <p class="action">{{ step.action }}</p>
        <p class="reason">{{ step.reason }}</p>
        <ul v-if="step.parts.length || step.tools.length" class="take" aria-label="What it takes">
            <li v-for="part in step.parts" :key="part">{{ part }}</li>
            <li v-for="tool in step.tools" :key="tool" class="tool">{{ tool }}</li>
        </ul>
        <p v-for="caution in step.cautions" :key="caution.title" class="care">
            <b>{{ caution.title }}.</b> {{ caution.text }}
        </p>
    </div>
</template>

<style scoped>
.text {
    display: grid;
    gap: 8px;
}
.over {
    color: var(--pencil);
    font-size: 14px;
}
.mark {
    display: inline-block;
    margin-left: 6px;
    padding: 0 7px;
    color: var(--ink);
    background: var(--tape);
}
:root[data-theme='dark'] .mark {
    color: #2b251f;
}
.action {
    font-size: var(--action, 21px);
    line-height: 1.3;
    text-wrap: pretty;
}
.reason {
    color: var(--pencil);
}
.take {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    margin: 0;
    padding: 0;
    list-style: none;
    font-size: 14px;
}
.take li {
    padding: 2px 9px;
    background: color-mix(in oklab, var(--kraft), var(--sheet) 62%);
}
.take .tool {
    background: none;
    border: 1px solid var(--line);
}
.care {
    padding: 7px 10px;
    font-size: 14.5px;
    background: var(--bypass-soft);
    border-left: 5px solid var(--bypass);
}
</style>
