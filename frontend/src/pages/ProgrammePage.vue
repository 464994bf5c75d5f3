<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import { answer, api, Refused } from '../api/client';
import { useProgramme } from '../api/queries';
import AwayNotice from '../components/AwayNotice.vue';
import ProgrammeNav from '../components/ProgrammeNav.vue';
import RoomTile from '../components/room/RoomTile.vue';

const route = useRoute();
const id = computed(() => Number(route.params.programme));
const programme = useProgramme(id);
const mayBuild = computed(() => programme.data.value?.role !== 'reader');
const siteName = ref('');
const fault = ref<string>();

async function addSite(): Promise<void> {
    fault.value = undefined;
    try {
        await answer(
            api.POST('/programmes/{programme}/sites', { params: { path: { programme: id.value } }, body: { name: siteName.value } }),
        );
        siteName.value = '';
        await programme.refetch();
    } catch (refused) {
        if (!(refused instanceof Refused)) throw refused;
        fault.value = refused.message;
    }
}
</script>

<template>
    <main class="page">
        <AwayNotice v-if="programme.error.value" :fault="programme.error.value" @retry="programme.refetch()" />
        <template v-else-if="programme.data.value">
            <Teleport to="#where">
                <ProgrammeNav :programme="programme.data.value" />
            </Teleport>
            <h1 class="visually-hidden">{{ programme.data.value.name }}</h1>
            <div class="sites">
                <section v-for="site in programme.data.value.sites" :key="site.id" class="site">
                    <header>
                        <h2>{{ site.name }}</h2>
                        <RouterLink
                            v-if="site.rooms.length"
                            class="add from-above"
                            :to="{ name: 'site-plan', params: { programme: id, site: site.id } }"
                            >Plan</RouterLink
                        >
                        <RouterLink v-if="mayBuild" class="add" :to="{ name: 'new-room', params: { programme: id, site: site.id } }"
                            >+ Add a room</RouterLink
                        >
                    </header>
                    <div class="rooms" :style="{ '--columns': Math.min(4, Math.max(1, site.rooms.length)) }">
                        <RoomTile v-for="room in site.rooms" :key="room.id" :room="room" />
                        <p v-if="site.rooms.length === 0" class="empty">No rooms yet. Measure one and add it.</p>
                    </div>
                </section>
            </div>
            <form v-if="mayBuild" class="new-site" @submit.prevent="addSite">
                <label for="site-name">Add another building</label>
                <Input id="site-name" v-model:value="siteName" placeholder="Name of the site" :status="fault ? 'error' : ''" />
                <Button html-type="submit">Add a site</Button>
                <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
            </form>
        </template>
    </main>
</template>

<style scoped>
.page {
    padding: 18px 24px 40px;
    display: grid;
    gap: 20px;
    align-content: start;
    max-width: 1400px;
    width: 100%;
    margin: 0 auto;
}
.sites {
    display: flex;
    flex-wrap: wrap;
    gap: 22px 14px;
}
.site {
    display: grid;
    gap: 6px;
    align-content: start;
}
.site header {
    display: flex;
    align-items: baseline;
    gap: 16px;
    border-bottom: 3px solid var(--kraft);
    padding: 0 2px 4px;
}
h2 {
    font-size: 18px;
    font-weight: 700;
}
.rooms {
    display: grid;
    grid-template-columns: repeat(var(--columns), minmax(0, 302px));
    gap: 10px;
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
.new-site {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 10px;
    padding-top: 12px;
    border-top: 1px solid var(--line);
}
.new-site :deep(input) {
    width: 260px;
}
.fault {
    color: var(--short);
    flex-basis: 100%;
}
</style>
