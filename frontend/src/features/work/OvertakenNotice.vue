<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import NoticeBar from '../../ui/NoticeBar.vue';
import { useWork } from './useWork';

/** Somebody else has saved what is on this screen since it was begun. */
const { room, drafting, overtaken } = useWork();
const isChanged = computed(() => drafting.roomChanged.value || drafting.buildChanged.value);

const says = computed(() => {
    const by = overtaken.value ?? { room: false, build: false };
    const latest = room.data.value?.builds.at(-1)?.latest;
    const who = (by.build ? latest?.saved_by : room.data.value?.changed_by) ?? 'Someone else';
    const version = latest?.number ?? 1;
    if (by.room && by.build) return `${who} changed the room and saved version ${version} of the build since you began.`;
    return by.build ? `${who} saved version ${version} of the build since you began.` : `${who} changed the room since you began.`;
});
</script>

<template>
    <NoticeBar v-if="overtaken && room.data.value" class="overtaken">
        <b>{{ says }}</b>
        {{ isChanged ? 'Nothing is lost: yours is on this screen, theirs is saved.' : 'You see the version before.' }}
        <template #actions>
            <Button @click="drafting.takeTheirs(room.data.value)">Show theirs</Button>
            <Button v-if="isChanged" @click="drafting.keepMine(room.data.value)">Keep mine</Button>
        </template>
    </NoticeBar>
</template>

<style scoped>
.overtaken {
    position: absolute;
    inset: 0 0 auto;
    z-index: 9;
    color: #2b251f;
    background: var(--tape);
    box-shadow: var(--shadow);
}
.overtaken :deep(.said) {
    color: #2b251f;
}
</style>
