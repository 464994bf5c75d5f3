<script setup lang="ts">
import { CheckCircleFilled } from '@ant-design/icons-vue';
import { Button } from 'ant-design-vue';
import { ref } from 'vue';
import type { CutPlan } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import EntryField from '../../ui/EntryField.vue';
import { useMeasureWindow } from './queries';

/** The clear opening of the window that a filler board is cut for. */
const props = defineProps<{ version: number; opening: NonNullable<CutPlan['window']>; mayChange: boolean }>();
const { show } = useMeasure();
const measuring = useMeasureWindow(() => props.version);
const width = ref('');
const height = ref('');

async function confirm(): Promise<void> {
    if (await measuring.run({ width: width.value, height: height.value })) width.value = height.value = '';
}
</script>

<template>
    <section class="card" aria-label="Window">
        <div>
            <b>Window</b>
            <p v-if="opening.measured" class="seen">
                <CheckCircleFilled aria-hidden="true" /> {{ show(opening.width) }} × {{ show(opening.height) }} measured, {{ opening.by }},
                {{ opening.at }}
            </p>
            <p v-else-if="opening.width">{{ show(opening.width) }} × {{ show(opening.height) }}, as it is drawn in the room.</p>
            <p v-else>No window is drawn in the room: the filler board is cut for an ordinary one.</p>
            <p>The board fills it: measure the clear opening at its narrowest, a sixteenth less is easier to set in.</p>
        </div>
        <form v-if="mayChange" @submit.prevent="confirm">
            <EntryField
                v-model="width"
                label="Width"
                :hint="show(opening.width)"
                :fault="measuring.errors.value['window.width']?.[0]"
                :maxlength="40"
            />
            <EntryField
                v-model="height"
                label="Height"
                :hint="show(opening.height)"
                :fault="measuring.errors.value['window.height']?.[0]"
                :maxlength="40"
            />
            <Button html-type="submit" :disabled="!width || !height" :loading="measuring.busy.value">Confirm</Button>
        </form>
    </section>
</template>

<style scoped>
.card {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 380px;
    gap: 8px 18px;
    align-items: start;
    padding: 12px 14px;
    background: var(--sheet);
    border: 1px solid var(--line);
    box-shadow: var(--shadow);
}
p {
    margin: 0;
    color: var(--pencil);
    font-size: 14px;
}
.seen {
    color: var(--clean);
    font-weight: 700;
}
form {
    display: grid;
    grid-template-columns: 1fr 1fr auto;
    gap: 8px;
    align-items: end;
}
@media (max-width: 900px) {
    .card {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
