<script setup lang="ts">
import { computed } from 'vue';
import type { Unit } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import OptionSwitch from '../../ui/OptionSwitch.vue';

const props = defineProps<{ unit: Unit }>();
const emit = defineEmits<{ speed: [name: string] }>();
const { show } = useMeasure();

/** As many as there is room to tell the level of each. */
const FEW = 5;
const isDense = computed(() => props.unit.speeds.length > FEW);
const options = computed(() =>
    props.unit.speeds.map((one) => ({
        value: one.name,
        label: one.name,
        level: show(one.level),
        title: `Speed ${one.name}: ${show(one.level)}, ${show(one.clean_air)}`,
        class: one.keeps_quiet ? '' : 'loud',
    })),
);
const levelOf = (name: string): string => options.value.find(({ value }) => value === name)?.level ?? '';
</script>

<template>
    <OptionSwitch
        class="speeds"
        :class="{ dense: isDense }"
        label="Speed"
        :value="unit.speeds[unit.chosen]?.name"
        :options="options"
        @choose="(name) => emit('speed', name)"
    >
        <template #option="{ option }">
            <b>{{ option.label }}</b>
            <span v-if="!isDense" class="figure">{{ levelOf(option.value) }}</span>
        </template>
    </OptionSwitch>
</template>

<style scoped>
.speeds {
    display: flex;
    flex-wrap: nowrap;
}
.speeds :deep(.ant-radio-button-wrapper) {
    flex: 1;
    height: auto;
    min-height: 38px;
    padding: 4px 2px;
    line-height: 1.2;
    text-align: center;
}
.figure {
    display: block;
    font-size: 11px;
}
.speeds :deep(.loud .figure),
.dense :deep(.loud b) {
    text-decoration: line-through;
    text-decoration-color: var(--short);
}
</style>
