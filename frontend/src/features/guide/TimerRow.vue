<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { clockTold } from './useTimers';

/** Something that must hold, counting down; rung, it says that it is time. */
defineProps<{ name: string; left: number }>();
const emit = defineEmits<{ stop: [] }>();
</script>

<template>
    <div class="timer" :class="{ over: !left }" role="timer">
        <b class="figure">{{ left ? clockTold(left) : 'Time' }}</b>
        <span>{{ left ? `until ${name} holds` : `${name} holds now` }}</span>
        <Button @click="emit('stop')">{{ left ? 'Stop' : 'OK' }}</Button>
    </div>
</template>

<style scoped>
.timer {
    display: flex;
    gap: 12px;
    align-items: center;
    padding: 8px 14px;
    background: #efd96f;
    color: #2b251f;
    font-size: 17px;
}
.timer b {
    font-size: 26px;
}
.timer span {
    flex: 1;
}
.timer.over {
    background: var(--clean);
    color: var(--sheet);
}
</style>
