<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import type { Choices, Drawing, Find, Found } from '../../api/client';
import OptionSwitch from '../../ui/OptionSwitch.vue';
import { isWithin, type Brush } from './brush';
import BuildPlot from './BuildPlot.vue';
import FoundCard from './FoundCard.vue';
import FoundTable from './FoundTable.vue';

/** All best builds: as lines along their measures, and as cards or a table of those that are selected there. */
const props = defineProps<{ found: Find; currency: string; looks: (build: Found) => Drawing | null }>();
const emit = defineEmits<{ take: [choices: Choices]; listed: [builds: Found[]] }>();
const lit = defineModel<string>('lit', { required: true });

/** Cards that are shown before more are asked for. */
const FIRST = 8;
const VIEWS = [
    { value: 'cards', label: 'Cards' },
    { value: 'table', label: 'Table' },
] as const;
const view = ref<'cards' | 'table'>('cards');
const brush = ref<Brush>({});
const shown = ref(FIRST);
watch(
    () => props.found,
    () => {
        brush.value = {};
        shown.value = FIRST;
    },
);

const inside = (build: Found): boolean => isWithin(build, brush.value);
const selected = computed(() => props.found.builds.filter(inside));
const listed = computed(() => selected.value.slice(0, shown.value));
watch(listed, (builds) => emit('listed', builds), { immediate: true });
</script>

<template>
    <h2>All best builds <small>best values on top; drag along an axis to filter</small></h2>
    <BuildPlot
        :axes="found.axes"
        :builds="found.builds"
        :brush="brush"
        :inside="inside"
        :lit="lit"
        @brush="(next) => (brush = next)"
        @light="(code) => (lit = code)"
    />
    <div class="bar">
        <p class="count" aria-live="polite">
            {{ selected.length.toLocaleString('en') }} selected, cheapest first.
            <Button v-if="Object.keys(brush).length" type="link" size="small" @click="brush = {}">Clear selection</Button>
        </p>
        <OptionSwitch :value="view" :options="[...VIEWS]" label="Show builds as" size="small" @choose="(next) => (view = next)" />
    </div>
    <FoundTable
        v-if="view === 'table'"
        :builds="selected"
        :axes="found.axes"
        :currency="currency"
        @take="(build) => emit('take', build.choices)"
        @light="(code) => (lit = code)"
    />
    <template v-else>
        <div class="cards">
            <FoundCard
                v-for="one in listed"
                :key="one.code"
                :build="one"
                :names="[]"
                :drawing="looks(one)"
                :currency="currency"
                :lit="lit === one.code"
                @light="(on) => (lit = on ? one.code : '')"
                @take="emit('take', one.choices)"
            />
        </div>
        <Button v-if="listed.length < selected.length" @click="shown += FIRST">Show more</Button>
    </template>
</template>

<style scoped src="./cards.css"></style>

<style scoped>
h2 {
    margin: 0 0 6px;
    font-size: 17px;
}
small {
    font-size: 14px;
    font-weight: 400;
    color: var(--pencil);
}
.bar {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: center;
    gap: 6px 12px;
    margin: 4px 0 8px;
}
</style>
