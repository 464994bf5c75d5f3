<script setup lang="ts">
import { computed } from 'vue';
import type { Shown } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import { useWork } from '../work/useWork';
import LengthField from './LengthField.vue';
import type { Side, useRoomDrawing } from './useRoomDrawing';

/** Length, width or height of the room, where the tape goes. */
const props = defineProps<{ side: Side; reading: Shown | null; drawing: ReturnType<typeof useRoomDrawing> }>();
const { draft } = useWork();
const { measure } = useMeasure();
const bare = computed(() => (measure.value === 'imperial' ? 'ft' : 'm'));
</script>

<template>
    <LengthField
        :name="side"
        :entry="draft.entries[side]"
        :reading="reading"
        :fault="props.drawing.faultOf(side)"
        :offers="props.drawing.offersOf(side)"
        :bare="bare"
        @change="(entry) => props.drawing.set({ [side]: entry })"
    />
</template>
