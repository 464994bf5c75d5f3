<script setup lang="ts">
import { computed } from 'vue';
import { useVersion } from '../../api/queries';
import AwayNotice from '../AwayNotice.vue';
import KitList from './KitList.vue';

const props = defineProps<{ version: number; changed: boolean; currency: string; mayChange: boolean }>();
const saved = useVersion(() => props.version);
const sheet = computed(() => saved.data.value?.sheet);
const svg = (plan: string): string => `data:image/svg+xml;utf8,${encodeURIComponent(plan)}`;
</script>

<template>
    <section class="stage" aria-label="Build sheet">
        <AwayNotice v-if="saved.error.value" :fault="saved.error.value" @retry="saved.refetch()" />
        <template v-else-if="saved.data.value && sheet">
            <header>
                <div>
                    <h2>Build sheet</h2>
                    <p>
                        {{ saved.data.value.ledger.unit?.summary }} · version {{ saved.data.value.version.number }} ·
                        <b>make {{ saved.data.value.version.units }}</b> · about {{ Math.ceil(sheet.minutes / 5) * 5 }} minutes each
                    </p>
                </div>
                <a class="print" :href="`/api/v1/versions/${version}/sheet`" target="_blank" rel="noopener">Open PDF</a>
            </header>
            <p v-if="changed" class="changed">This is the saved version. Changes made since are not in it.</p>
            <div class="columns">
                <div class="left">
                    <h3>Shopping list</h3>
                    <KitList :version="version" :currency="currency" :may-change="mayChange" />
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
                        <p v-if="step.hold" class="hold">☐ {{ step.hold }}</p>
                    </li>
                </ol>
            </div>
        </template>
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
.print {
    flex: none;
    padding: 9px 16px;
    background: var(--clean);
    color: var(--sheet);
    font-weight: 700;
}
.changed {
    padding: 6px 12px;
    background: var(--bypass-soft);
    border-left: 5px solid var(--bypass);
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
