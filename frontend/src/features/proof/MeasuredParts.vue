<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { ref } from 'vue';
import type { Proof } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import NoticeBar from '../../ui/NoticeBar.vue';
import type { Measuring } from './queries';

/** What the evidence says of parts well enough to hold for every other build with them. */
const props = defineProps<{ proof: Proof; measuring: Measuring }>();
const { show } = useMeasure();
const { keeping } = props.measuring;
const kept = ref<string[]>([]);
async function keep(kind: Proof['measured'][number]['kind']): Promise<void> {
    if (await keeping.run(kind)) kept.value = [...kept.value, kind];
}
</script>

<template>
    <section class="measured" aria-label="Measured parts">
        <h2>Keep as measured</h2>
        <p>Then the ranges of all builds with these parts are narrower.</p>
        <NoticeBar v-if="keeping.message.value" kind="error">{{ keeping.message.value }}</NoticeBar>
        <ul>
            <li v-for="one in proof.measured" :key="one.kind">
                <span>{{ show(one.text) }}</span>
                <Button
                    v-if="proof.may_build"
                    size="small"
                    :disabled="kept.includes(one.kind)"
                    :loading="keeping.busy.value"
                    @click="keep(one.kind)"
                    >{{ kept.includes(one.kind) ? 'Kept' : 'Keep' }}</Button
                >
            </li>
        </ul>
    </section>
</template>

<style scoped>
h2 {
    font-size: 16px;
}
p {
    margin: 2px 0 6px;
    font-size: 14px;
    color: var(--pencil);
}
ul {
    display: grid;
    gap: 6px;
    margin: 0;
    padding: 0;
    list-style: none;
}
li {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    font-size: 15px;
    line-height: 1.3;
}
</style>
