<script setup lang="ts">
import { FilePdfOutlined } from '@ant-design/icons-vue';
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import NoticeBar from '../../ui/NoticeBar.vue';
import PageGate from '../../ui/PageGate.vue';
import { useWork } from '../work/useWork';
import { useBeginUnit, useGuide } from './queries';
import StepList from './StepList.vue';
import StepPicture from './StepPicture.vue';
import StepText from './StepText.vue';
import UnitChip from './UnitChip.vue';

/** How the saved version is made, step by step, and the units that are made by it. */
const props = defineProps<{ version: number }>();
const router = useRouter();
const { drafting, mayBuild, programmeId } = useWork();
const isChanged = computed(() => drafting.roomChanged.value || drafting.buildChanged.value);
const guide = useGuide(() => props.version);
const beginning = useBeginUnit(() => props.version);
const earlier = computed(() => (guide.data.value ? guide.data.value.begun - guide.data.value.units.length : 0));
const chosen = ref('');
const steps = computed(() => guide.data.value?.steps ?? []);
const place = computed(() =>
    Math.max(
        0,
        steps.value.findIndex(({ id }) => id === chosen.value),
    ),
);
const step = computed(() => steps.value[place.value]);

function go(by: number): void {
    const next = steps.value[place.value + by];
    if (next) chosen.value = next.id;
}
async function begin(): Promise<void> {
    const unit = await beginning.run('');
    if (unit) await router.push({ name: 'unit', params: { unit: unit.id } });
}
</script>

<template>
    <section class="stage" aria-label="Guide">
        <PageGate :asked="[guide]">
            <header>
                <div>
                    <h2>Guide</h2>
                    <p>
                        {{ steps.length }} steps, about <b>{{ guide.data.value!.work }} min</b> for one person,
                        {{ guide.data.value!.looking }} of them counting and looking; {{ guide.data.value!.shortest }} min at the least with
                        many hands
                    </p>
                </div>
                <div class="acts">
                    <Button :href="`/api/v1/versions/${version}/guide.pdf`" target="_blank" rel="noopener"
                        ><FilePdfOutlined aria-hidden="true" /> PDF</Button
                    >
                    <Button :href="`/api/v1/versions/${version}/guide.pdf?large=1`" target="_blank" rel="noopener">Large print</Button>
                    <Button v-if="mayBuild" type="primary" :loading="beginning.busy.value" @click="begin">Make a unit</Button>
                </div>
            </header>
            <NoticeBar v-if="isChanged" kind="warning">This is the saved version. Changes made since are not in it.</NoticeBar>
            <NoticeBar v-if="beginning.message.value" kind="error">{{ beginning.message.value }}</NoticeBar>
            <div v-if="guide.data.value!.units.length" class="units">
                <RouterLink v-if="earlier > 0" :to="{ name: 'units', params: { programme: programmeId } }"
                    >{{ earlier }} earlier</RouterLink
                >
                <UnitChip v-for="unit in guide.data.value!.units" :key="unit.id" :unit="unit" />
                <span v-if="guide.data.value!.begun < guide.data.value!.planned" class="aside"
                    >{{ guide.data.value!.begun }} of {{ guide.data.value!.planned }} begun</span
                >
            </div>
            <div class="columns">
                <StepList :steps="steps" :present="step?.id ?? ''" label="Steps" with-minutes @go="(next) => (chosen = next)" />
                <div v-if="step" class="step">
                    <StepPicture :version="version" :step="step.id" :title="`Step ${place + 1}: ${step.action}`" />
                    <div class="told">
                        <StepText :step="step" :number="place + 1" />
                        <p v-for="hold in step.holds" :key="hold" class="hold">☐ {{ hold }}</p>
                        <div class="turn">
                            <Button :disabled="place === 0" @click="go(-1)">Back</Button>
                            <Button :disabled="place === steps.length - 1" @click="go(1)">Next step</Button>
                        </div>
                    </div>
                </div>
            </div>
        </PageGate>
    </section>
</template>

<style scoped>
.stage {
    display: flex;
    flex-direction: column;
    gap: 8px;
    padding: 12px 16px 14px;
    background: var(--paper);
    overflow: hidden;
}
header {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: center;
    gap: 6px 16px;
}
h2 {
    font-size: 22px;
}
.acts,
.turn,
.units {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
}
.aside {
    color: var(--pencil);
    font-size: 14px;
}
.columns {
    flex: 1;
    display: grid;
    grid-template-columns: 250px minmax(0, 1fr);
    gap: 14px;
    min-height: 0;
}
.step {
    display: grid;
    grid-template-rows: minmax(200px, 1fr) auto;
    min-height: 0;
    background: var(--sheet);
    border: 1px solid var(--line);
    box-shadow: var(--shadow);
    overflow-y: auto;
}
.told {
    display: grid;
    gap: 8px;
    padding: 12px 18px 14px;
    border-top: 1px solid var(--line);
}
.hold {
    font-weight: 700;
}
@media (max-width: 900px) {
    .columns {
        grid-template-columns: minmax(0, 1fr);
    }
    .columns > ol {
        order: 2;
    }
    .step {
        grid-template-rows: 300px auto;
    }
}
</style>
