<script setup lang="ts">
import { Input } from 'ant-design-vue';
import { computed, nextTick, ref, watch } from 'vue';
import type { PartLine } from '../../api/client';
import type { PartKind } from '../../api/queries';

const props = defineProps<{ parts: PartLine[]; kind: PartKind; code: string; currency: string }>();
const emit = defineEmits<{ kind: [kind: PartKind]; pick: [part: PartLine] }>();

const KINDS: { kind: PartKind; name: string }[] = [
    { kind: 'fan', name: 'Fans' },
    { kind: 'filter', name: 'Filters' },
    { kind: 'joining', name: 'Joinings' },
    { kind: 'material', name: 'Sheets, tapes, hardware' },
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
        <div class="kinds" role="group" aria-label="Kind of part">
            <button v-for="one in KINDS" :key="one.kind" type="button" :aria-pressed="one.kind === kind" @click="emit('kind', one.kind)">
                {{ one.name }}
            </button>
        </div>
        <Input v-model:value="sought" placeholder="Search, for example “20x20 14 dense” or “your own”" aria-label="Search parts" />
        <ul ref="list">
            <li v-for="part in found" :key="part.code">
                <button type="button" :aria-current="part.code === code" :data-part-code="part.code" @click="emit('pick', part)">
                    <b>{{ part.name }}</b>
                    <span v-if="part.price" class="figure">{{ currency }} {{ part.price }}</span>
                    <i v-if="part.standing !== 'catalogue'">{{ STANDING[part.standing] }}</i>
                </button>
            </li>
            <li v-if="found.length === 0" class="none">Nothing found. Try a size, a grade or a kind.</li>
        </ul>
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
.list > :deep(.ant-input) {
    width: calc(100% - 16px);
}
.kinds {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
    padding-right: 12px;
}
.kinds button {
    font: inherit;
    font-size: 14px;
    padding: 5px 10px;
    color: var(--ink);
    background: var(--paper);
    border: 1px solid var(--line);
    cursor: pointer;
}
.kinds [aria-pressed='true'] {
    background: var(--kraft);
    border-color: var(--kraft-edge);
    color: #16120e;
    font-weight: 700;
}
ul {
    list-style: none;
    margin: 0;
    padding: 0 12px 16px 0;
    overflow-y: auto;
    min-height: 0;
}
li button {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0 10px;
    width: 100%;
    padding: 7px 10px;
    font: inherit;
    font-size: 15px;
    text-align: left;
    color: var(--ink);
    background: none;
    border: 0;
    border-bottom: 1px solid var(--line);
    border-left: 5px solid transparent;
    cursor: pointer;
}
li button:hover {
    background: var(--paper);
}
li [aria-current='true'] {
    background: var(--paper);
    border-left-color: var(--clean);
}
li b {
    font-weight: 400;
}
li .figure {
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
    color: var(--pencil);
}
</style>
