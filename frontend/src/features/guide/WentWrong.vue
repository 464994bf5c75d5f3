<script setup lang="ts">
import { Button, Modal } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import type { GuideStep } from '../../api/client';

/** What may have gone wrong in a step, and what mends it. */
const props = defineProps<{ step: GuideStep; open: boolean }>();
const emit = defineEmits<{ close: []; wrong: [text: string]; back: [step: string] }>();
const picked = ref('');
const mend = computed(() => props.step.mends.find(({ id }) => id === picked.value));
watch(
    () => props.open,
    () => (picked.value = ''),
);

function pick(id: string): void {
    picked.value = id;
    if (mend.value) emit('wrong', mend.value.title);
}
function back(): void {
    if (mend.value?.back_to) emit('back', mend.value.back_to);
    emit('close');
}
</script>

<template>
    <Modal :open="open" :footer="null" title="What went wrong?" @cancel="emit('close')">
        <div v-if="!mend" class="list">
            <Button v-for="one in step.mends" :key="one.id" size="large" block @click="pick(one.id)">{{ one.title }}</Button>
        </div>
        <div v-else class="mend">
            <h3>{{ mend.title }}</h3>
            <p>{{ mend.text }}</p>
            <div class="acts">
                <Button size="large" @click="picked = ''">Something else</Button>
                <Button size="large" type="primary" @click="back">{{
                    mend.back_to && mend.back_to !== step.id ? 'Mended: back to that step' : 'Mended'
                }}</Button>
            </div>
        </div>
    </Modal>
</template>

<style scoped>
.list,
.mend {
    display: grid;
    gap: 10px;
}
.list :deep(.ant-btn) {
    height: auto;
    min-height: 52px;
    white-space: normal;
    text-align: left;
}
h3 {
    font-size: 20px;
}
.mend p {
    font-size: 18px;
    line-height: 1.4;
}
.acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
}
</style>
