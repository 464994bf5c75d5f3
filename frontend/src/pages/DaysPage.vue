<script setup lang="ts">
import { Button, Empty } from 'ant-design-vue';
import { computed } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useAddDay, useDays } from '../features/day/queries';
import ProgrammeNav from '../features/programme/ProgrammeNav.vue';
import { useProgramme } from '../features/programme/queries';
import NoticeBar from '../ui/NoticeBar.vue';
import PageGate from '../ui/PageGate.vue';

/** Build days of a programme, the latest first. */
const route = useRoute();
const router = useRouter();
const id = Number(route.params.programme);
const programme = useProgramme(id);
const days = useDays(id);
const all = computed(() => days.data.value?.pages.flat() ?? []);
const adding = useAddDay(id);
const mayBuild = computed(() => programme.data.value !== undefined && programme.data.value.role !== 'reader');
const when = (at: string): string =>
    new Date(at).toLocaleString('en-GB', { weekday: 'long', day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' });

/** Next Saturday, half past nine. */
function soon(): string {
    const day = new Date();
    day.setDate(day.getDate() + ((6 - day.getDay() + 7) % 7 || 7));
    return `${day.getFullYear()}-${String(day.getMonth() + 1).padStart(2, '0')}-${String(day.getDate()).padStart(2, '0')}T09:30`;
}
async function add(): Promise<void> {
    const added = await adding.run({
        name: 'Build day',
        starts_at: soon(),
        units: [],
        people: [],
        tools: { knife: 2, 'glue gun': 1 },
        tables: 4,
        breaks: [],
    });
    if (added) await router.push({ name: 'day', params: { day: added.id } });
}
</script>

<template>
    <main class="days">
        <PageGate :asked="[programme, days]">
            <Teleport to="#where"><ProgrammeNav :programme="programme.data.value!" /></Teleport>
            <header>
                <h1>Build days</h1>
                <Button v-if="mayBuild" type="primary" :loading="adding.busy.value" @click="add">Plan a build day</Button>
            </header>
            <NoticeBar v-if="adding.message.value" kind="error">{{ adding.message.value }}</NoticeBar>
            <Empty v-if="!all.length" description="No build day yet. Plan one: what is made, who comes, and who does what when." />
            <ul v-else>
                <li v-for="day in all" :key="day.id">
                    <RouterLink :to="{ name: 'day', params: { day: day.id } }">
                        <b>{{ day.name }}</b>
                        <span>{{ when(day.starts_at) }}</span>
                        <span>{{ day.units }} units, {{ day.people }} people<template v-if="day.begun"> · begun</template></span>
                    </RouterLink>
                </li>
            </ul>
            <Button v-if="days.hasNextPage.value" :loading="days.isFetchingNextPage.value" @click="days.fetchNextPage()"
                >Show earlier</Button
            >
        </PageGate>
    </main>
</template>

<style scoped>
.days {
    display: grid;
    gap: 12px;
    width: 100%;
    max-width: 980px;
    margin: 0 auto;
    padding: 18px 22px 30px;
    align-content: start;
}
header {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 8px;
}
h1 {
    font-size: 24px;
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
    display: flex;
    flex-wrap: wrap;
    gap: 2px 18px;
    padding: 11px 16px;
    color: var(--ink);
}
a:hover {
    background: color-mix(in oklab, var(--sheet), var(--kraft) 16%);
}
a span {
    color: var(--pencil);
}
</style>
