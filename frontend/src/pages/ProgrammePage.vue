<script setup lang="ts">
import { Button, Form } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import ProgrammeNav from '../features/programme/ProgrammeNav.vue';
import { useArchive } from '../features/programme/places';
import SiteSection from '../features/programme/SiteSection.vue';
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
const archiving = useArchive(id);

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
            <NoticeBar v-if="programme.data.value!.is_archived" kind="info">
                This programme is archived: it is looked at and not changed.
                <Button v-if="programme.data.value!.may_revive" size="small" :loading="archiving.busy.value" @click="archiving.run(false)"
                    >Bring it back</Button
                >
            </NoticeBar>
            <div class="sites">
                <SiteSection
                    v-for="site in programme.data.value!.sites"
                    :key="site.id"
                    :site="site"
                    :sites="programme.data.value!.sites"
                    :programme="id"
                    :may-build="mayBuild"
                    :may-delete="programme.data.value!.role === 'organiser'"
                />
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
