<script setup lang="ts">
import { Collapse, CollapsePanel } from 'ant-design-vue';

/** What is read by those who want to: folded away under its title, or open to begin with. */
const props = withDefaults(defineProps<{ title: string; open?: boolean }>(), { open: false });
</script>

<template>
    <Collapse ghost :default-active-key="props.open ? ['all'] : []">
        <CollapsePanel key="all" :header="title"><slot /></CollapsePanel>
    </Collapse>
</template>
