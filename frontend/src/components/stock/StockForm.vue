<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { computed, reactive, watch } from 'vue';
import type { PartLine, Stock, StockMovement } from '../../api/client';
import FieldFault from '../room/FieldFault.vue';

type Move = StockMovement['move'];

const props = defineProps<{
    parts: PartLine[];
    builds: Stock['builds'];
    part: string;
    errors: Record<string, string[]>;
    message: string;
    done: string;
    busy: boolean;
}>();
const emit = defineEmits<{ move: [movement: StockMovement] }>();

const MOVES: { move: Move; name: string; says: string }[] = [
    { move: 'bought', name: 'Bought', says: 'Adds pieces to stock.' },
    { move: 'reserved', name: 'Reserve', says: 'Sets pieces aside for one build.' },
    { move: 'used', name: 'Use', says: 'Takes pieces for a build: reserved ones first, then available ones.' },
    {
        move: 'returned',
        name: 'Return',
        says: 'Returns pieces from a build to stock.',
    },
];

const written = reactive({
    part: props.part,
    move: 'bought' as Move,
    pieces: '',
    build: null as number | null,
    note: '',
});
watch(
    () => props.part,
    (part) => (written.part = part),
);
watch(
    () => props.done,
    (done) => {
        if (done !== '') Object.assign(written, { pieces: '', note: '' });
    },
);
const KINDS: { kind: StockMovement['kind']; name: string }[] = [
    { kind: 'fan', name: 'Fans' },
    { kind: 'filter', name: 'Filters' },
    { kind: 'material', name: 'Sheets, tapes, hardware' },
];
const chosen = computed(() => MOVES.find(({ move }) => move === written.move)!);

function move(): void {
    if (!written.part) return;
    const [kind, code] = written.part.split(' ', 2) as [StockMovement['kind'], string];
    const pieces = /^\d+$/.test(written.pieces.trim()) ? Number(written.pieces) : 0;
    emit('move', {
        kind,
        code,
        move: written.move,
        pieces,
        build: written.move === 'bought' ? null : written.build,
        note: written.note,
    });
}
</script>

<template>
    <form class="form" aria-label="Stock movement" @submit.prevent="move">
        <h2>Stock movement</h2>
        <div class="moves" role="radiogroup" aria-label="Movement">
            <button
                v-for="one in MOVES"
                :key="one.move"
                type="button"
                role="radio"
                :aria-checked="written.move === one.move"
                @click="written.move = one.move"
            >
                {{ one.name }}
            </button>
        </div>
        <p class="says">{{ chosen.says }}</p>
        <label>
            <span>Part</span>
            <select v-model="written.part" aria-label="Part">
                <option value="" disabled>Choose a part</option>
                <optgroup v-for="kind in KINDS" :key="kind.kind" :label="kind.name">
                    <option
                        v-for="one in parts.filter(({ kind: own }) => own === kind.kind)"
                        :key="one.code"
                        :value="`${one.kind} ${one.code}`"
                    >
                        {{ one.name }}
                    </option>
                </optgroup>
            </select>
        </label>
        <label>
            <span>Pieces</span>
            <Input
                v-model:value="written.pieces"
                class="figure"
                inputmode="numeric"
                autocomplete="off"
                aria-label="Pieces"
                :aria-invalid="errors.pieces !== undefined"
            />
            <FieldFault v-if="errors.pieces" :said="errors.pieces[0]!" />
        </label>
        <label v-if="written.move !== 'bought'">
            <span>{{ written.move === 'returned' ? 'From which build' : 'For which build' }}</span>
            <select v-model="written.build" aria-label="Build">
                <option :value="null">{{ written.move === 'reserved' ? 'Choose a build' : 'No build' }}</option>
                <option v-for="build in builds" :key="build.id" :value="build.id">{{ build.name }}</option>
            </select>
            <FieldFault v-if="errors.build" :said="errors.build[0]!" />
        </label>
        <label>
            <span>Note</span>
            <Input v-model:value="written.note" placeholder="from whom, for what" autocomplete="off" aria-label="Note" :maxlength="200" />
        </label>
        <Button type="primary" size="large" html-type="submit" :disabled="!written.part || busy">Save</Button>
        <p role="status" class="done">{{ message || done }}</p>
    </form>
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
.moves {
    display: grid;
    grid-template-columns: repeat(4, 1fr);
    border: 1px solid var(--pencil);
}
.moves button {
    padding: 8px 2px;
    font: inherit;
    font-size: 14px;
    color: var(--ink);
    background: none;
    border: 0;
    cursor: pointer;
}
.moves [aria-checked='true'] {
    color: var(--sheet);
    background: var(--clean);
    font-weight: 700;
}
.says {
    min-height: 3.9em;
    font-size: 14px;
    color: var(--pencil);
}
label {
    display: grid;
    gap: 3px;
    min-width: 0;
}
label > span {
    font-size: 14px;
    color: var(--pencil);
}
select {
    width: 100%;
    padding: 8px 9px;
    font: inherit;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--pencil);
}
.done {
    min-height: 1.5em;
    color: var(--clean);
    font-weight: 700;
}
</style>
