<script setup lang="ts">
import { message } from 'ant-design-vue';
import { computed, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import PartCard from '../features/parts/PartCard.vue';
import PartList from '../features/parts/PartList.vue';
import { usePart, useParts, useRestorePart, useSavePart, type PartKey, type PartKind } from '../features/parts/queries';
import { codeOf, type asksOf } from '../features/parts/written';
import ProgrammeNav from '../features/programme/ProgrammeNav.vue';
import { useProgramme } from '../features/programme/queries';
import PageGate from '../ui/PageGate.vue';

const route = useRoute();
const router = useRouter();
const id = computed(() => Number(route.params.programme));
const programme = useProgramme(id);
const parts = useParts(id);
const kind = computed(() => (route.params.kind as PartKind | '' | undefined) || 'fan');
const code = computed(() => (route.params.code as string) || (parts.data.value?.find((part) => part.kind === kind.value)?.code ?? ''));
const shown = computed<PartKey | null>(() => (code.value === '' ? null : { kind: kind.value, code: code.value }));
const part = usePart(id, shown);
const saving = useSavePart(id);
const restoring = useRestorePart(id);
const mayChange = computed(() => programme.data.value?.role !== 'reader');

async function go(key: PartKey): Promise<void> {
    await router.replace({ name: 'parts', params: { programme: id.value, ...key } });
}

watch(code, () => saving.forget());

async function save(asks: ReturnType<typeof asksOf>, asNew: boolean): Promise<void> {
    const taken = (parts.data.value ?? []).map((one) => one.code);
    const key = { kind: kind.value, code: asNew ? codeOf(asks.name, taken) : code.value };
    if (!(await saving.run({ key, asks }))) return;
    void message.success(asNew ? 'Saved as your own part' : 'Figures saved');
    if (asNew) await go(key);
}

async function restore(): Promise<void> {
    const own = part.data.value?.standing === 'own';
    await restoring.run({ kind: kind.value, code: code.value });
    if (restoring.refused.value) void message.error(restoring.refused.value.message);
    else {
        void message.success(own ? 'Part deleted' : 'Shipped figures restored');
        if (own) await go({ kind: kind.value, code: '' });
    }
}
</script>

<template>
    <main class="parts">
        <PageGate :asked="[parts, programme]">
            <Teleport to="#where">
                <ProgrammeNav :programme="programme.data.value!" />
            </Teleport>
            <PartList
                :parts="parts.data.value!"
                :kind="kind"
                :code="code"
                :currency="programme.data.value!.currency"
                @kind="(next) => void go({ kind: next, code: '' })"
            />
            <PartCard
                v-if="part.data.value"
                :key="`${kind} ${code}`"
                :part="part.data.value"
                :may-change="mayChange"
                :busy="saving.busy.value"
                :errors="saving.errors.value"
                :offers="saving.offers.value"
                :message="saving.message.value"
                :currency="programme.data.value!.currency"
                @save="save"
                @restore="restore"
            />
        </PageGate>
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
