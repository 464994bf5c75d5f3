<script setup lang="ts">
import { Button, Empty } from 'ant-design-vue';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import type { DeletedItem } from '../api/client';
import { useActivities, useBringBack, useDeleted } from '../features/programme/places';
import ProgrammeNav from '../features/programme/ProgrammeNav.vue';
import { useProgramme } from '../features/programme/queries';
import NoticeBar from '../ui/NoticeBar.vue';
import PageGate from '../ui/PageGate.vue';

const route = useRoute();
const id = computed(() => Number(route.params.programme));
const room = computed(() => (typeof route.query.room === 'string' ? Number(route.query.room) : null));
const programme = useProgramme(id);
const activities = useActivities(id, room);
const deleted = useDeleted(id);
const bringing = useBringBack();
const told = ({ kind, of }: DeletedItem): string =>
    ({ site: 'site, with its rooms', room: of, unit: `of ${of}`, day: 'build day', meter: 'meter' })[kind];
const all = computed(() => activities.data.value?.pages.flatMap((page) => page.activities) ?? []);

/** What happened on one day stands together. */
const days = computed(() => {
    const found: { day: string; rows: typeof all.value }[] = [];
    for (const one of all.value) {
        const day = new Date(one.at).toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });
        if (found.at(-1)?.day !== day) found.push({ day, rows: [] });
        found.at(-1)!.rows.push(one);
    }
    return found;
});
const time = (at: string): string => new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
const date = (at: string): string => new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });
</script>

<template>
    <main class="page">
        <PageGate :asked="[programme, activities, deleted]">
            <Teleport to="#where">
                <ProgrammeNav :programme="programme.data.value!" />
            </Teleport>
            <h1>Activity</h1>
            <p v-if="room" class="only">
                Of one room alone. <RouterLink :to="{ name: 'activity', params: { programme: id } }">Show all</RouterLink>
            </p>
            <div class="columns">
                <div class="days">
                    <Empty v-if="days.length === 0" description="Nothing was changed yet since changes are written down." />
                    <section v-for="{ day, rows } in days" :key="day">
                        <h2>{{ day }}</h2>
                        <ol>
                            <li v-for="one in rows" :key="one.id">
                                <time class="figure" :datetime="one.at">{{ time(one.at) }}</time>
                                <span
                                    ><b>{{ one.person || 'Somebody' }}</b> {{ one.text }}</span
                                >
                                <RouterLink
                                    v-if="one.room && !room"
                                    :to="{ name: 'activity', params: { programme: id }, query: { room: one.room } }"
                                    >only this room</RouterLink
                                >
                            </li>
                        </ol>
                    </section>
                    <Button
                        v-if="activities.hasNextPage.value"
                        :loading="activities.isFetchingNextPage.value"
                        @click="activities.fetchNextPage()"
                        >Show earlier</Button
                    >
                </div>
                <section class="deleted" aria-label="Deleted">
                    <h2>Deleted</h2>
                    <p v-if="deleted.data.value!.items.length === 0">Nothing. What is deleted can be brought back here.</p>
                    <NoticeBar v-if="bringing.refused.value" kind="error">{{ bringing.refused.value.message }}</NoticeBar>
                    <ul>
                        <li v-for="one in deleted.data.value!.items" :key="`${one.kind}-${one.id}`">
                            <span
                                ><b>{{ one.name }}</b
                                ><small>{{ told(one) }} · {{ date(one.at) }}</small></span
                            >
                            <Button v-if="one.may_bring_back" size="small" :loading="bringing.busy.value" @click="bringing.run(one)"
                                >Bring back</Button
                            >
                        </li>
                    </ul>
                </section>
            </div>
        </PageGate>
    </main>
</template>

<style scoped>
.page {
    padding: 18px 24px 40px;
    display: grid;
    gap: 12px;
    align-content: start;
    max-width: 1100px;
    width: 100%;
    margin: 0 auto;
}
.columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 340px);
    gap: 22px;
    align-items: start;
}
.days {
    display: grid;
    gap: 16px;
    justify-items: start;
}
.days section {
    width: 100%;
}
h2 {
    font-size: 16px;
    padding-bottom: 4px;
    border-bottom: 3px solid var(--kraft);
}
ol,
ul {
    list-style: none;
    margin: 0;
    padding: 0;
}
ol li {
    display: grid;
    grid-template-columns: 52px minmax(0, 1fr) auto;
    gap: 10px;
    padding: 7px 2px;
    border-bottom: 1px solid var(--line);
}
time,
.only,
small {
    color: var(--pencil);
}
small {
    display: block;
}
a {
    color: var(--clean);
}
.deleted {
    display: grid;
    gap: 10px;
    padding: 14px 18px 18px;
    background: var(--sheet);
    border: 1px solid var(--line);
}
.deleted li {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 10px;
    padding: 8px 0;
    border-bottom: 1px solid var(--line);
}
@media (max-width: 800px) {
    .columns {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
