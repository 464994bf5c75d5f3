<script setup lang="ts">
import { nextTick, ref } from 'vue';
import type { Shown } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import FieldFault from '../../ui/FieldFault.vue';
import FieldOffers from '../../ui/FieldOffers.vue';

const props = defineProps<{ index: number; reading: Shown | undefined; taped: boolean; fault: string | undefined; offers: string[] }>();
const emit = defineEmits<{ read: [length: string]; begin: [] }>();
const { show } = useMeasure();
/** What is being written; null while nothing is. */
const written = ref<string | null>(null);

async function begin(event: FocusEvent): Promise<void> {
    written.value = props.fault ? (written.value ?? show(props.reading)) : show(props.reading);
    emit('begin');
    await nextTick();
    (event.target as HTMLInputElement).select();
}
function done(): void {
    const text = written.value?.trim() ?? '';
    if (text !== '' && text !== show(props.reading)) emit('read', text);
    written.value = null;
}
</script>

<template>
    <div class="wall" :class="{ wrong: fault, taped }">
        <input
            class="figure"
            :value="written ?? show(reading)"
            :aria-label="`Length of wall ${index + 1}${taped ? ', measured' : ', as drawn'}`"
            :aria-invalid="fault !== undefined"
            :data-length="index"
            autocomplete="off"
            @focus="begin"
            @input="written = ($event.target as HTMLInputElement).value"
            @keydown.enter="($event.target as HTMLInputElement).blur()"
            @keydown.escape="
                written = null;
                ($event.target as HTMLInputElement).blur();
            "
            @blur="done"
        />
        <div v-if="fault" class="below-tape">
            <FieldFault :said="fault" />
            <FieldOffers :offers="offers" :says="(offer) => `Keep ${offer}`" @take="(offer) => emit('read', offer)" />
        </div>
    </div>
</template>

<style scoped>
.wall {
    position: relative;
}
input {
    width: 6.2em;
    padding: 5px 4px;
    font-size: 13px;
    font-weight: 600;
    text-align: center;
    color: var(--ink);
    background: color-mix(in oklab, var(--sheet), transparent 15%);
    border: 1px dashed var(--pencil);
}
.taped input {
    color: #2b251f;
    background: var(--tape);
    border: 1px solid var(--tape-edge);
    box-shadow: var(--shadow);
}
.wrong input {
    outline: 3px solid var(--short);
}
@media (max-width: 700px) {
    input {
        width: 4.6em;
        padding: 5px 1px;
    }
}
</style>
