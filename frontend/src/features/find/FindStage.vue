<script setup lang="ts">
import { Button, Checkbox, Progress, Skeleton } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { Choices, Found, Placement, Wishes } from '../../api/client';
import FoldAway from '../../ui/FoldAway.vue';
import NoticeBar from '../../ui/NoticeBar.vue';
import { notesIn } from '../work/notes';
import { NEW } from '../work/useDraft';
import { useLedger, useWork } from '../work/useWork';
import BindingLimits from './BindingLimits.vue';
import FoundCard from './FoundCard.vue';
import FoundList from './FoundList.vue';
import LimitBar from './LimitBar.vue';
import { useFinder, useLooks } from './useFinder';

const { draft, desk, stage, room, drafting, build, programmeId, placing, currency } = useWork();
const ledger = useLedger();
/** Whether builds are looked for to be added to all that stands there, the units on the bench among it. */
const adds = ref(false);
const there = placing.all;
const standing = computed(() => (adds.value ? there.value : placing.counted.value));
const count = (rows: Placement[]): number => rows.reduce((sum, row) => sum + row.count, 0);
const number = (many: number): string => many.toLocaleString('en');

const { wishes, found, errors, away, busy, before, ask, cancel } = useFinder(
    notesIn<Partial<Wishes>>(desk, 'limits'),
    computed(() => ({
        entries: draft.entries,
        goal: draft.goal,
        programme: programmeId.value ?? 0,
        build: build.value?.id ?? null,
        beside: standing.value,
        level: draft.entries.noise_limit ?? '',
    })),
);
const lit = ref('');
const listed = ref<Found[]>([]);

/** Each named pick once, with all that it is best at. */
const picks = computed(() => {
    const all = new Map<string, { build: Found; names: string[] }>();
    for (const { name, build: picked } of found.value?.picks ?? []) {
        const present = all.get(picked.code);
        if (present) present.names.push(name);
        else all.set(picked.code, { build: picked, names: [name] });
    }
    return [...all.values()];
});
const nearest = computed(() => (found.value?.binding ?? []).flatMap(({ wishes: kept }) => kept.map(({ build: near }) => near)));
const looks = useLooks(
    computed(() => [...picks.value.map(({ build: picked }) => picked), ...(found.value?.builds.length ? listed.value : nearest.value)]),
    computed(() => programmeId.value ?? 0),
);

/** What was found comes to the bench, to be looked at and changed. */
function take(choices: Choices): void {
    if (adds.value && room.data.value) drafting.put(room.data.value, NEW, choices);
    else draft.choices = { ...choices };
    stage.value = 'build';
}
</script>

<template>
    <section class="finder" aria-label="Find a build" :aria-busy="busy">
        <LimitBar
            :wishes="wishes"
            :nearest-seat="found?.nearest_seat ?? null"
            :errors="errors"
            :tools="found?.tools ?? []"
            :skills="found?.skills ?? []"
            :currency="currency"
            @change="(change) => Object.assign(wishes, change)"
        />
        <div class="state" role="status">
            <template v-if="away">{{ away.message }} <Button type="link" size="small" @click="ask">Try again</Button></template>
            <template v-else-if="busy && before !== null">
                Waiting for other searches: {{ before === 0 ? 'yours is next' : `${before} before yours` }} …
                <Button type="link" size="small" @click="cancel()">Stop</Button>
            </template>
            <template v-else-if="busy && !found">
                Searching all combinations of fans, filters and shapes …
                <Button type="link" size="small" @click="cancel()">Stop</Button>
            </template>
            <template v-else-if="found">
                {{ number(found.generated) }} builds compared. <b>{{ number(found.builds.length) }}</b> best builds reach the goal ({{
                    ledger.goal
                }}) within these limits: no other is better in every respect.
                <Checkbox v-if="there.length" v-model:checked="adds" class="adds" data-adds>
                    count what is in the room ({{ count(there) }})
                </Checkbox>
            </template>
            <Progress v-if="busy" aria-label="Searching" class="busy" :percent="100" status="active" :show-info="false" size="small" />
        </div>
        <Skeleton v-if="busy && !found" class="coming" active :title="false" :paragraph="{ rows: 8 }" />
        <div v-if="found" class="scroll" tabindex="0" role="region" aria-label="Best builds" :class="{ stale: busy }">
            <template v-if="found.builds.length">
                <h2>Best in one respect</h2>
                <div class="picks">
                    <FoundCard
                        v-for="pick in picks"
                        :key="pick.build.code"
                        :build="pick.build"
                        :names="pick.names"
                        :drawing="looks(pick.build)"
                        :currency="currency"
                        :lit="lit === pick.build.code"
                        @light="(on) => (lit = on ? pick.build.code : '')"
                        @take="take(pick.build.choices)"
                    />
                </div>
                <FoundList
                    v-model:lit="lit"
                    :found="found"
                    :currency="currency"
                    :looks="looks"
                    @take="take"
                    @listed="(builds) => (listed = builds)"
                />
            </template>
            <NoticeBar v-else kind="error">
                <b>No build meets all limits.</b> These come nearest to each limit while they meet the others.
            </NoticeBar>
            <BindingLimits
                v-if="found.binding.length"
                :binding="found.binding"
                :is-found="found.builds.length > 0"
                :currency="currency"
                :looks="looks"
                @take="take"
            />
            <FoldAway v-if="found.left_out.length" title="What does not fit, and why">
                <ul>
                    <li v-for="one in found.left_out" :key="one.shape + one.reason">{{ one.shape }}: {{ one.reason }}</li>
                </ul>
            </FoldAway>
        </div>
    </section>
</template>

<style scoped>
.coming {
    padding: 24px;
}
.finder {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto auto 1fr;
    min-height: 0;
    background: var(--sheet);
}
.state {
    position: relative;
    padding: 6px 14px;
    min-height: 35px;
    font-size: 15px;
    border-bottom: 1px solid var(--line);
}
.busy {
    position: absolute;
    left: 0;
    right: 0;
    bottom: -2px;
    margin: 0;
    line-height: 0;
}
.adds {
    white-space: nowrap;
}
.scroll {
    overflow-y: auto;
    padding: 10px 14px 20px;
    background: var(--mat);
}
.stale {
    opacity: 0.75;
}
h2 {
    margin: 0 0 6px;
    font-size: 17px;
}
/* The picture of all of them stays in sight below. */
.picks {
    --sketch: 92px;
    display: grid;
    grid-auto-flow: column;
    grid-auto-columns: 176px;
    gap: 10px 12px;
    margin: 0 -14px 8px;
    padding: 2px 14px 8px;
    overflow-x: auto;
}
@media (max-width: 900px) {
    .scroll {
        overflow: visible;
    }
}
</style>
