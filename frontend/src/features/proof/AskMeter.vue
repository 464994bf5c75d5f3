<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import type { Meter } from '../../api/client';
import { useAsking, useMeters, type Came } from './meters';

/** A button for each meter of a kind: what it tells now is taken as a reading. */
const props = defineProps<{ programme: number; tells: Meter['tells']; label?: string }>();
const emit = defineEmits<{ reading: [entered: string, came: Came] }>();
const meters = useMeters(() => props.programme);
const mine = computed(() => (meters.data.value ?? []).filter(({ tells }) => tells === props.tells));
const asking = useAsking();
async function ask(meter: Meter): Promise<void> {
    const told = await asking.run(meter.id);
    if (told) emit('reading', told.entered, { source: 'meter', meter: meter.name });
}
</script>

<template>
    <span v-if="mine.length" class="ask">
        <Button v-for="one in mine" :key="one.id" size="small" :loading="asking.busy.value" @click="ask(one)"
            >{{ label ?? 'Take from' }} {{ one.name }}</Button
        >
        <span v-if="asking.message.value" class="silent" role="alert">{{ asking.message.value }}</span>
    </span>
</template>

<style scoped>
.ask {
    display: inline-flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
}
.silent {
    color: var(--short);
    font-size: 14px;
}
</style>
