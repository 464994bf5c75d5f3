<script setup lang="ts">
import { Button, message } from 'ant-design-vue';
import { computed } from 'vue';
import { useWork } from './useWork';

const { roomId, stage, drafting, build, saving, programme, mayBuild, kept } = useWork();
const SAVED = { room: 'Room saved', build: 'Build saved' };
const building = computed(() => stage.value === 'build');
const words = computed(() => {
    if (building.value) return build.value ? `Save version ${build.value.latest.number + 1}` : 'Save this build';
    return roomId.value === null ? 'Save the room' : 'Save changes';
});
const NEXT = {
    room: { key: 'target', name: 'Next: choose a goal' },
    target: { key: 'find', name: 'Next: find builds' },
    find: { key: 'build', name: 'Next: build' },
    build: null,
    kit: null,
    guide: null,
    sheet: null,
    proof: null,
} as const;
const next = computed(() => (roomId.value !== null && !drafting.roomChanged.value && build.value === null ? NEXT[stage.value] : null));

async function save(): Promise<void> {
    const saved = await saving.save(building.value);
    if (saved) void message.success(SAVED[saved]);
    else if (saving.refused.value) void message.error({ content: saving.refused.value.message, duration: 8 });
}
</script>

<template>
    <footer v-if="mayBuild">
        <p v-if="kept !== 'none'" class="kept" aria-live="polite">
            {{ kept === 'kept' ? 'Draft saved' : 'Draft kept in this browser until the server can be reached' }}
        </p>
        <Button type="primary" size="large" block :loading="saving.busy.value" :disabled="!saving.worthwhile(building)" @click="save">
            {{ words }}
        </Button>
        <Button v-if="next" type="primary" size="large" block @click="stage = next.key">{{ next.name }}</Button>
    </footer>
    <footer v-else-if="programme.data.value" class="reader">You can try things out. Only builders and organisers can save.</footer>
</template>

<style scoped>
footer {
    padding: 10px 16px 14px;
    border-left: 1px solid var(--line);
    border-top: 1px solid var(--line);
    display: grid;
    gap: 8px;
}
.kept {
    font-size: 13.5px;
    color: var(--pencil);
}
.reader {
    font-size: 14px;
    color: var(--pencil);
}
@media (max-width: 900px) {
    footer {
        border-left: 0;
        position: sticky;
        bottom: 0;
        background: var(--sheet);
    }
}
</style>
