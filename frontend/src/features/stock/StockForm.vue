<script setup lang="ts">
import { Button, Form, FormItem } from 'ant-design-vue';
import { computed, reactive, ref, watch } from 'vue';
import type { PartLine, Stock, StockMovement } from '../../api/client';
import ChoiceSelect from '../../ui/ChoiceSelect.vue';
import EntryField from '../../ui/EntryField.vue';
import FieldFault from '../../ui/FieldFault.vue';
import NoticeBar from '../../ui/NoticeBar.vue';
import OptionSwitch from '../../ui/OptionSwitch.vue';
import { SHELVES } from './shelves';

type Move = StockMovement['move'];

const props = defineProps<{
    parts: PartLine[];
    builds: Stock['builds'];
    /** There are more builds than these: they are searched for. */
    hasMoreBuilds: boolean;
    part: string;
    errors: Record<string, string[]>;
    message: string;
    busy: boolean;
    /** Counts what was written: after each the pieces are asked for anew. */
    written: number;
}>();
const emit = defineEmits<{ move: [movement: StockMovement]; search: [sought: string] }>();

const MOVES: { value: Move; label: string; says: string }[] = [
    { value: 'bought', label: 'Bought', says: 'Adds pieces to stock.' },
    { value: 'reserved', label: 'Reserve', says: 'Sets pieces aside for one build.' },
    { value: 'used', label: 'Use', says: 'Takes pieces for a build: reserved ones first, then available ones.' },
    { value: 'returned', label: 'Return', says: 'Returns pieces from a build to stock.' },
];

/** No build. */
const NONE = 0;
const form = reactive({ part: props.part, move: 'bought' as Move, pieces: '', build: NONE, note: '' });
watch(
    () => props.part,
    (part) => (form.part = part),
);
watch(
    () => props.written,
    () => Object.assign(form, { pieces: '', note: '' }),
);
const chosen = computed(() => MOVES.find(({ value }) => value === form.move)!);
const partChoices = computed(() =>
    SHELVES.flatMap(({ kind, name }) =>
        props.parts
            .filter((part) => part.kind === kind)
            .map((part) => ({ value: `${part.kind} ${part.code}`, label: part.name, group: name })),
    ),
);
const chosenBuild = ref<Stock['builds']>([]);
const buildChoices = computed(() => [
    { value: NONE, label: form.move === 'reserved' ? 'Choose a build' : 'No build' },
    // The one that is chosen stays among them, whatever is sought next.
    ...[...props.builds, ...chosenBuild.value.filter(({ id }) => !props.builds.some((build) => build.id === id))].map(({ id, name }) => ({
        value: id,
        label: name,
    })),
]);

function chooseBuild(build: number): void {
    form.build = build;
    chosenBuild.value = props.builds.filter(({ id }) => id === build);
}

function move(): void {
    const part = props.parts.find(({ kind, code }) => `${kind} ${code}` === form.part);
    if (!part) return;
    emit('move', {
        kind: part.kind as StockMovement['kind'],
        code: part.code,
        move: form.move,
        pieces: /^\d+$/.test(form.pieces.trim()) ? Number(form.pieces) : 0,
        build: form.move === 'bought' || form.build === NONE ? null : form.build,
        note: form.note,
    });
}
</script>

<template>
    <Form layout="vertical" class="form" aria-label="Stock movement" @submit.prevent="move">
        <h2>Stock movement</h2>
        <OptionSwitch :value="form.move" :options="MOVES" label="Movement" class="moves" @choose="(next) => (form.move = next)" />
        <p class="says">{{ chosen.says }}</p>
        <FormItem label="Part" :colon="false">
            <ChoiceSelect
                :value="form.part || undefined"
                :choices="partChoices"
                label="Part"
                hint="Choose a part"
                @choose="(part) => (form.part = part)"
            />
        </FormItem>
        <EntryField v-model="form.pieces" label="Pieces" inputmode="numeric" :fault="errors.pieces?.[0]" :maxlength="6" />
        <FormItem v-if="form.move !== 'bought'" :label="form.move === 'returned' ? 'From which build' : 'For which build'" :colon="false">
            <ChoiceSelect
                :value="form.build"
                :choices="buildChoices"
                label="Build"
                :is-searched="hasMoreBuilds"
                @search="(sought) => emit('search', sought)"
                @choose="chooseBuild"
            />
            <FieldFault :said="errors.build?.[0]" />
        </FormItem>
        <EntryField v-model="form.note" label="Note" hint="from whom, for what" :maxlength="200" />
        <Button type="primary" size="large" html-type="submit" :disabled="!form.part" :loading="busy">Save</Button>
        <NoticeBar v-if="message" kind="error">{{ message }}</NoticeBar>
    </Form>
</template>

<style scoped>
.form {
    display: grid;
    align-content: start;
    gap: 10px;
    padding: 18px 16px;
    background: var(--sheet);
    border-right: 1px solid var(--line);
    overflow-y: auto;
}
h2 {
    font-size: 20px;
}
.moves :deep(.ant-radio-button-wrapper) {
    flex: 1;
    padding-inline: 4px;
    text-align: center;
}
.says {
    min-height: 3.2em;
    font-size: 14px;
    color: var(--pencil);
}
.form :deep(.ant-select) {
    width: 100%;
}
</style>
