<script setup lang="ts">
import { Button, Input, InputNumber } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import type { BuildDay, DayEntries } from '../../api/client';
import ChoiceSelect from '../../ui/ChoiceSelect.vue';
import FieldFault from '../../ui/FieldFault.vue';
import FoldAway from '../../ui/FoldAway.vue';
import NumberStepper from '../../ui/NumberStepper.vue';
import PeopleRows from './PeopleRows.vue';

/** What is made on the day, who comes, with which tools, when there is a break. */
const props = defineProps<{ day: BuildDay; errors: Record<string, string[]>; busy: boolean }>();
const emit = defineEmits<{ save: [entries: DayEntries] }>();

function entriesOf({ name, starts_at, units, people, tools, tables, breaks }: BuildDay): DayEntries {
    return JSON.parse(JSON.stringify({ name, starts_at, units, people, tools, tables, breaks })) as DayEntries;
}
const form = ref(entriesOf(props.day));
// What somebody else saved comes in unless something here is not saved yet.
watch(
    () => props.day.revision,
    () => {
        if (!isChanged.value) form.value = entriesOf(props.day);
    },
);
const saved = ref(JSON.stringify(form.value));
const isChanged = computed(() => JSON.stringify(form.value) !== saved.value);
watch(
    () => props.day,
    (day) => {
        saved.value = JSON.stringify(entriesOf(day));
    },
);
const fixed = computed(() => !props.day.may_build);
const hasBegun = computed(() => props.day.begun_at !== null);
const builds = computed(() => props.day.builds.map(({ version, name }) => ({ value: version, label: name })));
const shared = computed(() => [...new Set([...Object.keys(form.value.tools), ...props.day.all_tools])].sort());

function share(tool: string, count: number | null): void {
    const tools = { ...form.value.tools };
    if (count === null) delete tools[tool];
    else tools[tool] = count;
    form.value.tools = tools;
}
</script>

<template>
    <form class="form" aria-label="The day" @submit.prevent="emit('save', form)">
        <Input v-model:value="form.name" :disabled="fixed" :maxlength="80" aria-label="Name of the day" />
        <Input v-model:value="form.starts_at" type="datetime-local" :disabled="fixed" aria-label="When it begins" />
        <FieldFault :said="errors.name?.[0] ?? errors.starts_at?.[0]" />
        <h3>What is made</h3>
        <div v-for="(row, index) in form.units" :key="index" class="row">
            <ChoiceSelect
                :value="row.version"
                :choices="builds"
                :label="`Build ${index + 1}`"
                :disabled="fixed || hasBegun"
                @choose="(version) => (row.version = version)"
            />
            <NumberStepper
                :value="row.count"
                label="How many"
                less="One fewer"
                more="One more"
                :max="60"
                :disabled="fixed || hasBegun"
                @change="(count) => (row.count = count)"
            />
            <Button type="text" :disabled="fixed || hasBegun" :aria-label="`Remove build ${index + 1}`" @click="form.units.splice(index, 1)"
                >×</Button
            >
        </div>
        <Button v-if="builds.length" :disabled="fixed || hasBegun" @click="form.units.push({ version: builds[0]!.value, count: 1 })"
            >Add a build</Button
        >
        <p v-else class="aside">Save a build in a room first.</p>
        <FieldFault :said="errors.units?.[0]" />
        <h3>Who comes</h3>
        <PeopleRows
            :people="form.people"
            :skills="day.skills"
            :errors="errors"
            :disabled="fixed"
            @change="(people) => (form.people = people)"
        />
        <FieldFault :said="errors.people?.[0]" />
        <FoldAway title="Tools, tables and breaks" :open="true">
            <p class="aside">Tools that are shared stand at one place. Of the others there are enough.</p>
            <div v-for="tool in shared" :key="tool" class="row">
                <span>{{ tool }}</span>
                <InputNumber
                    size="small"
                    :value="form.tools[tool]"
                    :min="0"
                    :max="100"
                    :precision="0"
                    :disabled="fixed"
                    placeholder="enough"
                    :aria-label="`How many: ${tool}`"
                    @change="(count) => share(tool, typeof count === 'number' ? count : null)"
                />
            </div>
            <div class="row">
                <b>Tables</b>
                <NumberStepper
                    :value="form.tables"
                    label="Tables"
                    less="One table fewer"
                    more="One table more"
                    :max="60"
                    :disabled="fixed"
                    @change="(tables) => (form.tables = tables)"
                />
            </div>
            <div v-for="(pause, index) in form.breaks" :key="index" class="row">
                <span
                    >Break, minute
                    <InputNumber
                        v-model:value="pause.from"
                        size="small"
                        :min="0"
                        :precision="0"
                        :controls="false"
                        :disabled="fixed"
                        aria-label="Break from minute" />
                    to
                    <InputNumber
                        v-model:value="pause.to"
                        size="small"
                        :min="0"
                        :precision="0"
                        :controls="false"
                        :disabled="fixed"
                        aria-label="Break to minute"
                /></span>
                <Button type="text" :disabled="fixed" aria-label="Remove this break" @click="form.breaks.splice(index, 1)">×</Button>
            </div>
            <FieldFault v-for="(_, index) in form.breaks" :key="`fault ${index}`" :said="errors[`breaks.${index}.to`]?.[0]" />
            <Button :disabled="fixed" @click="form.breaks.push({ from: 60, to: 75 })">Add a break</Button>
        </FoldAway>
        <Button v-if="!fixed && isChanged" class="save" type="primary" html-type="submit" :loading="busy">Save</Button>
    </form>
</template>

<style scoped>
.form {
    display: grid;
    gap: 8px;
    padding: 14px 16px;
    background: var(--sheet);
    border: 1px solid var(--line);
}
h3 {
    margin-top: 6px;
    font-size: 16px;
}
.row {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    align-items: center;
    justify-content: space-between;
    padding: 3px 0;
}
.row :deep(.choice) {
    flex: 1 1 150px;
    min-width: 0;
}
.row :deep(.ant-select) {
    width: 100%;
}
.row :deep(.ant-input-number) {
    width: 70px;
}
.aside {
    color: var(--pencil);
    font-size: 14px;
}
.save {
    position: sticky;
    bottom: 10px;
    z-index: 2;
}
</style>
