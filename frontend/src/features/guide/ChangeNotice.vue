<script setup lang="ts">
import { computed } from 'vue';
import type { MadeUnit } from '../../api/client';
import FoldAway from '../../ui/FoldAway.vue';
import NoticeBar from '../../ui/NoticeBar.vue';

/** What the build has changed since a unit was begun, whose guide stays as it was. */
const props = defineProps<{ changes: MadeUnit['changes'] }>();
const lines = computed(() => [
    ...props.changes.added.map((what) => ({ kind: 'New', what })),
    ...props.changes.dropped.map((what) => ({ kind: 'No longer', what })),
    ...props.changes.changed.map((what) => ({ kind: 'Otherwise', what })),
]);
</script>

<template>
    <NoticeBar v-if="lines.length" kind="warning">
        <FoldAway title="The build was changed since you began. This guide stays as it was.">
            <ul>
                <li v-for="line in lines" :key="line.kind + line.what">
                    <b>{{ line.kind }}:</b> {{ line.what }}
                </li>
            </ul>
        </FoldAway>
    </NoticeBar>
</template>

<style scoped>
ul {
    margin: 0;
    padding-left: 18px;
}
</style>
