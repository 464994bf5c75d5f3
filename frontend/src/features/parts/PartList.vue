<script setup lang="ts">
import { Empty } from 'ant-design-vue';
import { computed, nextTick, ref, watch } from 'vue';
import type { PartLine } from '../../api/client';
import OptionSwitch from '../../ui/OptionSwitch.vue';
import SearchField from '../../ui/SearchField.vue';
import type { PartKind } from './queries';

const props = defineProps<{ parts: PartLine[]; kind: PartKind; code: string; currency: string }>();
const emit = defineEmits<{ kind: [kind: PartKind] }>();

const KINDS: { value: PartKind; label: string }[] = [
    { value: 'fan', label: 'Fans' },
    { value: 'filter', label: 'Filters' },
    { value: 'joining', label: 'Joinings' },
    { value: 'material', label: 'Sheets, tapes, hardware' },
];
const STANDING = { catalogue: '', changed: 'your figures', own: 'your own' };

const sought = ref('');
const words = computed(() => sought.value.toLowerCase().split(/\s+/).filter(Boolean));
const found = computed(() =>
    props.parts.filter(
        (part) =>
            part.kind === props.kind &&
            words.value.every((word) => `${part.name} ${part.group} ${STANDING[part.standing]}`.toLowerCase().includes(word)),
    ),
);

const list = ref<HTMLElement>();
watch(
    () => [props.kind, props.code],
    async () => {
        await nextTick();
        list.value?.querySelector('[aria-current=true]')?.scrollIntoView({ block: 'center' });
    },
    { immediate: true },
);
</script>

<template>
    <nav class="list" aria-label="Parts">
        <OptionSwitch :value="kind" :options="KINDS" label="Kind of part" size="small" @choose="(next) => emit('kind', next)" />
        <SearchField v-model="sought" label="Search parts" hint="“20x20 14 dense” or “your own”" />
        <ul ref="list">
            <li v-for="part in found" :key="part.code">
                <RouterLink
                    replace
                    :to="{ name: 'parts', params: { kind: part.kind, code: part.code } }"
                    :aria-current="part.code === code"
                    :data-part-code="part.code"
                >
                    <b>{{ part.name }}</b>
                    <span v-if="part.price" class="figure">{{ currency }} {{ part.price }}</span>
                    <i v-if="part.standing !== 'catalogue'">{{ STANDING[part.standing] }}</i>
                </RouterLink>
            </li>
        </ul>
        <Empty v-if="found.length === 0" class="none" description="Nothing found. Try a size, a grade or a kind." />
    </nav>
</template>

<style scoped>
.list {
    display: grid;
    grid-template-rows: auto auto 1fr;
    gap: 8px;
    min-height: 0;
    padding: 12px 0 0 16px;
    background: var(--sheet);
    border-right: 1px solid var(--line);
}
.list > :deep(.search) {
    width: calc(100% - 16px);
}
ul {
    list-style: none;
    margin: 0;
    padding: 0 12px 16px 0;
    overflow-y: auto;
    min-height: 0;
}
a {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0 10px;
    padding: 7px 10px;
    font-size: 15px;
    color: var(--ink);
    border-bottom: 1px solid var(--line);
    border-left: 5px solid transparent;
}
a:hover {
    background: var(--paper);
}
[aria-current='true'] {
    background: var(--paper);
    border-left-color: var(--clean);
}
b {
    font-weight: 400;
}
.figure {
    font-size: 12px;
    align-self: center;
}
i {
    grid-column: 1 / -1;
    font-size: 13px;
    font-style: normal;
    color: var(--clean);
    font-weight: 700;
}
.none {
    padding: 12px 0;
}
</style>
