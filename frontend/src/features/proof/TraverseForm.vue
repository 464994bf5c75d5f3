<script setup lang="ts">
import { Button, Form } from 'ant-design-vue';
import { computed, reactive } from 'vue';
import type { Proof } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import EntryField from '../../ui/EntryField.vue';
import NoticeBar from '../../ui/NoticeBar.vue';
import OptionSwitch from '../../ui/OptionSwitch.vue';
import type { Measuring } from './queries';

/** How air speeds are to be read: the outlet, or the end of a wind tunnel of sheet set on it; the grid; filters on or off. */
const props = defineProps<{ proof: Proof; measuring: Measuring }>();
const emit = defineEmits<{ done: [] }>();
const { show } = useMeasure();
const { beginning } = props.measuring;
const setting = reactive({
    speed: props.proof.speed,
    outlet: props.proof.outlet.outlet as string,
    width: show(props.proof.outlet.width),
    height: show(props.proof.outlet.height),
    grid: props.proof.outlet.outlet === 'round' ? 'log-linear' : 'log-tchebycheff',
    across: '5',
    up: '5',
    filters: 'on',
    meter_percent: '5',
    name: '',
});
const isRound = computed(() => setting.outlet === 'round');
const fault = (field: string): string | undefined => beginning.refused.value?.errors[`setting.${field}`]?.[0];
const GRIDS = computed(() =>
    isRound.value
        ? [
              { value: 'log-linear', label: 'Log-linear, 6' },
              { value: 'equal-area', label: 'Equal area' },
          ]
        : [
              { value: 'log-tchebycheff', label: 'Log-Tchebycheff, 5 × 5' },
              { value: 'equal-area', label: 'Equal area' },
          ],
);
function choose(outlet: string): void {
    setting.outlet = outlet;
    setting.grid = outlet === 'round' ? 'log-linear' : 'log-tchebycheff';
}
async function begin(): Promise<void> {
    const points = isRound.value ? { across: '6', up: '2' } : { across: '5', up: '5' };
    if (await beginning.run({ kind: 'traverse', setting: { ...setting, ...points } })) emit('done');
}
</script>

<template>
    <Form layout="vertical" class="form" @submit.prevent="begin">
        <h2>Read the air speed over the outlet</h2>
        <p>
            One spot tells nothing: the hub blows nothing, the rim blows hard, corners may flow backwards. The mean over a grid tells the
            flow. A box of sheet on the fan, open at its end, is a wind tunnel: enter the size of its end.
        </p>
        <NoticeBar v-if="beginning.message.value && !fault('width') && !fault('height')" kind="error">{{
            beginning.message.value
        }}</NoticeBar>
        <div class="row">
            <OptionSwitch
                :value="setting.speed"
                :options="proof.speeds.map((value) => ({ value, label: `Speed ${value}` }))"
                label="Speed of the fan"
                @choose="(next) => (setting.speed = next)"
            />
            <OptionSwitch
                :value="setting.filters"
                :options="[
                    { value: 'on', label: 'Filters on' },
                    { value: 'off', label: 'Filters off' },
                ]"
                label="Filters"
                @choose="(next) => (setting.filters = next)"
            />
        </div>
        <div class="row">
            <OptionSwitch
                :value="setting.outlet"
                :options="[
                    { value: 'rectangle', label: 'Rectangle' },
                    { value: 'round', label: 'Round' },
                ]"
                label="Outlet"
                @choose="choose"
            />
            <OptionSwitch :value="setting.grid" :options="GRIDS" label="Grid" @choose="(next) => (setting.grid = next)" />
        </div>
        <div class="row">
            <EntryField v-model="setting.width" :label="isRound ? 'Diameter' : 'Width'" :fault="fault('width')" class="figure" />
            <EntryField v-if="!isRound" v-model="setting.height" label="Height" :fault="fault('height')" class="figure" />
            <EntryField v-model="setting.meter_percent" label="Meter is within, %" class="figure" />
            <EntryField v-model="setting.name" label="Which meter" hint="the blue one" />
        </div>
        <Button v-if="proof.may_build" type="primary" size="large" html-type="submit" :loading="beginning.busy.value"
            >Show where to hold the meter</Button
        >
    </Form>
</template>

<style scoped>
.form {
    display: grid;
    gap: 12px;
    justify-items: start;
    padding: 22px;
    background: var(--sheet);
    border: 1px solid var(--line);
    max-width: 760px;
}
.row {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 18px;
    align-items: end;
}
.row :deep(.entry) {
    width: 150px;
    margin: 0;
}
h2 {
    font-size: 20px;
}
p {
    margin: 0;
    line-height: 1.4;
}
</style>
