<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query';
import { computed, nextTick, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { answer, api, type PartLine } from '../api/client';
import { usePart, useParts, useProgramme, type PartKind } from '../api/queries';
import AwayNotice from '../components/AwayNotice.vue';
import PartCard from '../components/parts/PartCard.vue';
import PartList from '../components/parts/PartList.vue';
import { codeOf, type asksOf } from '../components/parts/written';
import ProgrammeNav from '../components/ProgrammeNav.vue';
import { useSaved } from '../composables/useSaved';

const route = useRoute();
const router = useRouter();
const client = useQueryClient();
const id = computed(() => Number(route.params.programme));
const programme = useProgramme(id);
const parts = useParts(id);
const kind = computed(() => (route.params.kind as PartKind | '' | undefined) || 'fan');
const code = computed(() => (route.params.code as string) || (parts.data.value?.find((part) => part.kind === kind.value)?.code ?? ''));
const part = usePart(
    id,
    computed(() => (code.value === '' ? null : { kind: kind.value, code: code.value })),
);
const saving = useSaved();
const { errors, offers, message, done, busy } = saving;
const mayChange = computed(() => programme.data.value?.role !== 'reader');
const currency = computed(() => programme.data.value?.currency ?? '');

async function go(nextKind: PartKind, nextCode: string): Promise<void> {
    await router.replace({ name: 'parts', params: { programme: id.value, kind: nextKind, code: nextCode } });
}

watch(code, () => saving.forget());

async function refresh(): Promise<void> {
    await Promise.all(
        ['parts', 'part', 'catalogue', 'evaluation', 'misfits', 'version'].map((key) => client.invalidateQueries({ queryKey: [key] })),
    );
}

async function save(asks: ReturnType<typeof asksOf>, asNew: boolean): Promise<void> {
    const taken = (parts.data.value ?? []).map((one) => one.code);
    const path = { programme: id.value, kind: kind.value, code: asNew ? codeOf(asks.name, taken) : code.value };
    const kept = await saving.save(
        () => answer(api.PUT('/programmes/{programme}/parts/{kind}/{code}', { params: { path }, body: asks })),
        asNew ? 'Saved as your own part' : 'Figures saved',
    );
    if (!kept) return;
    await refresh();
    const said = done.value;
    if (asNew) {
        // What is said of a part is forgotten with it: say it again of the new one.
        await go(kind.value, path.code);
        await nextTick();
    }
    done.value = said;
}

async function takeBack(): Promise<void> {
    const own = part.data.value?.standing === 'own';
    const path = { programme: id.value, kind: kind.value, code: code.value };
    await saving.save(
        () => answer(api.DELETE('/programmes/{programme}/parts/{kind}/{code}', { params: { path } })),
        'Shipped figures restored',
    );
    if (own) await go(kind.value, '');
    await refresh();
}

const pick = (line: PartLine): void => void go(line.kind, line.code);
</script>

<template>
    <main class="parts">
        <AwayNotice v-if="parts.error.value" :fault="parts.error.value" @retry="parts.refetch()" />
        <template v-else-if="parts.data.value && programme.data.value">
            <Teleport to="#where">
                <ProgrammeNav :programme="programme.data.value" />
            </Teleport>
            <PartList
                :parts="parts.data.value"
                :kind="kind"
                :code="code"
                :currency="currency"
                @kind="(next) => void go(next, '')"
                @pick="pick"
            />
            <PartCard
                v-if="part.data.value"
                :key="`${kind} ${code}`"
                :part="part.data.value"
                :may-change="mayChange"
                :busy="busy"
                :errors="errors"
                :offers="offers"
                :message="message"
                :done="done"
                :currency="currency"
                @save="save"
                @take-back="takeBack"
            />
        </template>
    </main>
</template>

<style scoped>
.parts {
    flex: 1;
    min-height: 0;
    display: grid;
    grid-template-columns: 330px minmax(0, 1fr);
}
.parts > :only-child {
    grid-column: 1 / -1;
}
@media (min-width: 901px) {
    .parts {
        height: calc(100vh - 53px);
        flex: none;
    }
}
@media (max-width: 900px) {
    .parts {
        grid-template-columns: minmax(0, 1fr);
        grid-template-rows: 300px auto;
    }
}
</style>
