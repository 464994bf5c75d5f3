<script setup lang="ts">
import { Button, Popconfirm, Progress } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { DayEntries, DayTask } from '../api/client';
import DayForm from '../features/day/DayForm.vue';
import DayPicture from '../features/day/DayPicture.vue';
import type { By } from '../features/day/picture';
import { useDay, useDayWrites, usePlanning } from '../features/day/queries';
import TaskCard from '../features/day/TaskCard.vue';
import ProgrammeNav from '../features/programme/ProgrammeNav.vue';
import { useProgramme } from '../features/programme/queries';
import { useDeleting } from '../features/programme/useDeleting';
import NoticeBar from '../ui/NoticeBar.vue';
import OptionSwitch from '../ui/OptionSwitch.vue';
import PageGate from '../ui/PageGate.vue';

/** A build day: planned beforehand, followed while it is on, planned anew when something comes between. */
const route = useRoute();
const router = useRouter();
const id = Number(route.params.day);
const day = useDay(id);
const programme = useProgramme(computed(() => day.data.value?.programme_id ?? null));
const { changing, moving, beginning, settingAside } = useDayWrites(id);
const remove = useDeleting();
const planning = usePlanning(id);
const by = ref<By>('person');
const picked = ref('');
const plan = computed(() => day.data.value?.plan ?? null);
const hasBegun = computed(() => day.data.value?.begun_at !== null);
const task = computed(() => plan.value?.tasks.find(({ id: one }) => one === picked.value));
const late = computed(() => plan.value?.tasks.filter((one) => one.late > 0).length ?? 0);
const done = computed(() => plan.value?.tasks.filter((one) => one.done).length ?? 0);
const told = (minutes: number): string =>
    minutes < 100 ? `${Math.round(minutes)} min` : `${Math.floor(minutes / 60)} h ${Math.round(minutes % 60)} min`;
const refused = computed(() =>
    [
        planning.message.value,
        ...Object.values(planning.errors.value).flat(),
        moving.message.value,
        ...Object.values(moving.errors.value).flat(),
        changing.message.value,
        beginning.message.value,
        ...Object.values(beginning.errors.value).flat(),
        settingAside.message.value,
        ...Object.values(settingAside.errors.value).flat(),
    ].filter(Boolean),
);

async function save(entries: DayEntries): Promise<void> {
    await changing.run({ ...entries, revision: day.data.value!.revision });
}
async function move(one: DayTask, start: number, person: string): Promise<void> {
    planning.cancel();
    await moving.run({ task: one.id, start, people: [person], revision: day.data.value!.revision });
}
async function setAside(units: number[]): Promise<void> {
    planning.cancel();
    picked.value = '';
    await settingAside.run({ units, revision: day.data.value!.revision });
}
async function drop(): Promise<void> {
    const { name, programme_id: of } = day.data.value!;
    if (await remove({ kind: 'day', id }, name)) await router.push({ name: 'days', params: { programme: of } });
}
</script>

