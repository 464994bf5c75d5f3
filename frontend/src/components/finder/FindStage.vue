<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { Choices, Found, Placement, RoomEntries } from '../../api/client';
import { useFinder, useLooks } from '../../composables/useFinder';
import { useMeasure } from '../../composables/useMeasure';
import BuildAxes, { type Brush } from './BuildAxes.vue';
import FoundCard from './FoundCard.vue';
import WishBar from './WishBar.vue';

const props = defineProps<{
    room: string;
    entries: RoomEntries;
    goal: string;
    goalName: string;
    programme: number;
    build: number | null;
    /** What stands in the room besides the units on the bench, and all that stands there. */
    beside: Placement[];
    there: Placement[];
    currency: string;
}>();
const emit = defineEmits<{ take: [choices: Choices, isAdded: boolean] }>();
/** Whether builds are looked for to be added to all that stands there, the units on the bench among it. */
const adds = ref(false);
const standing = computed(() => (adds.value ? props.there : props.beside));
const count = (rows: Placement[]): number => rows.reduce((sum, row) => sum + row.count, 0);
const { show } = useMeasure();

/** Cards that are shown before more are asked for. */
const FIRST = 8;

const { wishes, found, errors, away, busy, ask, cancel } = useFinder(
    props.room,
    computed(() => ({
        entries: props.entries,
        goal: props.goal,
        programme: props.programme,
        build: props.build,
        beside: standing.value,
        level: props.entries.noise_limit ?? '',
    })),
);
const brush = ref<Brush>({});
const lit = ref('');
const shown = ref(FIRST);
watch(found, () => {
    brush.value = {};
    shown.value = FIRST;
});

const inside = (build: Found): boolean =>
    Object.entries(brush.value).every(([key, [low, high]]) => {
        const place = build.places[key] ?? 0;
        return place >= low - 1e-6 && place <= high + 1e-6;
    });

/** Each named pick once, with all that it is best at. */
const picks = computed(() => {
    const all = new Map<string, { build: Found; names: string[] }>();
    for (const { name, build } of found.value?.picks ?? []) {
        const present = all.get(build.code);
        if (present) present.names.push(name);
        else all.set(build.code, { build, names: [name] });
    }
    return [...all.values()];
});
const brushed = computed(() => (found.value?.builds ?? []).filter(inside));
const listed = computed(() => brushed.value.slice(0, shown.value));
const wished = computed(() => (found.value?.binding ?? []).flatMap(({ wishes: kept }) => kept.map(({ build }) => build)));
const looks = useLooks(
    computed(() => [...picks.value.map(({ build }) => build), ...(found.value?.builds.length ? [] : wished.value), ...listed.value]),
    computed(() => props.programme),
);
const number = (count: number): string => count.toLocaleString('en');
</script>

