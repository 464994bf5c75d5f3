<script setup lang="ts">
import type { Need, Wishes } from '../../api/client';
import { notesIn } from '../work/notes';
import { useWork } from '../work/useWork';
import NeedQuestions from './NeedQuestions.vue';
import NeedSentence from './NeedSentence.vue';
import RoomDrawing from './RoomDrawing.vue';

const { draft, desk } = useWork();
const limits = notesIn<Partial<Wishes>>(desk, 'limits');

/** What the answers about the need came to: entries and goal are set at once, limits wait where builds are looked for. */
function settle(sets: Need['sets']): void {
    const wishes: Partial<Wishes> = {};
    const entries: Record<string, string | boolean> = {};
    for (const { field, value } of sets) {
        if (field === 'goal') draft.goal = String(value);
        else if (field.startsWith('limits.')) Object.assign(wishes, { [field.slice('limits.'.length)]: value });
        else entries[field] = value;
    }
    draft.entries = { ...draft.entries, ...entries };
    if (Object.keys(wishes).length > 0) limits.write({ ...limits.read(), ...wishes });
}
</script>

<template>
    <section class="stage" aria-label="Need and room">
        <div class="need">
            <NeedSentence />
            <NeedQuestions :room="draft.entries" @take="settle" />
        </div>
        <RoomDrawing />
    </section>
</template>

<style scoped>
.stage {
    display: grid;
    grid-template-rows: auto 1fr;
    min-height: 0;
}
.need {
    padding: 10px 22px 8px;
    background: var(--sheet);
    border-bottom: 1px solid var(--line);
}
</style>
