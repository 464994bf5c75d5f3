<script setup lang="ts">
import { Empty } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import { useSize } from '../drawing/useSize';
import ProgrammeNav from '../features/programme/ProgrammeNav.vue';
import { useProgramme, useSitePlan } from '../features/programme/queries';
import { useMeasure } from '../session/useMeasure';
import NoticeBar from '../ui/NoticeBar.vue';
import PageGate from '../ui/PageGate.vue';

const route = useRoute();
const { show } = useMeasure();
const site = useSitePlan(computed(() => Number(route.params.site)));
const programme = useProgramme(computed(() => Number(route.params.programme)));
const SAYS: Record<string, string> = {
    meets: 'reaches its goal',
    warns: 'probably reaches its goal',
    short: 'falls short',
    none: 'nothing stands here yet',
};

const sheet = ref<HTMLElement>();
const size = useSize(sheet, { width: 900, height: 0 });

/** Around every building, mm. */
const EDGE = 700;
/** One scale for all buildings of the site, px for a mm: the widest fills the sheet, and none gets too tall. */
const scale = computed(() => {
    const buildings = site.data.value?.buildings ?? [];
    const widest = Math.max(1, ...buildings.map((one) => one.frame.width + 2 * EDGE));
    const tallest = Math.max(1, ...buildings.map((one) => one.frame.height + 2 * EDGE));
    return Math.min((size.value.width - 4) / widest, 460 / tallest, 0.05);
});
</script>

<template>
    <main ref="sheet" class="page">
        <PageGate :asked="[site]">
            <Teleport to="#where">
                <ProgrammeNav v-if="programme.data.value" :programme="programme.data.value" />
            </Teleport>
            <header>
                <h1>{{ site.data.value!.name }}: plan</h1>
                <p>Rooms are placed side by side where a door leads from one to the other and back. Click a room to open it.</p>
            </header>
            <NoticeBar v-for="said in site.data.value!.unanswered" :key="said" kind="warning" class="note">{{ said }}</NoticeBar>
            <div class="buildings">
                <section v-for="building in site.data.value!.buildings" :key="building.rooms[0]!.id" class="building">
                    <h2 v-if="building.rooms.length > 1">
                        {{ building.rooms.length }} rooms joined · <span class="figure">{{ show(building.floor_area) }}</span> ·
                        <span class="figure">{{ show(building.volume) }}</span> of air
                    </h2>
                    <h2 v-else>
                        Single room · <span class="figure">{{ show(building.floor_area) }}</span>
                    </h2>
                    <NoticeBar v-for="said in building.faults" :key="said" kind="error" class="note">{{ said }}</NoticeBar>
                    <div
                        class="sheet mat scene"
                        :style="{
                            width: `${scale * (building.frame.width + 2 * EDGE)}px`,
                            height: `${scale * (building.frame.height + 2 * EDGE)}px`,
                        }"
                    >
                        <svg
                            :viewBox="`${building.frame.x - EDGE} ${building.frame.y - EDGE} ${building.frame.width + 2 * EDGE} ${building.frame.height + 2 * EDGE}`"
                            aria-hidden="true"
                        >
                            <template v-for="room in building.rooms" :key="room.id">
                                <path
                                    v-for="(stroke, index) in room.strokes"
                                    :key="index"
                                    :d="stroke.path"
                                    :class="['stroke', stroke.kind]"
                                    style="--s: 0"
                                />
                            </template>
                        </svg>
                        <RouterLink
                            v-for="room in building.rooms"
                            :key="room.id"
                            class="room"
                            :class="room.standing ?? 'none'"
                            :to="{ name: 'room', params: { room: room.id, stage: 'room' } }"
                            :style="{
                                left: `${scale * (room.x - building.frame.x + EDGE)}px`,
                                top: `${scale * (room.y - building.frame.y + EDGE)}px`,
                            }"
                        >
                            <b>{{ room.name }}</b>
                            <span class="figure">{{ show(room.floor_area) }} · {{ show(room.volume) }}</span>
                            <span class="standing">{{ SAYS[room.standing ?? 'none'] }}</span>
                        </RouterLink>
                    </div>
                </section>
            </div>
            <Empty v-if="site.data.value!.buildings.length === 0" description="No rooms yet." />
        </PageGate>
    </main>
</template>

<style scoped>
.page {
    padding: 18px 24px 40px;
    display: grid;
    gap: 14px;
    align-content: start;
    max-width: 1400px;
    width: 100%;
    margin: 0 auto;
}
h1 {
    font-size: 20px;
}
header p {
    color: var(--pencil);
}
h2 {
    font-size: 15px;
    font-weight: 700;
}
.note {
    max-width: 760px;
}
.buildings {
    display: flex;
    flex-wrap: wrap;
    gap: 20px;
    align-items: flex-start;
}
.building {
    display: grid;
    gap: 6px;
    border-top: 3px solid var(--kraft);
    padding-top: 6px;
}
.sheet {
    position: relative;
    border: 1px solid var(--line);
    box-shadow: var(--shadow);
}
svg {
    width: 100%;
    height: 100%;
    display: block;
}
.room {
    position: absolute;
    transform: translate(-50%, -50%);
    display: grid;
    padding: 4px 10px 5px;
    background: color-mix(in oklab, var(--sheet), transparent 8%);
    border: 1px solid var(--line);
    border-left: 5px solid var(--pencil);
    color: var(--ink);
    font-size: 13px;
    line-height: 1.3;
    white-space: nowrap;
    box-shadow: var(--shadow);
}
.room:hover {
    border-color: var(--kraft-edge);
}
.room b {
    font-size: 15px;
}
.meets,
.warns {
    border-left-color: var(--clean);
}
.short {
    border-left-color: var(--short);
}
.short .standing {
    color: var(--short);
    font-weight: 700;
}
</style>
