<script setup lang="ts">
import { SearchOutlined } from '@ant-design/icons-vue';
import { Input } from 'ant-design-vue';

/** Words that a list is narrowed down by. */
defineProps<{ label: string; hint: string }>();
const sought = defineModel<string>({ required: true });
</script>

<template>
    <Input v-model:value="sought" class="search" allow-clear autocomplete="off" :placeholder="hint" :aria-label="label">
        <template #prefix><SearchOutlined aria-hidden="true" /></template>
    </Input>
</template>
