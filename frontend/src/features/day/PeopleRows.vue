<script setup lang="ts">
import { Button, Checkbox, Input, InputNumber } from 'ant-design-vue';
import type { DayEntries } from '../../api/client';
import FieldFault from '../../ui/FieldFault.vue';

/** Who comes: what they can, whether they are grown up, from when to when. */
const props = defineProps<{ people: DayEntries['people']; skills: string[]; errors: Record<string, string[]>; disabled: boolean }>();
const emit = defineEmits<{ change: [people: DayEntries['people']] }>();
type Row = DayEntries['people'][number];

const change = (index: number, more: Partial<Row>): void =>
    emit(
        'change',
        props.people.map((row, at) => (at === index ? { ...row, ...more } : row)),
    );
const add = (): void => emit('change', [...props.people, { name: '', skills: ['taping'], adult: true, from: 0, to: null }]);
const toggled = (own: string[], skill: string): string[] => (own.includes(skill) ? own.filter((one) => one !== skill) : [...own, skill]);
const fault = (index: number): string =>
    ['name', 'skills', 'from', 'to'].flatMap((key) => props.errors[`people.${index}.${key}`] ?? [])[0] ?? '';
</script>

<template>
    <div class="people">
        <div v-for="(row, index) in people" :key="index" class="person">
            <Input
                :value="row.name"
                :disabled="disabled"
                :maxlength="60"
                placeholder="Name"
                :aria-label="`Name of person ${index + 1}`"
                @update:value="(name) => change(index, { name })"
            />
            <Button
                type="text"
                :disabled="disabled"
                :aria-label="`Remove ${row.name || `person ${index + 1}`}`"
                @click="
                    emit(
                        'change',
                        people.filter((_, at) => at !== index),
                    )
                "
                >×</Button
            >
            <div class="skills" role="group" :aria-label="`What ${row.name || `person ${index + 1}`} can do`">
                <Button
                    v-for="skill in skills"
                    :key="skill"
                    size="small"
                    :aria-pressed="row.skills.includes(skill)"
                    :disabled="disabled"
                    @click="change(index, { skills: toggled(row.skills, skill) })"
                >
                    {{ skill }}
                </Button>
            </div>
            <span class="when">
                <Checkbox :checked="row.adult" :disabled="disabled" @change="(event) => change(index, { adult: event.target.checked })"
                    >Adult</Checkbox
                >
                <label
                    >from
                    <InputNumber
                        size="small"
                        :value="row.from"
                        :min="0"
                        :max="1440"
                        :precision="0"
                        :controls="false"
                        :disabled="disabled"
                        :aria-label="`Minute in which ${row.name} comes`"
                        @change="(from) => change(index, { from: Number(from ?? 0) })"
                /></label>
                <label
                    >to
                    <InputNumber
                        size="small"
                        :value="row.to ?? undefined"
                        :min="0"
                        :max="1440"
                        :precision="0"
                        :controls="false"
                        :disabled="disabled"
                        placeholder="end"
                        :aria-label="`Minute in which ${row.name} goes`"
                        @change="(to) => change(index, { to: typeof to === 'number' ? to : null })"
                    />
                    min</label
                >
            </span>
            <FieldFault v-if="fault(index)" class="fault" :said="fault(index)" />
        </div>
        <Button :disabled="disabled" @click="add">Add a person</Button>
    </div>
</template>

<style scoped>
.people {
    display: grid;
    gap: 10px;
}
.person {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 4px;
    padding-bottom: 8px;
    border-bottom: 1px solid var(--line);
}
.skills,
.when,
.fault {
    grid-column: 1 / -1;
}
.skills {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
}
.skills :deep(.ant-btn) {
    color: var(--pencil);
    background: none;
    border-color: var(--line);
}
.skills :deep(.ant-btn[aria-pressed='true']) {
    color: var(--ink);
    font-weight: 700;
    background: var(--sheet);
    border-color: var(--clean);
}
.when {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 10px;
    align-items: center;
    font-size: 14px;
}
.when :deep(.ant-input-number) {
    width: 58px;
}
</style>