<template>
    <main class="day">
        <PageGate :asked="[day, programme]">
            <Teleport to="#where"><ProgrammeNav :programme="programme.data.value!" /></Teleport>
            <div class="plan">
                <header>
                    <div>
                        <h1>{{ day.data.value!.name }}</h1>
                        <p v-if="plan">
                            <b class="figure">{{ told(plan.length) }}</b> for
                            {{ day.data.value!.units.reduce((sum, { count }) => sum + count, -day.data.value!.set_aside.length) }} units and
                            {{ day.data.value!.people.length }} people, <b class="figure">{{ told(plan.bound) }}</b> at the least<template
                                v-if="hasBegun"
                            >
                                · {{ done }} of {{ plan.tasks.length }} done<template v-if="late"
                                    >, <b>{{ late }} late</b></template
                                ></template
                            >
                        </p>
                        <p v-else>Not planned yet.</p>
                    </div>
                    <div class="acts">
                        <template v-if="day.data.value!.may_build">
                            <Button v-if="planning.isSearching.value" @click="planning.cancel()">Cancel</Button>
                            <Button v-else :type="plan ? 'default' : 'primary'" :loading="planning.busy.value" @click="planning.plan()">{{
                                hasBegun ? 'Plan anew from now' : plan ? 'Plan anew' : 'Plan the day'
                            }}</Button>
                            <Popconfirm
                                v-if="plan && !hasBegun"
                                title="Begin now? Its units are begun, and its clock runs."
                                ok-text="Begin"
                                @confirm="beginning.run()"
                            >
                                <Button type="primary">Begin the day</Button>
                            </Popconfirm>
                        </template>
                        <Button v-if="plan" :href="`/api/v1/days/${id}/run-sheet.pdf`" target="_blank" rel="noopener"
                            >Run sheet and cards</Button
                        >
                    </div>
                </header>
                <Progress
                    v-if="planning.isSearching.value"
                    :percent="Math.round(100 * planning.share.value)"
                    size="small"
                    aria-label="Looking for a shorter plan"
                />
                <NoticeBar v-for="unit in day.data.value!.set_aside" :key="unit" kind="warning">
                    Unit {{ unit }} is set aside today.
                    <Button
                        v-if="day.data.value!.may_build"
                        size="small"
                        :loading="settingAside.busy.value"
                        @click="setAside(day.data.value!.set_aside.filter((one) => one !== unit))"
                        >It goes on</Button
                    >
                </NoticeBar>
                <NoticeBar v-for="one in refused" :key="one" kind="error">{{ one }}</NoticeBar>
                <template v-if="plan">
                    <OptionSwitch
                        :value="by"
                        label="Rows"
                        :options="[
                            { value: 'person', label: 'By person' },
                            { value: 'place', label: 'By table' },
                        ]"
                        @choose="(next) => (by = next)"
                    />
                    <DayPicture
                        :day="day.data.value!"
                        :by="by"
                        :picked="picked"
                        :may-move="day.data.value!.may_build"
                        @pick="(next) => (picked = next)"
                        @move="move"
                    />
                    <TaskCard
                        v-if="task"
                        :task="task"
                        :unit="day.data.value!.made[task.unit - 1]"
                        :may-set-aside="hasBegun && day.data.value!.may_build"
                        @aside="(unit) => setAside([...day.data.value!.set_aside, unit])"
                    />
                    <p v-else class="aside">Pick a task to read it. Drag it to another time or person; what comes after it follows.</p>
                    <p class="aside">{{ plan.why }}</p>
                </template>
                <p v-else class="empty">
                    Enter what is made and who comes, save, then plan the day: who does what when, with blades and glue for adults only and
                    every unit checked by somebody who did not build it.
                </p>
            </div>
            <aside>
                <DayForm :day="day.data.value!" :errors="changing.errors.value" :busy="changing.busy.value" @save="save" />
                <Popconfirm
                    v-if="day.data.value!.may_build"
                    title="Delete this build day? Units that were begun stay."
                    ok-text="Delete"
                    @confirm="drop"
                >
                    <Button danger type="text">Delete the day</Button>
                </Popconfirm>
            </aside>
        </PageGate>
    </main>
</template>

<style scoped>
.day {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 330px;
    gap: 14px 20px;
    width: 100%;
    padding: 14px 20px 26px;
    align-items: start;
}
.plan {
    display: grid;
    gap: 10px;
    min-width: 0;
}
header {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 8px 20px;
}
h1 {
    font-size: 24px;
}
.acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: flex-start;
}
.aside {
    color: var(--pencil);
    font-size: 14.5px;
}
.empty {
    max-width: 54ch;
    padding: 26px;
    font-size: 18px;
    background: var(--sheet);
    border: 1px solid var(--line);
}
@media (max-width: 900px) {
    .day {
        grid-template-columns: minmax(0, 1fr);
        padding: 10px 12px 20px;
    }
}
</style>
