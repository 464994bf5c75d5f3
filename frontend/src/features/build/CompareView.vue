<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { Choices } from '../../api/client';
import OptionSwitch from '../../ui/OptionSwitch.vue';
import { useWork } from '../work/useWork';
import ComparedBuild from './ComparedBuild.vue';
import { MOST_PINNED, pin, unpin } from './pinned';
import { useComparison, useDisputes } from './queries';

/** The build on the bench beside those that were pinned, or the sides of a question that makers dispute. */
const { draft, bench, programmeId } = useWork();

const disputes = useDisputes(
    computed(() => draft.choices),
    computed(() => programmeId.value ?? 0),
);
/** No dispute: the pinned builds. */
const PINNED = '';
const asked = ref(PINNED);
const questions = computed(() => [
    { value: PINNED, label: 'Pinned builds' },
    ...(disputes.data.value ?? []).map(({ id, question }) => ({ value: id, label: question })),
]);
const dispute = computed(() => disputes.data.value?.find(({ id }) => id === asked.value) ?? null);
const columns = computed<{ name: string; choices: Choices; pin: number | null }[]>(() =>
    dispute.value
        ? dispute.value.sides.map(({ name, choices }) => ({ name, choices, pin: null }))
        : [
              { name: 'On the bench', choices: draft.choices, pin: null },
              ...draft.pinned.map((choices, index) => ({ name: `Pinned ${index + 1}`, choices, pin: index })),
          ],
);
const comparison = useComparison(
    bench.question,
    computed(() => columns.value.map(({ choices }) => choices)),
);
/** Answers belong to the columns they were asked for. */
const answers = computed(() => (comparison.isPlaceholderData.value ? [] : (comparison.data.value?.columns ?? [])));
</script>

<template>
    <section class="compare" aria-label="Compare">
        <OptionSwitch size="small" :value="asked" :options="questions" label="Disputed questions" @choose="(next) => (asked = next)" />
        <p v-if="!dispute">
            <Button size="small" :disabled="draft.pinned.length >= MOST_PINNED" @click="pin(draft, draft.choices)">Pin this build</Button>
            then change it: up to four builds stand side by side.
        </p>
        <div class="columns" :style="{ '--columns': columns.length }" :aria-busy="comparison.isFetching.value">
            <ComparedBuild v-for="(column, index) in columns" :key="column.name" :name="column.name" :answer="answers[index]">
                <Button v-if="index > 0 || dispute" type="primary" size="small" class="use" @click="draft.choices = { ...column.choices }"
                    >Use this build</Button
                >
                <Button v-if="column.pin !== null" size="small" @click="unpin(draft, column.pin)">Unpin</Button>
            </ComparedBuild>
        </div>
    </section>
</template>

<style scoped>
.compare {
    display: grid;
    grid-template-rows: auto auto 1fr;
    align-content: start;
    gap: 6px;
    padding: 10px 14px 12px;
    min-height: 0;
    overflow-y: auto;
}
.columns {
    display: grid;
    grid-template-columns: repeat(var(--columns), minmax(0, 360px));
    gap: 12px;
    align-content: start;
}
.use {
    flex: 1;
}
@media (max-width: 900px) {
    .compare {
        overflow: visible;
    }
    .columns {
        grid-template-columns: repeat(var(--columns), 230px);
        overflow-x: auto;
    }
}
</style>
