<script setup lang="ts">
import { RedoOutlined, UndoOutlined } from '@ant-design/icons-vue';
import { Button, ButtonGroup } from 'ant-design-vue';

defineProps<{ canUndo: boolean; canRedo: boolean }>();
const emit = defineEmits<{ undo: []; redo: [] }>();
</script>

<template>
    <ButtonGroup size="small" aria-label="Changes" role="group">
        <Button title="Undo (Ctrl+Z)" :disabled="!canUndo" @click="emit('undo')"><UndoOutlined aria-hidden="true" /> Undo</Button>
        <Button title="Redo (Ctrl+Shift+Z)" :disabled="!canRedo" @click="emit('redo')"><RedoOutlined aria-hidden="true" /> Redo</Button>
    </ButtonGroup>
</template>
