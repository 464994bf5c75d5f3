<script setup lang="ts" generic="V extends string | number">
import { Select } from 'ant-design-vue';
import { computed, nextTick, onMounted, ref, useId, watch } from 'vue';

/** One of several, by its words; searched where there are many. */
export interface Choice<T> {
    value: T;
    label: string;
    group?: string;
}

const props = withDefaults(
    defineProps<{
        value: V | undefined;
        choices: Choice<V>[];
        label: string;
        hint?: string;
        disabled?: boolean;
        isLine?: boolean;
        isSearched?: boolean;
    }>(),
    { hint: '', disabled: false, isLine: false, isSearched: false },
);
/** Where there are more than are given (`isSearched`), whoever gives them is told what is sought. */
const emit = defineEmits<{ choose: [value: V]; search: [sought: string] }>();

const id = useId();
const isOpen = ref(false);
const host = ref<HTMLElement>();
/** The control names an option as the active one before there are any: a screen reader would look for it in vain. */
async function settle(): Promise<void> {
    await nextTick();
    if (!isOpen.value) host.value?.querySelector('input')?.removeAttribute('aria-activedescendant');
}
onMounted(settle);
watch([isOpen, () => props.value, () => props.choices], settle);
/** As many as can be read at a glance. */
const GLANCE = 10;
/** As many as are drawn at once; of more only those in sight. */
const DRAWN = 40;
const options = computed(() => {
    const groups = [...new Set(props.choices.flatMap(({ group }) => group ?? []))];
    const plain = ({ value, label }: Choice<V>) => ({ value, label, title: label });
    return groups.length === 0
        ? props.choices.map(plain)
        : groups.map((label) => ({ label, options: props.choices.filter(({ group }) => group === label).map(plain) }));
});

/** Words in any order. */
function matches(sought: string, option?: { label?: unknown }): boolean {
    const text = String(option?.label ?? '').toLowerCase();
    return sought
        .toLowerCase()
        .split(/\s+/)
        .every((word) => text.includes(word));
}
</script>

<template>
    <span ref="host" class="choice">
        <label class="visually-hidden" :for="id">{{ label }}</label>
        <Select
            :id="id"
            :open="isOpen"
            :value="value"
            :options="options"
            :placeholder="hint"
            :disabled="disabled"
            :class="{ line: isLine }"
            :show-search="isSearched || choices.length > GLANCE"
            :filter-option="isSearched ? false : matches"
            :dropdown-match-select-width="false"
            :virtual="choices.length > DRAWN"
            not-found-content="Nothing found"
            @dropdown-visible-change="(open: boolean) => (isOpen = open)"
            @search="(sought: string) => emit('search', sought)"
            @change="(chosen) => emit('choose', chosen as V)"
        />
    </span>
</template>

<style scoped>
.choice {
    position: relative;
}
</style>
