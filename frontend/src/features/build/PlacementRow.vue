<script setup lang="ts">
import { Button, Checkbox } from 'ant-design-vue';
import { computed } from 'vue';
import type { Placement } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import ChoiceSelect from '../../ui/ChoiceSelect.vue';
import NumberStepper from '../../ui/NumberStepper.vue';
import { useLedger, useWork } from '../work/useWork';

/** Purifiers alike that stand in the room besides those on the bench. */
const props = defineProps<{ row: Placement }>();
const emit = defineEmits<{ open: [build: number] }>();
const { placing } = useWork();
const ledger = useLedger();
const { show } = useMeasure();

const build = computed(() => placing.builds.value.find(({ id }) => id === props.row.build));
const name = computed(() => props.row.bought?.name ?? build.value?.name ?? 'A build');
const says = computed(() =>
    props.row.bought
        ? [props.row.bought.clean_air, props.row.bought.level, props.row.bought.power].filter((text) => text !== '').join(' · ')
        : `version ${build.value?.latest.number ?? 1}`,
);
/** What it gives in the ledger that is shown: its rows are those that are counted, in their order. */
const figures = computed(() => (placing.isCounted(props.row) ? ledger.value.beside[placing.counted.value.indexOf(props.row)] : undefined));
const speeds = computed(() => (figures.value?.speeds ?? []).map((speed) => ({ value: speed, label: speed })));

function count(next: number): void {
    void (next < 1 ? placing.remove(props.row) : placing.change(props.row, { ...props.row, count: next }));
}
</script>

<template>
    <li :class="{ left: !placing.isCounted(row) }">
        <NumberStepper
            :value="row.count"
            :min="0"
            :label="`Number of ${name}`"
            :less="`One ${name} fewer`"
            :more="`One ${name} more`"
            :disabled="placing.busy.value"
            @change="count"
        />
        <span class="what"
            ><b>{{ name }}</b> {{ row.bought ? 'bought' : '' }}
            <template v-if="figures"
                ><span class="figure">{{ show(figures.clean_air) }}</span> in all</template
            ></span
        >
        <span class="says"
            >{{ says }}
            <template v-if="figures && speeds.length"
                >on speed
                <ChoiceSelect
                    is-line
                    :value="figures.speed ?? ''"
                    :choices="speeds"
                    :label="`Speed of ${name}`"
                    :disabled="placing.busy.value"
                    @choose="(speed) => void placing.change(row, { ...row, speed })" /></template
        ></span>
        <span class="do">
            <Checkbox :checked="placing.isCounted(row)" @change="placing.toggle(row)">count it</Checkbox>
            <Button v-if="row.build" size="small" @click="emit('open', row.build)">Open on the bench</Button>
            <Button size="small" :disabled="placing.busy.value" @click="placing.remove(row)">Remove</Button>
        </span>
    </li>
</template>

<style scoped src="./stands.css"></style>
