<script setup lang="ts">
import { Button, Form, Input, Popconfirm } from 'ant-design-vue';
import { computed, reactive, ref, watch } from 'vue';
import type { PartSheet } from '../../api/client';
import FieldFault from '../../ui/FieldFault.vue';
import NoticeBar from '../../ui/NoticeBar.vue';
import { useMeasure } from '../../session/useMeasure';
import CurveChart from './CurveChart.vue';
import PackRows from './PackRows.vue';
import PartFigures from './PartFigures.vue';
import PointRows from './PointRows.vue';
import RatingList from './RatingList.vue';
import { asksOf, written, type Written } from './written';

const props = defineProps<{
    part: PartSheet;
    mayChange: boolean;
    busy: boolean;
    errors: Record<string, string[]>;
    offers: Record<string, string[]>;
    message: string;
    currency: string;
}>();
const emit = defineEmits<{ save: [asks: ReturnType<typeof asksOf>, asNew: boolean]; restore: [] }>();

const { show } = useMeasure();

const asNew = ref(false);
const form = reactive<Written>(written(props.part));
const filled = computed(() => form.figures.filter((figure) => figure.entry !== '').length);
const isOwn = computed(() => props.part.standing === 'own');

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
}
</script>

<template>
    <Form class="card" @submit.prevent="emit('save', asksOf(form, asNew ? 0 : part.revision), asNew)">
        <header>
            <div>
                <Input
                    v-if="asNew || part.standing !== 'catalogue'"
                    id="part-name"
                    v-model:value="form.name"
                    class="name line"
                    aria-label="Name of the part"
                    :maxlength="80"
                    :disabled="!mayChange"
                    :aria-invalid="errors.name !== undefined"
                />
                <h1 v-else>{{ part.name }}</h1>
                <FieldFault :said="errors.name?.[0]" />
                <p class="standing">
                    <template v-if="asNew">Your own part, based on {{ part.like_name }}. Change what differs.</template>
                    <template v-else-if="part.standing === 'catalogue'">Shipped figures. Type over a figure to use your own.</template>
                    <template v-else-if="part.standing === 'changed'">Your own figures are marked.</template>
                    <template v-else>Your own part, based on {{ part.like_name }}.</template>
                </p>
            </div>
            <Button v-if="mayChange && !asNew" @click="copy">Copy as your own part</Button>
        </header>
        <div class="columns">
            <div class="main">
                <PartFigures
                    v-if="form.figures.length"
                    v-model="form.figures"
                    :figures="part.figures"
                    :errors="errors"
                    :offers="offers"
                    :may-change="mayChange"
                />
                <RatingList v-if="part.ratings.length" :ratings="part.ratings" />
            </div>
            <div class="side">
                <CurveChart v-if="part.curve" :curve="part.curve" />
                <NoticeBar v-for="note in part.notes" :key="note" kind="warning">{{ note }}</NoticeBar>
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
            <Popconfirm
                v-if="part.standing !== 'catalogue' && !asNew"
                :title="isOwn ? 'Delete this part? Saved versions keep their figures.' : 'Restore the shipped figures? Yours are removed.'"
                :ok-text="isOwn ? 'Delete' : 'Restore'"
                cancel-text="Keep"
                @confirm="emit('restore')"
            >
                <Button danger>{{ isOwn ? 'Delete this part' : 'Restore shipped figures' }}</Button>
            </Popconfirm>
            <Button v-if="asNew" @click="asNew = false">Cancel</Button>
            <NoticeBar v-if="message" kind="error">{{ message }}</NoticeBar>
            <span class="count"
                >{{ filled }} of {{ form.figures.length }} figures are yours{{
                    form.points.length ? `, and ${form.points.length} points` : ''
                }}. Saved versions keep their figures.</span
            >
        </footer>
        <footer v-else>Readers can view parts but not change them.</footer>
    </Form>
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
}
</style>
