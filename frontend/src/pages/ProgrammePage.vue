<script setup lang="ts">
import { Button, Empty, Form } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import ProgrammeNav from '../features/programme/ProgrammeNav.vue';
import RenameButton from '../features/programme/RenameButton.vue';
import RoomTile from '../features/programme/RoomTile.vue';
import { useAddSite, useProgramme } from '../features/programme/queries';
import EntryField from '../ui/EntryField.vue';
import NoticeBar from '../ui/NoticeBar.vue';
import PageGate from '../ui/PageGate.vue';

const route = useRoute();
const id = computed(() => Number(route.params.programme));
const programme = useProgramme(id);
const mayBuild = computed(() => programme.data.value?.role !== 'reader');
const siteName = ref('');
const adding = useAddSite(id);

async function addSite(): Promise<void> {
    if (await adding.run(siteName.value)) siteName.value = '';
}
</script>

<template>
    <main class="page">
        <PageGate :asked="[programme]">
            <Teleport to="#where">
                <ProgrammeNav :programme="programme.data.value!" />
            </Teleport>
            <h1 class="visually-hidden">{{ programme.data.value!.name }}</h1>
            <NoticeBar v-if="programme.data.value!.backup_missed" kind="warning">{{ programme.data.value!.backup_missed }}</NoticeBar>
            <div class="sites">
                <section v-for="site in programme.data.value!.sites" :key="site.id" class="site">
                    <header>
                        <h2>{{ site.name }}</h2>
                        <RenameButton v-if="mayBuild" :what="{ kind: 'site', id: site.id }" :name="site.name" />
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
                        <Empty v-if="site.rooms.length === 0" class="empty" description="No rooms yet. Measure one and add it." />
                    </div>
                </section>
            </div>
            <Form v-if="mayBuild" layout="vertical" class="new-site" @submit.prevent="addSite">
                <EntryField
                    v-model="siteName"
                    label="Add another building"
                    hint="Name of the site"
                    :fault="adding.errors.value.name?.[0] ?? (adding.message.value || undefined)"
                />
                <Button html-type="submit" :loading="adding.busy.value">Add a site</Button>
            </Form>
        </PageGate>
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
    gap: 12px;
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
    align-items: end;
    gap: 10px;
    padding-top: 12px;
    border-top: 1px solid var(--line);
}
.new-site > :first-child {
    width: 300px;
}
</style>
