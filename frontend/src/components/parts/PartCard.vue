<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, reactive, ref, watch } from 'vue';
import type { PartSheet } from '../../api/client';
import { useMeasure } from '../../composables/useMeasure';
import FieldFault from '../room/FieldFault.vue';
import CurveChart from './CurveChart.vue';
import PackRows from './PackRows.vue';
import PointRows from './PointRows.vue';
import RatingList from './RatingList.vue';
import { asksOf, PROVENANCES, written, type Written } from './written';

const props = defineProps<{
    part: PartSheet;
    mayChange: boolean;
    busy: boolean;
    errors: Record<string, string[]>;
    offers: Record<string, string[]>;
    message: string;
    done: string;
    currency: string;
}>();
const emit = defineEmits<{ save: [asks: ReturnType<typeof asksOf>, asNew: boolean]; takeBack: []; edit: [] }>();

const { show } = useMeasure();

const asNew = ref(false);
const form = reactive<Written>(written(props.part));
const filled = computed(() => form.figures.filter((figure) => figure.entry !== '').length);

watch(
    () => props.part,
    () => {
        asNew.value = false;
        Object.assign(form, written(props.part));
    },
);

function copy(): void {
    asNew.value = true;
    form.name = `${props.part.name}, ours`;
    emit('edit');
}
</script>

<template>
    <form class="card" @submit.prevent="emit('save', asksOf(form, asNew ? 0 : part.revision), asNew)" @input="emit('edit')">
        <header>
            <div>
                <label v-if="asNew || part.standing !== 'catalogue'" class="visually-hidden" for="part-name">Name of the part</label>
                <input
                    v-if="asNew || part.standing !== 'catalogue'"
                    id="part-name"
                    v-model="form.name"
                    class="name"
                    maxlength="80"
                    :disabled="!mayChange"
                    :aria-invalid="errors.name !== undefined"
                />
                <h1 v-else>{{ part.name }}</h1>
                <FieldFault :said="errors.name?.[0]" />
                <p class="standing">
                    <template v-if="asNew">Your own part, based on {{ part.likeName }}. Change what differs.</template>
                    <template v-else-if="part.standing === 'catalogue'">Shipped figures. Type over a figure to use your own.</template>
                    <template v-else-if="part.standing === 'changed'">Your own figures are marked.</template>
                    <template v-else>Your own part, based on {{ part.likeName }}.</template>
                </p>
            </div>
            <Button v-if="mayChange && !asNew" html-type="button" @click="copy">Copy as your own part</Button>
        </header>
        <div class="columns">
            <div class="main">
                <table v-if="form.figures.length">
                    <thead>
                        <tr>
                            <th scope="col">Figure</th>
                            <th scope="col">Used</th>
                            <th scope="col">Yours</th>
                            <th scope="col">From</th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="(figure, index) in part.figures" :key="figure.path" :class="{ own: figure.isOwn }">
                            <th scope="row">{{ figure.name }}</th>
                            <td>
                                <b class="figure">{{ figure.shown ? show(figure.shown) : '—' }}</b>
                                <span class="from" :class="figure.from ?? ''">{{ figure.from }}</span>
                                <s v-if="figure.shipped">{{ show(figure.shipped) }}</s>
                            </td>
                            <td>
                                <input
                                    v-model="form.figures[index]!.entry"
                                    :aria-label="`Your ${figure.name}`"
                                    :data-figure="figure.path"
                                    :aria-invalid="errors[`figures.${figure.path}`] !== undefined"
                                    :disabled="!mayChange"
                                    maxlength="40"
                                />
                                <FieldFault :said="errors[`figures.${figure.path}`]?.[0]" />
                                <button
                                    v-for="offer in offers[`figures.${figure.path}`] ?? []"
                                    :key="offer"
                                    type="button"
                                    class="offer"
                                    @click="form.figures[index]!.entry = offer"
                                >
                                    {{ offer }}
                                </button>
                            </td>
                            <td>
                                <select
                                    v-if="form.figures[index]!.entry !== ''"
                                    v-model="form.figures[index]!.from"
                                    :aria-label="`Where your ${figure.name} came from`"
                                    :disabled="!mayChange"
                                >
                                    <option v-for="from in PROVENANCES" :key="from" :value="from">{{ from }}</option>
                                </select>
                            </td>
                        </tr>
                    </tbody>
                </table>
                <RatingList v-if="part.ratings.length" :ratings="part.ratings" />
            </div>
            <div class="side">
                <CurveChart v-if="part.curve" :curve="part.curve" />
                <p v-for="note in part.notes" :key="note" class="note">{{ note }}</p>
                <dl v-if="part.facts.length" class="facts">
                    <template v-for="fact in part.facts" :key="fact.name">
                        <dt>{{ fact.name }}</dt>
                        <dd>{{ show(fact.text) }}</dd>
                    </template>
                </dl>
                <PointRows
                    v-if="part.points"
                    v-model="form.points"
                    v-model:from="form.pointsFrom"
                    :along="part.points.along"
                    :errors="errors"
                    :may-change="mayChange"
                />
                <PackRows
                    v-if="part.kind !== 'joining'"
                    v-model="form.packs"
                    :currency="currency"
                    :errors="errors"
                    :may-change="mayChange"
                />
            </div>
        </div>
        <footer v-if="mayChange">
            <Button type="primary" html-type="submit" :loading="busy">{{ asNew ? 'Save as your own part' : 'Save figures' }}</Button>
            <Button v-if="part.standing !== 'catalogue' && !asNew" html-type="button" danger @click="emit('takeBack')">
                {{ part.standing === 'own' ? 'Delete this part' : 'Restore shipped figures' }}
            </Button>
            <Button v-if="asNew" html-type="button" @click="asNew = false">Cancel</Button>
            <span class="done" role="status">{{ done }}</span>
            <span v-if="message" class="fault" role="alert">{{ message }}</span>
            <span class="count"
                >{{ filled }} of {{ form.figures.length }} figures are yours{{
                    form.points.length ? `, and ${form.points.length} points` : ''
                }}. Saved versions keep their figures.</span
            >
        </footer>
        <footer v-else>Readers can view parts but not change them.</footer>
    </form>
