<script setup lang="ts">
import { FilePdfOutlined } from '@ant-design/icons-vue';
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import NoticeBar from '../../ui/NoticeBar.vue';
import PageGate from '../../ui/PageGate.vue';
import { useVersion } from '../work/queries';
import { useWork } from '../work/useWork';
import KitList from '../kit/KitList.vue';

/** The saved version as it is bought, cut and put together. */
const props = defineProps<{ version: number }>();
const { drafting, currency, mayBuild } = useWork();
const isChanged = computed(() => drafting.roomChanged.value || drafting.buildChanged.value);
const saved = useVersion(() => props.version);
const sheet = computed(() => saved.data.value?.sheet);
const svg = (plan: string): string => `data:image/svg+xml;utf8,${encodeURIComponent(plan)}`;
</script>

<template>
    <section class="stage" aria-label="Build sheet">
        <PageGate :asked="[saved]">
            <header>
                <div>
                    <h2>Build sheet</h2>
                    <p>
                        {{ saved.data.value!.ledger.unit?.summary }} · version {{ saved.data.value!.version.number }} ·
                        <b>make {{ saved.data.value!.version.units }}</b> · about {{ sheet?.minutes }} minutes each
                    </p>
                </div>
                <Button type="primary" :href="`/api/v1/versions/${version}/sheet`" target="_blank" rel="noopener">
                    <FilePdfOutlined aria-hidden="true" /> Open PDF
                </Button>
            </header>
            <NoticeBar v-if="isChanged" kind="warning">This is the saved version. Changes made since are not in it.</NoticeBar>
            <div v-if="sheet" class="columns">
                <div class="left">
                    <h3>Shopping list</h3>
                    <KitList :version="version" :currency="currency" :may-change="mayBuild" />
                    <template v-if="sheet.cuts.length">
                        <h3>Cut list</h3>
                        <div class="cuts">
                            <figure v-for="cut in sheet.cuts" :key="cut.name">
                                <img :src="svg(cut.plan)" :alt="`${cut.name}: ${cut.size}`" />
                                <figcaption>
                                    <b>{{ cut.name }}</b> <span class="figure">{{ cut.size }}</span>
                                    <span v-if="cut.hole"> · hole {{ cut.hole }}, centre {{ cut.centre }}</span>
                                    <span v-if="cut.note"> · {{ cut.note }}</span>
                                </figcaption>
                            </figure>
                        </div>
                        <p class="aside">Frame sizes differ: measure yours before you cut.</p>
                    </template>
                </div>
                <ol>
                    <li v-for="step in sheet.steps" :key="step.action">
                        <p>
                            {{ step.action }} <small>{{ step.reason }}</small>
                        </p>
                        <p v-if="step.holds.length" class="hold">
                            <span v-for="hold in step.holds" :key="hold" class="check">☐ {{ hold }}</span>
                        </p>
                    </li>
                </ol>
            </div>
        </PageGate>
    </section>
</template>

<style scoped>
.stage {
    padding: 16px 22px 26px;
    overflow-y: auto;
    display: grid;
    gap: 12px;
    align-content: start;
    background: var(--paper);
}
header {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 16px;
}
h2 {
    font-size: 22px;
}
h3 {
    font-size: 16px;
    padding-bottom: 3px;
    border-bottom: 2px solid var(--ink);
}
.columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.05fr);
    gap: 0 24px;
    padding: 18px 20px;
    background: var(--sheet);
    border: 1px solid var(--line);
    box-shadow: var(--shadow);
}
.left {
    display: grid;
    align-content: start;
    gap: 8px;
}
.cuts {
    display: flex;
    flex-wrap: wrap;
    gap: 14px;
}
figure {
    margin: 0;
    width: 152px;
}
img {
    width: 100%;
    background: #fff;
    padding: 4px;
}
figcaption {
    font-size: 13.5px;
    line-height: 1.3;
}
.aside {
    font-size: 13.5px;
    color: var(--pencil);
}
ol {
    margin: 0;
    padding-left: 28px;
    font-size: 15px;
    line-height: 1.3;
}
li {
    padding: 5px 0 6px 4px;
    border-bottom: 1px solid var(--line);
}
li::marker {
    font-weight: 700;
    font-family: var(--figures);
}
small {
    color: var(--pencil);
    font-size: 13px;
}
.check {
    margin-right: 1em;
}
.hold {
    font-weight: 700;
    padding-top: 2px;
}
@media (max-width: 900px) {
    header {
        flex-wrap: wrap;
    }
    .columns {
        grid-template-columns: 1fr;
    }
}
</style>
