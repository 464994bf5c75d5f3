<script setup lang="ts">
import { Form } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import { useMeasure } from '../../session/useMeasure';
import EntryField from '../../ui/EntryField.vue';
import { useLedger, useWork } from '../work/useWork';
import RuleBand from './RuleBand.vue';

const { draft, bench } = useWork();
const ledger = useLedger();
const { measure, show } = useMeasure();
const marks = computed(() => (measure.value === 'imperial' ? ledger.value.scale_imperial : ledger.value.scale_metric));
const own = ref('');

watch(own, (number) => {
    if (/^\d+([.,]\d+)?$/.test(number.trim())) draft.goal = `air-changes-${number.trim().replace(',', '.')}`;
});
const percent = (share: number): string => `${share * 100}%`;
</script>

<template>
    <section class="stage mat" aria-label="Goal">
        <header>
            <h2>Needed clean air</h2>
            <p>
                Rules differ. This is what each of them needs for <b>{{ show(ledger.volume) }}</b> of air over
                <b>{{ show(ledger.floor_area) }}</b> of floor. Choose the one you follow.
                <template v-if="ledger.targets.some((target) => target.already)"> Striped: what the building already provides. </template>
            </p>
        </header>
        <div class="board">
            <div class="tape" aria-hidden="true">
                <span class="scale" :class="{ crowded: marks.length > 6 }">
                    <i v-for="mark in marks" :key="mark.text" :style="{ left: percent(mark.share) }"
                        ><b class="figure">{{ mark.text }}</b></i
                    >
                </span>
            </div>
            <div role="radiogroup" aria-label="Goal" class="rules">
                <RuleBand
                    v-for="target in ledger.targets"
                    :key="target.id"
                    :target="target"
                    :chosen="target.id === draft.goal"
                    :build-name="ledger.unit ? 'this build' : 'what is there'"
                    :build-share="target.is_goal ? ledger.build_share : null"
                    @choose="draft.goal = target.id"
                />
            </div>
            <Form layout="vertical" class="own" @submit.prevent>
                <EntryField
                    v-model="own"
                    label="Or your own number of air changes an hour"
                    hint="7.5"
                    inputmode="decimal"
                    :fault="bench.errors.value.goal?.[0]"
                    :maxlength="8"
                />
            </Form>
        </div>
    </section>
</template>

<style scoped>
.stage {
    padding: 18px 22px 22px;
    overflow-y: auto;
    display: grid;
    gap: 12px;
    align-content: start;
}
header {
    display: grid;
    gap: 4px;
}
h2 {
    font-size: 22px;
}
.board {
    background: var(--sheet);
    border: 1px solid var(--line);
    box-shadow: var(--shadow);
    padding-bottom: 10px;
}
.tape {
    background: var(--tape);
    border-bottom: 1px solid var(--tape-edge);
    height: 34px;
    padding-left: 300px;
    padding-right: 118px;
    overflow: visible;
}
.scale {
    display: block;
    position: relative;
    height: 100%;
    background: repeating-linear-gradient(90deg, var(--tape-edge) 0 1px, transparent 1px 2%) bottom / 100% 6px no-repeat;
}
.scale i {
    position: absolute;
    bottom: 0;
    height: 13px;
    border-left: 2px solid #2b251f;
}
.scale b {
    position: absolute;
    bottom: 12px;
    left: 0;
    transform: translateX(-50%);
    font-size: 11px;
    font-style: normal;
    color: #2b251f;
    white-space: nowrap;
}
.scale i:first-child b {
    transform: translateX(-6px);
}
.crowded i:nth-child(even) b {
    display: none;
}
.own {
    padding: 10px 14px 4px;
}
.own :deep(input) {
    width: 92px;
}
@media (max-width: 900px) {
    .tape {
        display: none;
    }
}
</style>
