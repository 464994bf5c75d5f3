<script setup lang="ts">
import { ref } from 'vue';
import type { Need } from '../../api/client';
import { useNeed, type Answers } from '../../api/queries';

const emit = defineEmits<{ take: [sets: Need['sets']] }>();

const open = ref(false);
const answers = ref<Answers>({});
const need = useNeed(answers, open);

function choose(question: Need['questions'][number], id: string): void {
    const given = answers.value[question.id] ?? [];
    const others = question.many ? given.filter((one) => one !== id) : [];
    answers.value = { ...answers.value, [question.id]: given.includes(id) ? others : [...others, id] };
}
function take(): void {
    emit('take', need.data.value?.sets ?? []);
    open.value = false;
}
</script>

<template>
    <div class="talk">
        <button type="button" class="begin" :aria-expanded="open" @click="open = !open">Not sure? Answer six short questions</button>
        <form v-if="open && need.data.value" class="sheet" aria-label="Need" @submit.prevent="take">
            <fieldset v-for="question in need.data.value.questions" :key="question.id">
                <legend>{{ question.asks }}</legend>
                <button
                    v-for="one in question.answers"
                    :key="one.id"
                    type="button"
                    :data-answer="one.id"
                    :aria-pressed="(answers[question.id] ?? []).includes(one.id)"
                    @click="choose(question, one.id)"
                >
                    {{ one.name }}
                </button>
            </fieldset>
            <div class="sets" aria-live="polite">
                <h3>This sets</h3>
                <p v-if="need.data.value.sets.length === 0" class="none">nothing yet. Unanswered questions change nothing.</p>
                <dl>
                    <div v-for="one in need.data.value.sets" :key="one.field">
                        <dt>
                            {{ one.name }}: <b>{{ one.shown }}</b>
                        </dt>
                        <dd>{{ one.why }}</dd>
                    </div>
                </dl>
                <p v-for="says in need.data.value.says" :key="says" class="says">{{ says }}</p>
                <button type="submit" class="take" :disabled="need.data.value.sets.length === 0">Apply</button>
                <button type="button" class="later" @click="open = false">Cancel</button>
            </div>
        </form>
    </div>
</template>

<style scoped>
.begin {
    padding: 2px 0;
    font: inherit;
    font-size: 15px;
    color: var(--clean);
    background: none;
    border: 0;
    text-decoration: underline;
    cursor: pointer;
}
.sheet {
    position: absolute;
    z-index: 8;
    inset: 8px 14px auto;
    max-height: calc(100% - 16px);
    display: grid;
    grid-template-columns: 1.25fr 1fr;
    grid-auto-rows: min-content;
    gap: 8px 22px;
    margin-top: 34px;
    padding: 14px 18px 16px;
    overflow-y: auto;
    background: var(--sheet);
    border: 1px solid var(--kraft-edge);
    border-top: 7px solid var(--kraft);
    box-shadow: var(--shadow);
}
fieldset {
    grid-column: 1;
    display: flex;
    flex-wrap: wrap;
    gap: 5px;
    margin: 0;
    padding: 0;
    border: 0;
}
legend {
    width: auto;
    margin: 0;
    padding: 0 0 3px;
    font-size: 15px;
    line-height: 1.3;
    color: var(--ink);
    border: 0;
    font-weight: 700;
}
fieldset button {
    padding: 4px 11px;
    font: inherit;
    font-size: 14px;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--pencil);
    cursor: pointer;
}
[aria-pressed='true'] {
    color: #2b251f !important;
    background: var(--tape) !important;
    border-color: var(--tape-edge) !important;
    font-weight: 700 !important;
}
.sets {
    grid-column: 2;
    grid-row: 1 / span 6;
    align-self: start;
    display: grid;
    gap: 6px;
}
h3 {
    font-size: 16px;
}
dl {
    display: grid;
    gap: 6px;
    margin: 0;
}
dd {
    margin: 0;
    font-size: 13px;
    line-height: 1.3;
    color: var(--pencil);
}
.says {
    padding-left: 10px;
    font-size: 14px;
    border-left: 4px solid var(--tape-edge);
}
.none {
    color: var(--pencil);
}
.take {
    padding: 8px 14px;
    font: inherit;
    font-weight: 700;
    color: var(--sheet);
    background: var(--clean);
    border: 0;
    cursor: pointer;
}
.later {
    padding: 7px 14px;
    font: inherit;
    color: var(--ink);
    background: none;
    border: 1px solid var(--pencil);
    cursor: pointer;
}
.take:disabled {
    opacity: 0.45;
    cursor: default;
}
@media (max-width: 900px) {
    .sheet {
        position: static;
        grid-template-columns: 1fr;
        max-height: none;
        margin-top: 8px;
    }
    .sets {
        grid-column: 1;
        grid-row: auto;
    }
}
</style>
