<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { ref } from 'vue';
import { usePhoneMeter } from './usePhoneMeter';

/** The phone itself as a level meter. */
const emit = defineEmits<{ level: [decibels: number] }>();
const { level, isOn, fault, isCompared, start, stop, compare } = usePhoneMeter();
const meter = ref('');
function take(): void {
    const reads = Number.parseFloat(meter.value.replace(',', '.'));
    if (Number.isFinite(reads)) compare(reads);
}
</script>

<template>
    <div class="phone">
        <Button v-if="!isOn" @click="start">Listen with this phone</Button>
        <template v-else>
            <p class="now figure" aria-live="off" data-test="phone-level">{{ level === null ? '…' : `${level.toFixed(1)} dBA` }}</p>
            <Button type="primary" :disabled="level === null" @click="level !== null && emit('level', level)">Take this reading</Button>
            <Button @click="stop">Stop</Button>
            <form class="compare" @submit.prevent="take">
                <label>A meter beside it reads <Input v-model:value="meter" size="small" :maxlength="8" class="figure" /> dBA</label>
                <Button size="small" html-type="submit">Compare</Button>
            </form>
        </template>
        <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
        <p class="aside">
            A phone is good to about 3 dB{{
                isCompared
                    ? ', now that it was compared with a meter.'
                    : ' once it was compared with a meter; before that only differences count.'
            }}
        </p>
    </div>
</template>

<style scoped>
.phone {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 12px;
    align-items: center;
    padding: 10px 12px;
    background: var(--paper);
}
p {
    margin: 0;
}
.now {
    font-size: 24px;
    font-weight: 700;
}
.compare {
    display: flex;
    gap: 6px;
    align-items: center;
}
.compare :deep(input) {
    width: 64px;
}
.aside {
    flex: 1 1 100%;
    font-size: 13px;
    color: var(--pencil);
}
.fault {
    color: var(--short);
}
</style>
