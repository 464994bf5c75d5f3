<script setup lang="ts">
import { Button, CheckboxGroup, Modal } from 'ant-design-vue';
import { ref } from 'vue';
import type { Need, RoomEntries } from '../../api/client';
import OptionSwitch from '../../ui/OptionSwitch.vue';
import { useNeed, type Answers } from './queries';

const { room } = defineProps<{ room: RoomEntries }>();
const emit = defineEmits<{ take: [sets: Need['sets']] }>();

const open = ref(false);
const answers = ref<Answers>({});
const need = useNeed(answers, () => room, open);

const given = (question: string): string[] => answers.value[question] ?? [];
function answer(question: string, ids: string[]): void {
    answers.value = { ...answers.value, [question]: ids };
}
const named = (rows: { id: string; name: string }[]) => rows.map(({ id, name }) => ({ value: id, label: name }));
function take(): void {
    emit('take', need.data.value?.sets ?? []);
    open.value = false;
}
</script>

<template>
    <div>
        <Button type="link" class="begin" @click="open = true">Not sure? Answer six short questions</Button>
        <Modal
            v-model:open="open"
            title="What the room needs"
            width="900px"
            :style="{ top: '24px' }"
            destroy-on-close
            ok-text="Apply"
            :ok-button-props="{ disabled: !need.data.value?.sets.length }"
            @ok="take"
        >
            <div v-if="need.data.value" class="questions">
                <div class="asked">
                    <fieldset v-for="question in need.data.value.questions" :key="question.id" :data-question="question.id">
                        <legend>{{ question.asks }}</legend>
                        <CheckboxGroup
                            v-if="question.many"
                            :value="given(question.id)"
                            :options="named(question.answers)"
                            @change="(ids) => answer(question.id, ids.map(String))"
                        />
                        <OptionSwitch
                            v-else
                            size="small"
                            :value="given(question.id)[0]"
                            :options="named(question.answers)"
                            :label="question.asks"
                            @choose="(id) => answer(question.id, [id])"
                        />
                    </fieldset>
                </div>
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
                </div>
            </div>
        </Modal>
    </div>
</template>

<style scoped>
.begin {
    font-size: 15px;
}
.questions {
    display: grid;
    grid-template-columns: 1.25fr 1fr;
    gap: 8px 24px;
}
.asked {
    display: grid;
    gap: 12px;
    align-content: start;
}
fieldset {
    margin: 0;
    padding: 0;
    border: 0;
    min-width: 0;
}
legend {
    width: auto;
    margin: 0;
    padding: 0 0 4px;
    font-size: 15px;
    line-height: 1.3;
    color: var(--ink);
    border: 0;
    font-weight: 700;
}
.sets {
    display: grid;
    gap: 8px;
    align-content: start;
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
@media (max-width: 900px) {
    .questions {
        grid-template-columns: 1fr;
    }
}
</style>
