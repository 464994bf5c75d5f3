<script setup lang="ts">
import { CheckCircleFilled } from '@ant-design/icons-vue';
import { Button } from 'ant-design-vue';
import type { GuideStep } from '../../api/client';

/** What must be seen before going on, each with a target for a thumb. */
const props = defineProps<{ step: GuideStep; mayTick: boolean }>();
const emit = defineEmits<{ seen: [hold: number, isSeen: boolean] }>();
const told = (hold: number) => props.step.seen.find((one) => one.hold === hold);
const at = (ms: number): string => new Date(ms).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });
</script>

<template>
    <ul aria-label="See before you go on">
        <li v-for="(hold, index) in step.holds" :key="hold">
            <Button
                class="hold"
                role="checkbox"
                :aria-checked="told(index) !== undefined"
                :disabled="!mayTick"
                @click="emit('seen', index, told(index) === undefined)"
            >
                <span class="box"><CheckCircleFilled v-if="told(index)" aria-hidden="true" /></span>
                <span>
                    <b>{{ hold }}</b>
                    <small v-if="told(index)">{{ told(index)!.by || 'seen here' }}, {{ at(told(index)!.at) }}</small>
                </span>
            </Button>
        </li>
    </ul>
</template>

<style scoped>
ul {
    margin: 0;
    padding: 0;
    list-style: none;
    display: grid;
    gap: 6px;
}
.hold {
    display: grid;
    grid-template-columns: 38px minmax(0, 1fr);
    gap: 10px;
    align-items: center;
    width: 100%;
    min-height: 56px;
    padding: 7px 12px;
    height: auto;
    white-space: normal;
    font-size: 17px;
    line-height: 1.25;
    text-align: left;
    color: var(--ink);
    background: var(--sheet);
    border: 2px solid var(--line);
    cursor: pointer;
}
.hold[aria-checked='true'] {
    background: var(--clean-soft);
    border-color: var(--clean);
}
.box {
    display: grid;
    place-items: center;
    width: 34px;
    height: 34px;
    font-size: 32px;
    color: var(--clean);
    border: 2px solid var(--pencil);
    background: var(--sheet);
}
.hold[aria-checked='true'] .box {
    border-color: transparent;
    background: none;
}
small {
    display: block;
    font-size: 13px;
    color: var(--pencil);
}
</style>
