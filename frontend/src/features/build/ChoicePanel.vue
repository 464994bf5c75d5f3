<script setup lang="ts">
import { Button, Drawer, Empty } from 'ant-design-vue';
import { computed, nextTick, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import SearchField from '../../ui/SearchField.vue';
import { useLedger, useWork } from '../work/useWork';
import { CHOICES, inForce, options as optionsOf, shapeOptions } from './choices';
import OptionList from './OptionList.vue';
import ShapeChoices from './ShapeChoices.vue';
import SwapPreview from './SwapPreview.vue';
import type { Tray } from './useTray';

/** What can be chosen in the open tray, with what each choice would do. */
const props = defineProps<{ tray: Tray }>();
const { draft, currency } = useWork();
const ledger = useLedger();
const { catalogue, open, instead, reasons, would, isAnother, looking } = props.tray;

/** As many as are found by looking. */
const FEW = 16;
const sought = ref('');
const allShown = ref(false);
const body = ref<HTMLElement>();

const name = computed(() => CHOICES.find(({ key }) => key === open.value)?.name ?? '');
const options = computed(() => (open.value ? optionsOf(catalogue.value, open.value) : []));
const value = computed(() => (open.value ? inForce(catalogue.value, draft.choices, open.value) : ''));
const words = computed(() => sought.value.toLowerCase().split(/\s+/).filter(Boolean));
const found = computed(() =>
    options.value.filter((option) => words.value.every((word) => `${option.name} ${option.group}`.toLowerCase().includes(word))),
);
const fitting = computed(() => found.value.filter((option) => !(option.id in reasons.value)));
const misfitting = computed(() => found.value.filter((option) => option.id in reasons.value));
const notes = computed(() => Object.fromEntries(Object.entries(instead.value).map(([id, parts]) => [id, parts.says])));

function focusChosen(): void {
    const chosen = body.value?.querySelector<HTMLElement>('[aria-checked=true]');
    (chosen ?? body.value)?.focus({ preventScroll: true });
    chosen?.scrollIntoView({ block: 'nearest' });
}
/** The drawer shows what is in it a frame or two after it stands there. */
async function begin(): Promise<void> {
    await nextTick();
    requestAnimationFrame(() => requestAnimationFrame(focusChosen));
}
watch(body, (stands) => stands && void begin(), { flush: 'post' });
watch(open, () => {
    sought.value = '';
    allShown.value = false;
    void begin();
});

/** Escape closes the tray wherever the focus is. */
function onKey(event: KeyboardEvent): void {
    if (event.key === 'Escape') open.value = null;
}
onMounted(() => window.addEventListener('keydown', onKey));
onBeforeUnmount(() => window.removeEventListener('keydown', onKey));
</script>

<template>
    <Drawer
        root-class-name="panel"
        open
        placement="left"
        width="min(400px, 100%)"
        :get-container="false"
        :mask="false"
        :autofocus="false"
        :root-style="{ position: 'absolute' }"
        @close="open = null"
    >
        <template #title
            ><h2>{{ name }}</h2></template
        >
        <div ref="body" class="body" tabindex="-1" role="group" :aria-label="`Choose: ${name}`">
            <SearchField v-if="options.length > FEW" v-model="sought" label="Search" hint="Search, for example “20x20 14 dense”" />
            <div class="list" @pointerleave="looking = null">
                <OptionList
                    :name="name"
                    :options="fitting"
                    :value="value"
                    :notes="notes"
                    :currency="currency"
                    @choose="tray.choose"
                    @look="(id) => (looking = id)"
                >
                    <ShapeChoices
                        v-if="open === 'shape'"
                        :about="shapeOptions(catalogue, draft.choices)"
                        :options="draft.choices.options"
                        @choose="(chosen) => (draft.choices = { ...draft.choices, options: chosen })"
                    />
                </OptionList>
                <Empty v-if="found.length === 0" class="none" description="Nothing found. Try a size, a grade or a kind." />
                <Button v-if="misfitting.length" type="link" class="more" :aria-expanded="allShown" @click="allShown = !allShown">
                    {{ allShown ? 'Hide' : 'Show' }} {{ misfitting.length }} that do not fit
                </Button>
                <template v-if="allShown">
                    <div v-for="option in misfitting" :key="option.id" class="misfit">
                        <b>{{ option.name }}</b>
                        <span>{{ reasons[option.id] }}</span>
                    </div>
                </template>
            </div>
            <SwapPreview :now="ledger" :would="would.ledger.value" :fault="would.fault.value" :currency="currency" :looking="isAnother" />
        </div>
    </Drawer>
</template>

<style scoped>
.body {
    height: 100%;
    display: grid;
    grid-template-rows: auto 1fr auto;
    gap: 8px;
    padding: 8px 0 0 14px;
    outline: none;
}
.body > :deep(.search) {
    width: calc(100% - 14px);
}
.list {
    grid-row: 2;
    min-height: 0;
    overflow-y: auto;
    padding: 0 12px 12px 0;
    display: grid;
    align-content: start;
    gap: 4px;
}
.misfit {
    display: grid;
    padding: 8px 11px;
    font-size: 15px;
    background: var(--paper);
    border: 1px dashed var(--line);
}
.misfit span {
    color: var(--pencil);
    font-size: 13.5px;
}
.none {
    padding: 12px 0;
}
</style>

<style>
.panel .ant-drawer-header {
    flex-direction: row-reverse;
    padding: 8px 14px;
}
.panel .ant-drawer-header-title {
    flex-direction: row-reverse;
}
.panel .ant-drawer-title h2 {
    margin: 0;
    font-size: 18px;
    font-weight: 700;
}
.panel .ant-drawer-body {
    padding: 0;
    overflow: hidden;
}
</style>
