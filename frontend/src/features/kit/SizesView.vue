<script setup lang="ts">
import { computed } from 'vue';
import type { CutPlan } from '../../api/client';
import NoticeBar from '../../ui/NoticeBar.vue';
import SizeCard from './SizeCard.vue';
import { figuresOf } from './sizes';

/** The actual sizes of what was bought, asked for where the tape goes, before anything is cut by them. */
const props = defineProps<{ version: number; plan: CutPlan; mayChange: boolean }>();
const figures = computed(() => figuresOf(props.plan.sizes));
const missing = computed(() => props.plan.sizes.filter((size) => !size.measured && size.effects.length > 0).length);
</script>

<template>
    <div class="sizes">
        <NoticeBar v-if="missing" kind="warning">
            <b>{{ missing === 1 ? 'One size' : `${missing} sizes` }} to measure before you cut.</b> Frames and fans of one name differ by a
            quarter of an inch. Until they are measured, every drawing says “check sizes”.
        </NoticeBar>
        <NoticeBar v-else-if="plan.is_measured"><b>All sizes that anything is cut by are measured.</b> The drawings are final.</NoticeBar>
        <NoticeBar v-if="plan.window !== 'none'" :kind="plan.window === 'drawn' ? 'info' : 'warning'">
            <template v-if="plan.window === 'drawn'"
                >The filler board fills the window that is drawn in the room: measure it there.</template
            >
            <template v-else
                ><b>No window is drawn in the room.</b> The filler board is cut for an ordinary one: draw yours first.</template
            >
        </NoticeBar>
        <SizeCard
            v-for="one in figures"
            :key="one.key"
            :version="version"
            :name="one.name"
            :figure="one.figure"
            :sizes="one.sizes"
            :may-change="mayChange"
        />
    </div>
</template>

<style scoped>
.sizes {
    display: grid;
    gap: 14px;
    align-content: start;
    overflow-y: auto;
}
</style>
