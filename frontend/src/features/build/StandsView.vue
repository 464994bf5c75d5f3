<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { Room } from '../../api/client';
import NoticeBar from '../../ui/NoticeBar.vue';
import NumberStepper from '../../ui/NumberStepper.vue';
import { NEW } from '../work/useDraft';
import { useLedger, useWork } from '../work/useWork';
import BoughtForm from './BoughtForm.vue';
import PlacementRow from './PlacementRow.vue';

/** All purifiers that stand in the room: those on the bench, other builds, and what was bought. */
const { draft, drafting, placing, room } = useWork();
const ledger = useLedger();

const writing = ref(false);
/** Builds of the room that do not stand there and are not on the bench. */
const aside = computed(() =>
    placing.builds.value.filter(
        (build) => build.id !== placing.build.value?.id && !placing.all.value.some((row) => row.build === build.id),
    ),
);
const speed = computed(() => ledger.value.unit?.speeds[ledger.value.unit.chosen]);

function open(build: number): void {
    if (room.data.value) drafting.put(room.data.value, build);
}
function place({ id, latest }: Room['builds'][number]): void {
    void placing.add({ build: id, bought: null, count: latest.units, speed: latest.choices.speed });
}
</script>

<template>
    <div class="stands">
        <h2>Purifiers in this room</h2>
        <p class="teach">They count together: clean air, noise at every seat, power and cost.</p>
        <ul>
            <li v-if="ledger.unit && speed" class="bench">
                <NumberStepper
                    :value="draft.choices.units"
                    label="Number on the bench"
                    less="One fewer on the bench"
                    more="One more on the bench"
                    @change="(units) => (draft.choices = { ...draft.choices, units })"
                />
                <span class="what"
                    ><b>{{ ledger.unit.shape }}</b> on the bench, speed {{ speed.name }}</span
                >
                <span class="says">{{ placing.isPlaced.value ? 'in the room' : 'counts once it is saved' }}</span>
            </li>
            <PlacementRow v-for="row in placing.beside.value" :key="JSON.stringify(row)" :row="row" @open="open" />
        </ul>
        <NoticeBar v-if="placing.fault.value" kind="error">{{ placing.fault.value }}</NoticeBar>
        <div class="add">
            <Button :aria-expanded="writing" @click="writing = !writing">Add a bought purifier</Button>
            <Button v-if="placing.build.value" @click="open(NEW)">Start another build</Button>
        </div>
        <BoughtForm v-if="writing" @added="writing = false" />
        <template v-if="aside.length">
            <h2>Other builds for this room</h2>
            <ul>
                <li v-for="build in aside" :key="build.id">
                    <span class="what"
                        ><b>{{ build.name }}</b> version {{ build.latest.number }}</span
                    >
                    <span class="do">
                        <Button size="small" @click="open(build.id)">Open on the bench</Button>
                        <Button size="small" :disabled="placing.busy.value" @click="place(build)">Add to the room</Button>
                    </span>
                </li>
            </ul>
        </template>
    </div>
</template>

<style scoped src="./stands.css"></style>

<style scoped>
.stands {
    padding: 14px 28px 20px;
    overflow-y: auto;
    display: grid;
    gap: 10px;
    align-content: start;
    justify-items: center;
}
.stands > * {
    width: min(100%, 720px);
}
h2 {
    margin: 6px 0 0;
    font-size: 18px;
}
.teach {
    margin: 0;
    color: var(--pencil);
    font-size: 14px;
}
ul {
    margin: 0;
    padding: 0;
    list-style: none;
    display: grid;
    gap: 8px;
}
.add {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
}
@media (max-width: 900px) {
    .stands {
        padding: 8px 18px 20px;
    }
}
</style>
