<script setup lang="ts">
import { Button, Empty } from 'ant-design-vue';
import { computed } from 'vue';
import type { Site } from '../../api/client';
import { useMoreRooms } from './queries';
import RenameButton from './RenameButton.vue';
import RoomMenu from './RoomMenu.vue';
import RoomTile from './RoomTile.vue';
import SiteMenu from './SiteMenu.vue';

const props = defineProps<{ site: Site; sites: Site[]; programme: number; mayBuild: boolean; mayDelete: boolean }>();

const more = useMoreRooms(() => props.site);
const rooms = computed(() => [...props.site.rooms, ...(more.data.value?.pages.flatMap((page) => page.rooms) ?? [])]);
const left = computed(() => Math.max(0, props.site.room_count - rooms.value.length));

/** How its rooms do, in a few words; what there is none of is not told. */
const tally = computed(() => {
    const { tally: told } = props.site;
    return (
        [
            [told.reaches, 'reach their goal'],
            [told.probably, 'probably reach it'],
            [told.probably_not + told.falls_short, 'fall short'],
            [told.none, 'with nothing in them yet'],
            [told.pending, 'being worked out'],
        ] as const
    ).filter(([count]) => count > 0);
});
</script>

<template>
    <section class="site">
        <header>
            <h2>{{ site.name }}</h2>
            <RenameButton v-if="mayBuild" :what="{ kind: 'site', id: site.id }" :name="site.name" />
            <SiteMenu v-if="mayBuild" :site="site" :sites="sites" :programme="programme" :may-delete="mayDelete" />
            <RouterLink v-if="site.room_count > 0" class="add from-above" :to="{ name: 'site-plan', params: { programme, site: site.id } }"
                >Plan</RouterLink
            >
            <RouterLink v-if="mayBuild" class="add" :to="{ name: 'new-room', params: { programme, site: site.id } }"
                >+ Add a room</RouterLink
            >
        </header>
        <p v-if="site.room_count > 1" class="tally">
            {{ site.room_count }} rooms:
            <template v-for="([count, says], index) in tally" :key="says"
                ><template v-if="index > 0">, </template><span class="figure">{{ count }}</span> {{ says }}</template
            >
        </p>
        <div class="rooms" :style="{ '--columns': Math.min(4, Math.max(1, rooms.length)) }">
            <div v-for="room in rooms" :key="room.id" class="room">
                <RoomTile :room="room" />
                <RoomMenu v-if="mayBuild" :room="room" :programme="programme" :site="site.id" :sites="sites" :may-delete="mayDelete" />
            </div>
            <Empty v-if="site.room_count === 0" class="empty" description="No rooms yet. Measure one and add it." />
        </div>
        <Button v-if="left > 0" class="more" :loading="more.isFetching.value" @click="more.fetchNextPage()"
            >Show more of the {{ left }} other rooms</Button
        >
    </section>
</template>

<style scoped>
.site {
    display: grid;
    gap: 6px;
    align-content: start;
}
header {
    display: flex;
    align-items: baseline;
    gap: 12px;
    border-bottom: 3px solid var(--kraft);
    padding: 0 2px 4px;
}
h2 {
    font-size: 18px;
    font-weight: 700;
}
.tally {
    padding: 0 2px;
    font-size: 14px;
    color: var(--pencil);
}
.tally .figure {
    font-size: inherit;
}
.rooms {
    display: grid;
    grid-template-columns: repeat(var(--columns), minmax(0, 302px));
    gap: 10px;
}
.room {
    position: relative;
    display: grid;
}
.room :deep(.menu) {
    position: absolute;
    top: 8px;
    right: 6px;
    color: var(--pencil);
}
.add {
    color: var(--clean);
    font-weight: 700;
    white-space: nowrap;
}
.add:hover {
    text-decoration: underline;
}
.from-above {
    margin-left: auto;
}
.empty {
    padding: 18px;
    color: var(--pencil);
    width: 302px;
}
.more {
    justify-self: start;
}
@media (max-width: 1290px) {
    .rooms {
        grid-template-columns: repeat(min(var(--columns), 4), minmax(0, 299px));
    }
}
@media (max-width: 1000px) {
    .site,
    .rooms {
        width: 100%;
    }
    .rooms {
        grid-template-columns: repeat(auto-fill, minmax(280px, 1fr));
    }
}
</style>