<template>
    <section class="finder" aria-label="Find a build" :aria-busy="busy">
        <WishBar
            :wishes="wishes"
            :nearest-seat="found?.nearestSeat ?? null"
            :errors="errors"
            :tools="found?.tools ?? []"
            :skills="found?.skills ?? []"
            :currency="currency"
            @change="(change) => Object.assign(wishes, change)"
        />
        <p class="state" role="status">
            <template v-if="away">{{ away.message }} <button type="button" @click="ask">Try again</button></template>
            <template v-else-if="busy && !found"
                >Searching all combinations of fans, filters and shapes … <button type="button" @click="cancel()">Stop</button></template
            >
            <template v-else-if="found">
                {{ number(found.generated) }} builds compared. <b>{{ number(found.builds.length) }}</b> best builds reach the goal ({{
                    goalName
                }}) within these limits: no other is better in every respect.
                <label v-if="there.length" class="adds"
                    ><input v-model="adds" type="checkbox" data-adds /> count what is in the room ({{ count(there) }})</label
                >
                <span v-if="busy" class="again">Searching …</span>
            </template>
        </p>
        <div v-if="found" class="scroll" tabindex="0" role="region" aria-label="Best builds" :class="{ stale: busy }">
            <template v-if="found.builds.length">
                <h2>Best in one respect</h2>
                <div class="cards picks">
                    <FoundCard
                        v-for="pick in picks"
                        :key="pick.build.code"
                        :build="pick.build"
                        :names="pick.names"
                        :drawing="looks(pick.build)"
                        :currency="currency"
                        :lit="lit === pick.build.code"
                        @light="(on) => (lit = on ? pick.build.code : '')"
                        @take="emit('take', pick.build.choices, adds)"
                    />
                </div>
                <h2>All best builds <small>best values on top; drag along an axis to filter</small></h2>
                <BuildAxes
                    :axes="found.axes"
                    :builds="found.builds"
                    :brush="brush"
                    :inside="inside"
                    :lit="lit"
                    @brush="(next) => (brush = next)"
                    @light="(code) => (lit = code)"
                />
                <p class="count" aria-live="polite">
                    {{ number(brushed.length) }} selected, cheapest first.
                    <button v-if="Object.keys(brush).length" type="button" @click="brush = {}">Clear selection</button>
                </p>
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
                        @take="emit('take', one.choices, adds)"
                    />
                </div>
                <button v-if="listed.length < brushed.length" type="button" class="next" @click="shown += FIRST">Show more</button>
            </template>
            <p v-else class="none"><b>No build meets all limits.</b> These come nearest to each limit while they meet the others.</p>
            <section v-if="found.binding.length" class="binding">
                <h2 v-if="found.builds.length">What your limits rule out</h2>
                <div v-for="one in found.binding" :key="one.limit">
                    <h3>{{ show(one.text) }}</h3>
                    <ul v-if="found.builds.length">
                        <li v-for="wish in one.wishes" :key="wish.build.code + show(wish.text)">
                            {{ show(wish.text) }}
                            <button type="button" @click="emit('take', wish.build.choices, adds)">
                                Show<span class="visually-hidden"> on the bench: {{ wish.build.title }}</span>
                            </button>
                        </li>
                    </ul>
                    <div v-else class="cards">
                        <FoundCard
                            v-for="wish in one.wishes"
                            :key="wish.build.code"
                            :build="wish.build"
                            :names="[]"
                            :drawing="looks(wish.build)"
                            :currency="currency"
                            :lit="false"
                            @take="emit('take', wish.build.choices, adds)"
                        />
                    </div>
                </div>
            </section>
            <details v-if="found.leftOut.length" class="left">
                <summary>What does not fit, and why</summary>
                <ul>
                    <li v-for="one in found.leftOut" :key="one.shape + one.reason">{{ one.shape }}: {{ one.reason }}</li>
                </ul>
            </details>
        </div>
    </section>
</template>

<style scoped>
.finder {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto auto 1fr;
    min-height: 0;
    background: var(--sheet);
}
.state {
    padding: 6px 14px;
    min-height: 35px;
    font-size: 15px;
    border-bottom: 1px solid var(--line);
}
.again {
    color: var(--pencil);
}
.adds {
    display: inline-flex;
    gap: 6px;
    align-items: center;
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
small {
    font-size: 14px;
    font-weight: 400;
    color: var(--pencil);
}
.cards {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(182px, 1fr));
    gap: 10px 12px;
    margin-bottom: 16px;
}
/* The picture of all of them stays in sight below. */
.picks {
    --sketch: 92px;
    grid-template-columns: none;
    grid-auto-flow: column;
    grid-auto-columns: 176px;
    margin: 0 -14px 8px;
    padding: 2px 14px 8px;
    overflow-x: auto;
}
.count {
    margin: 4px 0 8px;
}
.state button,
.count button,
li button {
    font: inherit;
    padding: 0 2px;
    color: var(--clean);
    background: none;
    border: 0;
    text-decoration: underline;
    cursor: pointer;
}
.next {
    padding: 8px 18px;
    font: inherit;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--pencil);
    cursor: pointer;
}
.none {
    margin-bottom: 10px;
    padding: 8px 14px;
    background: var(--short-soft);
    border-left: 5px solid var(--short);
}
.binding {
    margin-top: 14px;
}
h3 {
    margin: 6px 0 4px;
    font-size: 15px;
}
ul {
    margin: 0 0 8px;
    padding-left: 20px;
}
.left {
    margin-top: 12px;
    font-size: 14px;
}
summary {
    cursor: pointer;
}
@media (max-width: 900px) {
    .scroll {
        overflow: visible;
    }
}
</style>
