<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import FoldAway from '../../ui/FoldAway.vue';
import { useWorking } from '../work/queries';
import { useLedger, useWork } from '../work/useWork';
import { useMeasure } from '../../session/useMeasure';
import LedgerFigures from './LedgerFigures.vue';
import LedgerVerdict from './LedgerVerdict.vue';
import RuleList from './RuleList.vue';
import SpeedSwitch from './SpeedSwitch.vue';
import VerdictMark from './VerdictMark.vue';

const { bench, against, currency, draft } = useWork();
const ledger = useLedger();
const { show } = useMeasure();
/** The row that is asked about. */
const open = ref('');
const working = useWorking(
    bench.question,
    computed(() => open.value !== ''),
);
const unit = computed(() => ledger.value.unit);
const speed = computed(() => unit.value?.speeds[unit.value.chosen]);
</script>

<template>
    <section class="ledger" :class="{ stale: !bench.current.value }" aria-label="Ledger: goal against result" aria-live="polite">
        <header>
            <span class="goal">Goal</span>
            <b>{{ ledger.goal }}</b>
            <span class="figure asks">{{ show(ledger.goal_asks) }}</span>
        </header>
        <template v-if="unit && speed">
            <LedgerVerdict :unit="unit" :speed="speed" />
            <SpeedSwitch :unit="unit" @speed="(name) => (draft.choices.speed = name)" />
        </template>
        <VerdictMark v-else-if="ledger.standing" :standing="ledger.standing.is_enough ? 'meets' : 'short'" data-test="standing">
            {{ ledger.standing.verdict }}
            <template #small>
                {{ ledger.standing.purifiers === 1 ? 'One purifier is' : `${ledger.standing.purifiers} purifiers are` }} in the room:
                {{ show(ledger.standing.gets) }}, a chance of <b class="figure">{{ show(ledger.standing.chance_text) }}</b>
            </template>
        </VerdictMark>
        <p v-if="against.number.value" class="against">
            Compared with version {{ against.number.value }} (struck through).
            <Button type="link" size="small" @click="against.pinned.value = null">Unpin</Button>
        </p>
        <LedgerFigures
            :ledger="ledger"
            :before="against.ledger.value"
            :currency="currency"
            :open="open"
            :why="working.data.value?.why ?? null"
            @ask="(row) => (open = row)"
        />
        <p v-if="unit" class="sure">
            From <b>{{ unit.provenance }}</b> figures. {{ unit.cost.span }}: power for {{ currency }} {{ unit.cost.energy }}.<template
                v-if="unit.cost.filters_last"
            >
                A set of filters lasts about {{ unit.cost.filters_last }}.</template
            >
        </p>
        <p v-if="unit" class="sure">
            {{ show(unit.form.size) }}, {{ show(unit.form.mass) }}, stands {{ unit.form.stands
            }}<template v-if="unit.form.tipping">, tips at {{ show(unit.form.tipping) }}</template
            >. About {{ unit.form.minutes }} min of work: {{ unit.form.skills.join(', ') }}.
        </p>
        <p v-else-if="ledger.standing" class="sure">No build yet.{{ ledger.standing.is_enough ? '' : ' Find lists what to add.' }}</p>
        <p v-else class="sure">No build yet. Choose a goal, then a fan, a filter and a shape.</p>
        <RuleList :targets="ledger.targets" :open="!unit" />
        <FoldAway v-if="ledger.cautions.length" class="cautions" :title="`${ledger.cautions.length} cautions apply`">
            <p v-for="caution in ledger.cautions" :key="caution.id">
                <b>{{ caution.title }}.</b> {{ caution.text }}
            </p>
            <p>Local codes, the makers’ instructions and licensed trades come first.</p>
        </FoldAway>
    </section>
</template>

<style scoped>
.against {
    padding: 4px 10px;
    font-size: 14px;
    color: #2b251f;
    background: var(--tape);
    border: 1px solid var(--tape-edge);
}
.against :deep(.ant-btn) {
    padding: 0;
    color: inherit;
    font-weight: 700;
}
.ledger {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    align-content: start;
    gap: 8px;
    padding: 14px 16px 16px;
    background: var(--sheet);
    border-left: 1px solid var(--line);
    overflow-y: auto;
    min-height: 0;
}
.stale > :not(header) {
    opacity: 0.62;
}
header {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0 8px;
    align-items: baseline;
}
.goal {
    grid-column: 1 / -1;
    color: var(--pencil);
    font-size: 13px;
}
.asks {
    font-size: 14px;
    font-weight: 600;
}
.cautions {
    font-size: 14px;
    border-top: 1px solid var(--line);
}
.cautions p {
    padding-top: 6px;
}
.sure {
    font-size: 13px;
    color: var(--pencil);
}
</style>
