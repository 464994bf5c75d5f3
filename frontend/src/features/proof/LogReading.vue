<script setup lang="ts">
import { computed } from 'vue';
import type { LogPlot } from '../../api/client';
import ChoiceSelect from '../../ui/ChoiceSelect.vue';
import type { LogChoices } from './queries';

/** How a log was read: which columns, which clock, which sensor; told otherwise, the file is read again. */
const props = defineProps<{ log: LogPlot; mayChange: boolean }>();
const emit = defineEmits<{ read: [choices: LogChoices] }>();
const CLOCKS = [
    { value: 'iso', label: '2026-11-28 14:03' },
    { value: 'day-first', label: '28.11.2026 14:03' },
    { value: 'month-first', label: '11/28/2026 2:03 PM' },
    { value: 'time-of-day', label: '14:03, no date' },
    { value: 'epoch', label: 'seconds since 1970' },
    { value: 'epoch-ms', label: 'milliseconds since 1970' },
    { value: 'spreadsheet-days', label: 'days of a spreadsheet' },
    { value: 'seconds', label: 'seconds' },
    { value: 'minutes', label: 'minutes' },
    { value: 'hours', label: 'hours' },
];
const columns = computed(() => props.log.columns.map(({ place, name }) => ({ value: place, label: name })));
const told = computed<LogChoices>(() => ({
    ...(props.log.time === null ? {} : { time_column: props.log.time }),
    ...(props.log.value === null ? {} : { value_column: props.log.value }),
}));
</script>

<template>
    <p v-if="log.columns.length" class="read">
        <span>{{ log.rows.toLocaleString('en') }} readings of “{{ log.name }}”:</span>
        <template v-if="mayChange">
            time
            <ChoiceSelect
                is-line
                :value="log.time ?? undefined"
                :choices="columns"
                label="Column of the time"
                @choose="(time_column) => emit('read', { ...told, time_column })"
            />
            as
            <ChoiceSelect
                is-line
                :value="log.clock ?? undefined"
                :choices="CLOCKS"
                label="How the time is written"
                @choose="(clock) => emit('read', { ...told, clock })"
            />, values
            <ChoiceSelect
                is-line
                :value="log.value ?? undefined"
                :choices="columns"
                label="Column of the readings"
                @choose="(value_column) => emit('read', { ...told, value_column })"
            />
            <template v-if="log.sensors.length > 1">
                of
                <ChoiceSelect
                    is-line
                    :value="log.sensor ?? undefined"
                    :choices="log.sensors.map((value) => ({ value, label: value }))"
                    label="Sensor"
                    @choose="(sensor) => emit('read', { ...told, sensor })"
                />
            </template>
        </template>
    </p>
</template>

<style scoped>
.read {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 8px;
    align-items: center;
    margin: 0;
    font-size: 14px;
    color: var(--pencil);
}
</style>
