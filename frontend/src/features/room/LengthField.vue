<script setup lang="ts">
import { computed, nextTick, ref } from 'vue';
import type { Shown } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import FieldFault from '../../ui/FieldFault.vue';
import FieldOffers from '../../ui/FieldOffers.vue';

const props = defineProps<{
    name: string;
    entry: string;
    reading: Shown | null;
    fault: string | undefined;
    offers: string[];
    bare: string;
}>();
const emit = defineEmits<{ change: [entry: string] }>();
const { show } = useMeasure();
const focused = ref(false);
/** While it is written in, what was written; else what was read, in the measure of the screen. */
const value = computed(() => (focused.value || props.fault || !props.reading ? props.entry : show(props.reading)));

/** Turns to what was written, whole and selected, so that a new reading replaces it. */
async function begin(event: FocusEvent): Promise<void> {
    focused.value = true;
    await nextTick();
    (event.target as HTMLInputElement).select();
}
</script>

<template>
    <div class="field" :class="{ wrong: fault }">
        <label>
            <span>{{ name }}</span>
            <input
                class="figure"
                :value="value"
                :placeholder="`in ${bare}`"
                :aria-invalid="fault !== undefined"
                :data-side="name"
                autocomplete="off"
                @focus="begin"
                @blur="focused = false"
                @input="emit('change', ($event.target as HTMLInputElement).value)"
            />
        </label>
        <div v-if="fault" class="below-tape">
            <FieldFault :said="fault" />
            <FieldOffers :offers="offers" @take="(offer) => emit('change', offer)" />
        </div>
    </div>
</template>

<style scoped>
.field {
    position: relative;
}
label {
    display: flex;
    align-items: center;
    background: var(--tape);
    border: 1px solid var(--tape-edge);
    color: #2b251f;
    box-shadow: var(--shadow);
}
label span {
    padding: 0 2px 0 10px;
    font-size: 14px;
}
input {
    width: 8.6em;
    padding: 8px 8px;
    font-size: 14px;
    font-weight: 600;
    color: #2b251f;
    background: transparent;
    border: 0;
}
input:focus-visible {
    outline-offset: -3px;
}
input::placeholder {
    color: #5c4f14;
    font-weight: 400;
}
.wrong label {
    outline: 3px solid var(--short);
}
@media (max-width: 700px) {
    label {
        flex-direction: column;
        align-items: flex-start;
    }
    label span {
        padding: 3px 5px 0;
        font-size: 12px;
        line-height: 1.1;
    }
    input {
        width: 98px;
        padding: 2px 4px 5px;
        font-size: 13px;
    }
}
</style>
