<script setup lang="ts">
import { Button, Empty } from 'ant-design-vue';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { useUnits } from '../features/guide/queries';
import ProgrammeNav from '../features/programme/ProgrammeNav.vue';
import { useProgramme } from '../features/programme/queries';
import PageGate from '../ui/PageGate.vue';

/** All units of a programme: those at a table now, then those that are made. */
const route = useRoute();
const id = Number(route.params.programme);
const programme = useProgramme(id);
const units = useUnits(id);
const all = computed(() => units.data.value?.pages.flat() ?? []);
const groups = computed(() => [
    { name: 'At the table', units: all.value.filter((unit) => !unit.made_at) },
    { name: 'Made', units: all.value.filter((unit) => unit.made_at) },
]);
const day = (at: string): string => new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
</script>

<template>
    <main class="units">
        <PageGate :asked="[programme, units]">
            <Teleport to="#where"><ProgrammeNav :programme="programme.data.value!" /></Teleport>
            <h1>Units</h1>
            <Empty v-if="!all.length" description="No unit is made yet. Open a room, go to its guide and choose “Make a unit”." />
            <template v-for="group in groups" :key="group.name">
                <section v-if="group.units.length">
                    <h2>{{ group.name }}</h2>
                    <ul>
                        <li v-for="unit in group.units" :key="unit.id">
                            <RouterLink :to="{ name: 'unit', params: { unit: unit.id } }">
                                <span class="number figure">{{ unit.number }}</span>
                                <span>
                                    <b>{{ unit.title }}</b>
                                    <small>{{ unit.room }} · {{ unit.build }}, version {{ unit.version }}</small>
                                </span>
                                <span class="how">
                                    <template v-if="unit.made_at">made {{ day(unit.made_at) }} by {{ unit.made_by }}</template>
                                    <template v-else
                                        >{{ unit.done }} of {{ unit.steps }} steps, begun {{ day(unit.started_at) }} by
                                        {{ unit.started_by }}</template
                                    >
                                    <i :style="{ width: `${(100 * (unit.made_at ? 1 : unit.done / unit.steps)).toFixed(0)}%` }" />
                                </span>
                            </RouterLink>
                        </li>
                    </ul>
                </section>
            </template>
            <Button v-if="units.hasNextPage.value" :loading="units.isFetchingNextPage.value" @click="units.fetchNextPage()"
                >Show earlier</Button
            >
        </PageGate>
    </main>
</template>

<style scoped>
.units {
    display: grid;
    gap: 12px;
    width: 100%;
    max-width: 980px;
    margin: 0 auto;
    padding: 18px 22px 30px;
    align-content: start;
}
h1 {
    font-size: 24px;
}
h2 {
    font-size: 17px;
    margin-bottom: 4px;
}
ul {
    margin: 0;
    padding: 0;
    list-style: none;
    background: var(--sheet);
    border: 1px solid var(--line);
}
li {
    border-bottom: 1px solid var(--line);
}
li:last-child {
    border: 0;
}
a {
    display: grid;
    grid-template-columns: 46px minmax(0, 1fr) minmax(0, 1fr);
    gap: 12px;
    align-items: center;
    padding: 9px 14px;
    color: var(--ink);
}
a:hover {
    background: color-mix(in oklab, var(--sheet), var(--kraft) 16%);
}
.number {
    font-size: 22px;
    text-align: center;
}
small {
    display: block;
    color: var(--pencil);
    font-size: 14px;
}
.how {
    color: var(--pencil);
    font-size: 14px;
}
.how i {
    display: block;
    height: 5px;
    margin-top: 4px;
    background: var(--clean);
}
@media (max-width: 700px) {
    a {
        grid-template-columns: 40px minmax(0, 1fr);
    }
    .how {
        grid-column: 2;
    }
}
</style>
