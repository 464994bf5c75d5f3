<script setup lang="ts">
import { CameraOutlined } from '@ant-design/icons-vue';
import { Upload } from 'ant-design-vue';
import { smallPhoto } from '../guide/useAtTheTable';
import { usePhoto } from './queries';

/** A photo of a point: taken with the phone, shown beside what was told. */
const props = defineProps<{ unit: number; photo: number | null; mayAdd: boolean }>();
const emit = defineEmits<{ added: [photo: number] }>();
const sending = usePhoto(props.unit);
function choose(file: File): boolean {
    void (async () => {
        const kept = await sending.run(await smallPhoto(file));
        if (kept) emit('added', kept.id);
    })();
    return false;
}
</script>

<template>
    <span class="photo">
        <a v-if="photo" :href="`/api/v1/units/${unit}/photos/${photo}`" target="_blank" rel="noopener">Photo</a>
        <Upload v-else-if="mayAdd" accept="image/*" capture="environment" :show-upload-list="false" :before-upload="choose">
            <span class="ant-btn ant-btn-default" title="Add a photo"
                ><CameraOutlined aria-hidden="true" /><span class="visually-hidden">Add a photo</span></span
            >
        </Upload>
    </span>
</template>

<style scoped>
.photo {
    display: inline-flex;
    align-items: center;
}
a {
    color: var(--clean);
    text-decoration: underline;
}
</style>
