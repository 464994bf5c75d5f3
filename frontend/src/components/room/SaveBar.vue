<script setup lang="ts">
import { Button, message } from 'ant-design-vue';
import { computed } from 'vue';
import { Refused } from '../../api/client';
import type { useWork } from '../../composables/useWork';

const props = defineProps<{ work: ReturnType<typeof useWork> }>();
const { roomId, stage, drafting, build, saving, programme } = props.work;
const mayBuild = computed(() => programme.data.value !== undefined && programme.data.value.role !== 'reader');
const building = computed(() => stage.value === 'build');
const words = computed(() => {
    if (building.value) return build.value ? `Save version ${build.value.latest.number + 1}` : 'Save this build';
    return roomId.value === null ? 'Save the room' : 'Save changes';
});
const next = computed(() =>
    !building.value && roomId.value !== null && !drafting.roomChanged.value && build.value === null
        ? stage.value === 'room'
            ? ({ key: 'target', name: 'choose a goal' } as const)
            : stage.value === 'target'
              ? ({ key: 'find', name: 'find builds' } as const)
              : ({ key: 'build', name: 'build' } as const)
        : null,
);

async function save(): Promise<void> {
    try {
        void message.success(await saving.save(building.value));
    } catch (refused) {
        if (!(refused instanceof Refused)) throw refused;
        void message.error({ content: refused.message, duration: 8 });
    }
}
</script>

<template>
    <footer v-if="mayBuild">
        <p v-if="work.kept.value !== 'none'" class="kept" aria-live="polite">
            {{ work.kept.value === 'kept' ? 'Draft saved' : 'Draft kept in this browser until the server can be reached' }}
        </p>
        <Button type="primary" size="large" block :loading="saving.busy.value" :disabled="!saving.worthwhile(building)" @click="save">
            {{ words }}
        </Button>
        <Button v-if="next" type="primary" size="large" block @click="stage = next.key">Next: {{ next.name }}</Button>
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
