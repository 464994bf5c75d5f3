<script setup lang="ts">
import { Button, message } from 'ant-design-vue';

/** A link that is told only now. */
const props = defineProps<{ link: string }>();

async function copy(): Promise<void> {
    try {
        await navigator.clipboard.writeText(props.link);
        void message.success('Link copied');
    } catch {
        void message.info('Select the link and copy it.');
    }
}
</script>

<template>
    <div class="made">
        <code data-test="link">{{ link }}</code>
        <Button @click="copy">Copy link</Button>
        <p>It is shown only now.</p>
    </div>
</template>

<style scoped>
.made {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: center;
    padding: 12px;
    background: var(--tape-soft, var(--paper));
    border: 1px dashed var(--line);
}
code {
    overflow-wrap: anywhere;
    user-select: all;
}
</style>
