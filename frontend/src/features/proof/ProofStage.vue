<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { useRouter } from 'vue-router';
import NoticeBar from '../../ui/NoticeBar.vue';
import PageGate from '../../ui/PageGate.vue';
import { useBeginUnit, useGuide } from '../guide/queries';
import { useWork } from '../work/useWork';
import ProofCard from './ProofCard.vue';

/** The units that were made of this build, and how far each is proved. */
const props = defineProps<{ version: number }>();
const router = useRouter();
const { mayBuild } = useWork();
const guide = useGuide(() => props.version);
const beginning = useBeginUnit(() => props.version);

async function begin(): Promise<void> {
    const unit = await beginning.run('');
    if (unit) await router.push({ name: 'proof', params: { unit: unit.id } });
}
</script>

<template>
    <section class="stage" aria-label="Proof">
        <PageGate :asked="[guide]">
            <h2>Proof</h2>
            <NoticeBar v-if="beginning.message.value" kind="error">{{ beginning.message.value }}</NoticeBar>
            <template v-if="guide.data.value!.units.length">
                <p>What a unit gives is a forecast until it is measured. Choose the unit that stands before you.</p>
                <ProofCard v-for="unit in guide.data.value!.units" :key="unit.id" :unit="unit" />
            </template>
            <div v-else class="empty">
                <p>Measuring is done on a unit. Make one with the guide; or measure one that stands there already.</p>
                <Button v-if="mayBuild" type="primary" :loading="beginning.busy.value" @click="begin">Measure a unit of this build</Button>
            </div>
        </PageGate>
    </section>
</template>

<style scoped>
.stage {
    display: flex;
    flex-direction: column;
    gap: 10px;
    padding: 14px 18px;
    background: var(--paper);
    overflow-y: auto;
}
h2 {
    font-size: 22px;
}
p {
    margin: 0;
}
.empty {
    display: grid;
    gap: 10px;
    justify-items: start;
    padding: 22px;
    background: var(--sheet);
    border: 1px solid var(--line);
}
</style>
