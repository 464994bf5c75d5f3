<script setup lang="ts">
import { computed } from 'vue';
import type { CutPlan } from '../../api/client';
import NoticeBar from '../../ui/NoticeBar.vue';
import SizeCard from './SizeCard.vue';
import { figuresOf } from './sizes';
import WindowCard from './WindowCard.vue';

/** The actual sizes of what was bought, asked for where the tape goes, before anything is cut by them. */
const props = defineProps<{ version: number; plan: CutPlan; mayChange: boolean }>();
const figures = computed(() => figuresOf(props.plan.sizes));
const missing = computed(
    () =>
        props.plan.sizes.filter((size) => !size.measured && size.effects.length > 0).length +
        (props.plan.window && !props.plan.window.measured ? 1 : 0),
);
</script>

<template>
    <div class="sizes">
        <NoticeBar v-if="missing" kind="warning">
            <b>{{ missing === 1 ? 'One size' : `${missing} sizes` }} to measure before you cut.</b> Frames and fans of one name differ by a
            quarter of an inch. Until they are measured, every drawing says “check sizes”.
        </NoticeBar>
        <NoticeBar v-else-if="plan.is_measured"><b>All sizes that anything is cut by are measured.</b> The drawings are final.</NoticeBar>
        <WindowCard v-if="plan.window" :version="version" :opening="plan.window" :may-change="mayChange" />
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
