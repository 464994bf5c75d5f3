<script setup lang="ts">
import { CameraOutlined } from '@ant-design/icons-vue';
import { Button, Input, Upload } from 'ant-design-vue';
import { ref } from 'vue';
import type { GuideStep } from '../../api/client';

/** Notes and photos of a step, and a field for another. */
defineProps<{ step: GuideStep; unit: number; mayTell: boolean }>();
const emit = defineEmits<{ note: [text: string]; photo: [file: File] }>();
const written = ref('');

function keep(): void {
    const text = written.value.trim();
    if (text) emit('note', text);
    written.value = '';
}
/** The picture is made small and sent by the page, not by the control. */
function choose(file: File): boolean {
    emit('photo', file);
    return false;
}
</script>

<template>
    <div class="notes">
        <p v-for="(note, index) in step.notes" :key="index" :class="note.kind">
            <img v-if="note.photo" :src="`/api/v1/units/${unit}/photos/${note.photo}`" alt="Photo of this step" />
            {{ note.text }} <small>{{ note.by || 'here' }}</small>
        </p>
        <form v-if="mayTell" @submit.prevent="keep">
            <Input
                v-model:value="written"
                size="large"
                :maxlength="500"
                placeholder="A note, such as: corner 3 taped twice"
                aria-label="A note on this step"
            />
            <Button size="large" html-type="submit" :disabled="!written.trim()">Save</Button>
            <Upload accept="image/*" capture="environment" :show-upload-list="false" :before-upload="choose">
                <span class="camera" title="Take a photo"
                    ><CameraOutlined aria-hidden="true" /><span class="visually-hidden">Take a photo</span></span
                >
            </Upload>
        </form>
    </div>
</template>

<style scoped>
.notes {
    display: grid;
    gap: 6px;
}
p {
    padding: 4px 10px;
    border-left: 4px solid var(--line);
}
p.wrong {
    border-left-color: var(--bypass);
}
img {
    display: block;
    max-width: 100%;
    max-height: 220px;
    margin-bottom: 4px;
}
small {
    color: var(--pencil);
}
form {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto auto;
    gap: 6px;
}
.camera {
    display: grid;
    place-items: center;
    width: 48px;
    height: 48px;
    font-size: 18px;
    background: var(--sheet);
    border: 1px solid color-mix(in oklab, var(--kraft-edge), var(--sheet) 30%);
    cursor: pointer;
}
</style>
