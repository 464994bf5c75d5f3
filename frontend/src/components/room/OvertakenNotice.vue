<script setup lang="ts">
import { computed } from 'vue';
import type { Room } from '../../api/client';

const props = defineProps<{ room: Room; by: { room: boolean; build: boolean }; changed: boolean }>();
defineEmits<{ theirs: []; mine: [] }>();

const says = computed(() => {
    const latest = props.room.builds.at(-1)?.latest;
    const version = `saved version ${latest?.number ?? 1} of the build`;
    const who = (props.by.build ? latest?.savedBy : props.room.changedBy) ?? 'Someone else';
    const did = [props.by.room ? 'changed the room' : '', props.by.build ? version : ''].filter((one) => one !== '');
    return `${who} ${did.join(' and ')} since you began.`;
});
</script>

<template>
    <div class="overtaken" role="alert">
        <p>
            <b>{{ says }}</b>
            {{ changed ? 'Nothing is lost: yours is on this screen, theirs is saved.' : 'You see the version before.' }}
        </p>
        <button type="button" @click="$emit('theirs')">Show theirs</button>
        <button v-if="changed" type="button" @click="$emit('mine')">Keep mine</button>
    </div>
</template>

<style scoped>
.overtaken {
    position: absolute;
    inset: 0 0 auto;
    z-index: 9;
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 12px;
    padding: 10px 16px;
    color: #2b251f;
    background: var(--tape);
    border-bottom: 1px solid var(--tape-edge);
    box-shadow: var(--shadow);
}
p {
    flex: 1 1 300px;
    font-size: 15px;
    line-height: 1.35;
}
button {
    padding: 7px 14px;
    font: inherit;
    font-size: 15px;
    font-weight: 700;
    color: #2b251f;
    background: #fdf8e4;
    border: 2px solid #2b251f;
    cursor: pointer;
}
</style>