</template>

<style scoped>
.card {
    display: grid;
    gap: 14px;
    grid-template-rows: auto 1fr auto;
    padding: 18px 24px 24px;
    overflow-y: auto;
    min-height: 0;
}
header {
    display: flex;
    justify-content: space-between;
    gap: 16px;
    align-items: start;
}
h1,
.name {
    font-size: 24px;
    font-weight: 700;
}
.name {
    width: 26em;
    max-width: 100%;
}
.standing {
    color: var(--pencil);
}
.columns {
    display: grid;
    grid-template-columns: minmax(0, 1.6fr) minmax(230px, 1fr);
    gap: 26px;
    align-items: start;
}
.side {
    display: grid;
    gap: 14px;
}
.main {
    display: grid;
    gap: 20px;
}
table {
    width: 100%;
    border-collapse: collapse;
    font-size: 15px;
}
th {
    font-weight: 400;
    text-align: left;
    padding: 4px 8px 4px 0;
}
thead th {
    color: var(--pencil);
    font-size: 13px;
    border-bottom: 2px solid var(--ink);
}
tbody tr > * {
    border-bottom: 1px solid var(--line);
    vertical-align: top;
}
td {
    padding: 4px 8px 4px 0;
}
.own th {
    font-weight: 700;
    box-shadow: inset 4px 0 0 var(--clean);
    padding-left: 10px;
}
.from {
    display: inline-block;
    margin-left: 6px;
    font-size: 12.5px;
    font-style: italic;
    color: var(--pencil);
}
.from.measured {
    color: var(--clean);
    font-weight: 700;
    font-style: normal;
}
s {
    display: block;
    font-size: 12.5px;
    color: var(--pencil);
}
input,
select {
    font: inherit;
    color: var(--ink);
    background: transparent;
    border: 0;
    border-bottom: 2px solid var(--kraft-edge);
    padding: 2px 4px;
}
td input {
    width: 7.5em;
}
select option {
    background: var(--sheet);
}
[aria-invalid='true'] {
    border-bottom-color: var(--short);
    background: var(--short-soft);
}
.offer {
    font: inherit;
    font-size: 13px;
    margin-right: 6px;
    color: #2b251f;
    background: var(--tape);
    border: 1px solid var(--tape-edge);
    cursor: pointer;
}
.note {
    padding: 6px 10px;
    background: var(--bypass-soft);
    border-left: 5px solid var(--bypass);
    font-size: 14px;
}
.facts {
    margin: 0;
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 2px 12px;
    font-size: 14px;
}
.facts dt {
    color: var(--pencil);
}
.facts dd {
    margin: 0;
}
footer {
    position: sticky;
    bottom: -24px;
    margin: auto -24px -24px;
    padding: 12px 24px;
    background: var(--sheet);
    border-top: 1px solid var(--line);
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    align-items: center;
}
.done {
    color: var(--clean);
    font-weight: 700;
}
.fault {
    color: var(--short);
}
.count {
    color: var(--pencil);
    font-size: 14px;
}
@media (max-width: 900px) {
    .columns {
        grid-template-columns: 1fr;
    }
    header {
        flex-wrap: wrap;
    }
    .card {
        padding: 14px 14px 20px;
    }
    footer {
        margin: auto -14px -20px;
        padding: 12px 14px;
        bottom: -20px;
    }
    td input {
        width: 6em;
    }
}
</style>
