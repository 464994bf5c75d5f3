<script setup lang="ts">
import { Button, Empty, Form } from 'ant-design-vue';
import { computed, ref, watchEffect } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useAddProgramme } from '../features/programme/places';
import { useProgrammes } from '../features/programme/queries';
import { useWaysIn } from '../session/queries';
import EntryField from '../ui/EntryField.vue';
import PageGate from '../ui/PageGate.vue';

const programmes = useProgrammes();
const waysIn = useWaysIn();
const route = useRoute();
const router = useRouter();
const adding = useAddProgramme();
const name = ref('');
const present = computed(() => programmes.data.value?.filter((one) => !one.is_archived) ?? []);
const archived = computed(() => programmes.data.value?.filter((one) => one.is_archived) ?? []);

const go = (programme: number) => router.replace({ name: 'programme', params: { programme } });
watchEffect(() => {
    const [first, ...others] = programmes.data.value ?? [];
    if (first && others.length === 0 && route.query.all === undefined) void go(first.id);
});

async function add(): Promise<void> {
    const made = await adding.run(name.value);
    if (made) await go(made.id);
}
</script>

<template>
    <main class="home">
        <PageGate :asked="[programmes]">
            <h1>Programmes</h1>
            <Empty
                v-if="programmes.data.value?.length === 0"
                description="You belong to no programme yet. Ask an organiser for a link, or begin one."
            />
            <RouterLink
                v-for="programme in present"
                :key="programme.id"
                class="one"
                :to="{ name: 'programme', params: { programme: programme.id } }"
            >
                <b>{{ programme.name }}</b> {{ programme.about }}
            </RouterLink>
            <template v-if="archived.length">
                <h2>Archived</h2>
                <RouterLink
                    v-for="programme in archived"
                    :key="programme.id"
                    class="one archived"
                    :to="{ name: 'programme', params: { programme: programme.id } }"
                >
                    <b>{{ programme.name }}</b> {{ programme.about }}
                </RouterLink>
            </template>
            <Form v-if="waysIn.data.value?.registration" layout="vertical" class="new" @submit.prevent="add">
                <EntryField
                    v-model="name"
                    label="Begin another programme"
                    hint="Its name"
                    :maxlength="80"
                    :fault="adding.errors.value.name?.[0] ?? (adding.message.value || undefined)"
                />
                <Button html-type="submit" :loading="adding.busy.value">Begin</Button>
            </Form>
        </PageGate>
    </main>
</template>

<style scoped>
.home {
    max-width: 46rem;
    width: 100%;
    margin: 0 auto;
    padding: 32px 20px;
    display: grid;
    gap: 12px;
}
h2 {
    margin-top: 12px;
    font-size: 17px;
}
.one {
    display: block;
    padding: 14px 18px;
    background: var(--sheet);
    border: 1px solid var(--line);
    border-left: 8px solid var(--kraft);
    color: var(--ink);
}
.one:hover {
    border-color: var(--kraft-edge);
}
.archived {
    color: var(--pencil);
    border-left-color: var(--line);
}
.new {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 10px;
    padding-top: 18px;
    margin-top: 8px;
    border-top: 1px solid var(--line);
}
.new > :first-child {
    width: 300px;
}
</style>
