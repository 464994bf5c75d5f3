<script setup lang="ts">
import { computed, onMounted, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import DecayView from '../features/proof/DecayView.vue';
import MoreView from '../features/proof/MoreView.vue';
import ProofLedger from '../features/proof/ProofLedger.vue';
import { useMeasuring, useProof } from '../features/proof/queries';
import SoundView from '../features/proof/SoundView.vue';
import TissueView from '../features/proof/TissueView.vue';
import TraverseView from '../features/proof/TraverseView.vue';
import { withWaiting } from '../features/proof/waiting';
import { keepPage } from '../store/away';
import NoticeBar from '../ui/NoticeBar.vue';
import PageGate from '../ui/PageGate.vue';
import ViewTabs from '../ui/ViewTabs.vue';

/** A unit that is measured: find its leaks, read its air and its sound, and know what it really gives. */
const VIEWS = { leaks: 'Leaks', clearing: 'Clearing', air: 'Air speed', sound: 'Sound and power', more: 'More tests' };
type View = keyof typeof VIEWS;
const route = useRoute();
const router = useRouter();
const unit = Number(route.params.unit);
const asked = useProof(unit);
const measuring = useMeasuring(unit);
const proof = computed(() => withWaiting(asked.data.value!, measuring.telling.waiting.value));
onMounted(() => watch(asked.isSuccess, (isThere) => isThere && void keepPage(), { immediate: true }));
const view = computed<View>(() => (String(route.query.view) in VIEWS ? (String(route.query.view) as View) : 'leaks'));
</script>

<template>
    <main class="proof">
        <PageGate :asked="[asked]">
            <Teleport to="#where">
                <span class="where">
                    <RouterLink :to="{ name: 'room', params: { room: proof.room_id, stage: 'proof' } }">{{ proof.room }}</RouterLink>
                    · {{ proof.build }} · <RouterLink :to="{ name: 'unit', params: { unit } }">{{ proof.unit }}</RouterLink>
                </span>
            </Teleport>
            <h1 class="visually-hidden">Proof of {{ proof.unit }}</h1>
            <div class="tests">
                <ViewTabs :views="VIEWS" :view="view" label="Tests" @view="(next) => router.replace({ query: { view: next } })" />
                <NoticeBar v-if="measuring.telling.waiting.value.length" kind="warning">
                    <template v-if="measuring.telling.isOff.value"
                        >No network: {{ measuring.telling.waiting.value.length }} readings are kept here and sent once there is
                        one.</template
                    >
                    <template v-else
                        >Not sent yet: {{ measuring.telling.waiting.value.length }} readings are kept here and sent as soon as they can
                        be.</template
                    >
                </NoticeBar>
                <TissueView v-if="view === 'leaks'" :proof="proof" :measuring="measuring" />
                <DecayView v-else-if="view === 'clearing'" :proof="proof" :measuring="measuring" />
                <TraverseView v-else-if="view === 'air'" :proof="proof" :measuring="measuring" />
                <SoundView v-else-if="view === 'sound'" :proof="proof" :measuring="measuring" />
                <MoreView v-else :proof="proof" :measuring="measuring" />
            </div>
            <ProofLedger :proof="proof" :measuring="measuring" />
        </PageGate>
    </main>
</template>

<style scoped>
.proof {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 330px;
    gap: 14px 20px;
    width: 100%;
    max-width: 1280px;
    margin: 0 auto;
    padding: 10px 18px 26px;
    align-items: start;
}
.tests {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 10px;
    min-width: 0;
}
.tests :deep(.bar) {
    padding: 0;
}
.where :deep(a) {
    color: var(--pencil);
    text-decoration: underline;
}
@media (max-width: 900px) {
    .proof {
        grid-template-columns: minmax(0, 1fr);
        padding: 8px 12px 20px;
    }
}
</style>
