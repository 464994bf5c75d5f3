<script setup lang="ts">
import { EditOutlined } from '@ant-design/icons-vue';
import { Button, Form, Modal } from 'ant-design-vue';
import { ref } from 'vue';
import EntryField from '../../ui/EntryField.vue';
import { useRename, type Named } from './queries';

/** Gives a programme or a site another name. */
const props = defineProps<{ what: Named; name: string }>();
const renaming = useRename(props.what);
const isOpen = ref(false);
const entry = ref('');

function open(): void {
    renaming.forget();
    entry.value = props.name;
    isOpen.value = true;
}

async function rename(): Promise<void> {
    await renaming.run(entry.value);
    if (!renaming.refused.value) isOpen.value = false;
}
</script>

<template>
    <Button type="text" size="small" :title="`Rename ${name}`" :aria-label="`Rename ${name}`" @click="open"><EditOutlined /></Button>
    <Modal
        v-model:open="isOpen"
        :title="what.kind === 'site' ? 'Rename the site' : 'Rename the programme'"
        ok-text="Rename"
        :confirm-loading="renaming.busy.value"
        destroy-on-close
        @ok="rename"
    >
        <Form layout="vertical" @submit.prevent="rename">
            <EntryField
                v-model="entry"
                label="Name"
                autofocus
                :fault="renaming.errors.value.name?.[0] ?? (renaming.message.value || undefined)"
            />
        </Form>
    </Modal>
</template>
