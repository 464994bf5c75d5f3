<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { useRoute } from 'vue-router';
import AtTheTable from '../features/guide/AtTheTable.vue';
import { useChangeUnit } from '../features/guide/queries';
import StepList from '../features/guide/StepList.vue';
import UnitCard from '../features/guide/UnitCard.vue';
import { useUnitWork } from '../features/guide/useUnitWork';
import PageGate from '../ui/PageGate.vue';

/** A unit at the table, with a network or without; once it is made, the beginning of its passport. */
const route = useRoute();
const work = useUnitWork(Number(route.params.unit));
const { unit, steps, step, chosen, done } = work;
const changing = useChangeUnit(() => unit.data.value!);
</script>

<template>
    <main class="unit">
        <PageGate :asked="[unit]">
            <Teleport to="#where">
                <span class="where">
                    <RouterLink :to="{ name: 'room', params: { room: unit.data.value!.room_id, stage: 'guide' } }">{{
                        unit.data.value!.room
                    }}</RouterLink>
                    · {{ unit.data.value!.build }} · <b>{{ unit.data.value!.title }}</b>
                </span>
            </Teleport>
            <AtTheTable :work="work" />
            <aside>
                <template v-if="unit.data.value!.may_build && steps.length">
                    <Button v-if="unit.data.value!.made_at" @click="changing.run({ made: false })">It is not finished after all</Button>
                    <Button
                        v-else-if="done === steps.length"
                        type="primary"
                        size="large"
                        block
                        :loading="changing.busy.value"
                        @click="changing.run({ made: true })"
                        >The unit is made</Button
                    >
                </template>
                <StepList :steps="steps" :present="step?.id ?? ''" label="All steps" @go="(next) => (chosen = next)" />
                <UnitCard :unit="unit.data.value!" />
            </aside>
        </PageGate>
    </main>
</template>

<style scoped>
.unit {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 330px;
    gap: 14px 22px;
    width: 100%;
    max-width: 1240px;
    margin: 0 auto;
    padding: 14px 20px 26px;
    align-items: start;
}
.where :deep(a) {
    color: var(--pencil);
    text-decoration: underline;
}
aside {
    display: grid;
    gap: 12px;
    min-width: 0;
}
@media (max-width: 900px) {
    .unit {
        grid-template-columns: minmax(0, 1fr);
        padding: 10px 12px 20px;
    }
}
</style>
