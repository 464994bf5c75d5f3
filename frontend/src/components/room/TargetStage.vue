<script setup lang="ts">
import { Input } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import type { Ledger } from '../../api/client';
import { useMeasure } from '../../composables/useMeasure';
import FieldFault from './FieldFault.vue';

const props = defineProps<{ ledger: Ledger; goal: string; errors: Record<string, string[]> }>();
const emit = defineEmits<{ goal: [id: string] }>();
const { measure, show } = useMeasure();
const marks = computed(() => (measure.value === 'imperial' ? props.ledger.scaleImperial : props.ledger.scaleMetric));
const own = ref('');

watch(own, (number) => {
    if (/^\d+([.,]\d+)?$/.test(number.trim())) emit('goal', `air-changes-${number.trim().replace(',', '.')}`);
});
const percent = (share: number): string => `${share * 100}%`;
</script>

<template>
    <section class="stage mat" aria-label="Target">
        <header>
            <h2>How much clean air should this room have?</h2>
            <p>
                Practitioners differ. For <b>{{ show(ledger.volume) }}</b> of room on <b>{{ show(ledger.floorArea) }}</b> of floor, each
                school asks for this much; pick the one you answer to.
            </p>
        </header>
        <div class="board">
            <div class="tape" aria-hidden="true">
                <span class="scale">
                    <i v-for="mark in marks" :key="mark.text" :style="{ left: percent(mark.share) }"
                        ><b class="figure">{{ mark.text }}</b></i
                    >
                </span>
            </div>
            <div role="radiogroup" aria-label="Target" class="schools">
                <button
                    v-for="target in ledger.targets"
                    :key="target.id"
                    type="button"
                    role="radio"
                    class="school"
                    :aria-checked="target.id === goal"
                    :disabled="!target.asks"
                    :data-target="target.id"
                    @click="emit('goal', target.id)"
                >
                    <span class="words">
                        <b>{{ target.name }}</b>
                        <small>{{ target.source }}</small>
                    </span>
                    <span class="track">
                        <i v-if="ledger.buildShare !== null && target.isGoal" class="build" :style="{ left: percent(ledger.buildShare) }"
                            ><b>this build</b></i
                        >
                        <span v-if="target.asks" class="strip" :style="{ width: percent(target.share) }" />
                        <span class="asks figure" :style="{ left: percent(target.share) }">{{
                            target.asks ? show(target.asks) : 'say how many people'
                        }}</span>
                    </span>
                </button>
            </div>
            <p class="own">
                <label for="own-number">Or your own number of air changes an hour:</label>
                <Input id="own-number" v-model:value="own" placeholder="7.5" />
            </p>
            <FieldFault :said="errors.goal?.[0]" />
        </div>
    </section>
</template>

<style scoped>
.stage {
    padding: 18px 22px 22px;
    overflow-y: auto;
    display: grid;
    gap: 12px;
    align-content: start;
}
header {
    display: grid;
    gap: 4px;
}
h2 {
    font-size: 22px;
}
.board {
    background: var(--sheet);
    border: 1px solid var(--line);
    box-shadow: var(--shadow);
    padding-bottom: 10px;
}
.tape {
    background: var(--tape);
    border-bottom: 1px solid var(--tape-edge);
    height: 34px;
    padding-left: 300px;
    padding-right: 104px;
    overflow: visible;
}
.scale {
    display: block;
    position: relative;
    height: 100%;
    background: repeating-linear-gradient(90deg, var(--tape-edge) 0 1px, transparent 1px 2%) bottom / 100% 6px no-repeat;
}
.scale i {
    position: absolute;
    bottom: 0;
    height: 13px;
    border-left: 2px solid #2b251f;
}
.scale b {
    position: absolute;
    bottom: 12px;
    left: 0;
    transform: translateX(-50%);
    font-size: 11px;
    font-style: normal;
    color: #2b251f;
    white-space: nowrap;
}
.scale i:first-child b {
    transform: translateX(-6px);
}
.school {
    display: grid;
    grid-template-columns: 286px 1fr;
    padding-right: 104px !important;
    align-items: center;
    width: 100%;
    padding: 4px 14px;
    font: inherit;
    text-align: left;
    color: var(--ink);
    background: none;
    border: 0;
    border-bottom: 1px solid var(--line);
    cursor: pointer;
    min-height: 40px;
    position: relative;
}
.school:hover:not(:disabled) {
    background: var(--paper);
}
.school:disabled {
    cursor: default;
    color: var(--pencil);
}
.words {
    display: grid;
    line-height: 1.2;
    padding-right: 12px;
    font-size: 15px;
}
small {
    color: var(--pencil);
    font-size: 12px;
    line-height: 1.2;
}
.build {
    position: absolute;
    top: -5px;
    height: 32px;
    border-left: 3px dashed var(--ink);
    z-index: 1;
}
.build b {
    position: absolute;
    left: -3px;
    top: 5px;
    padding: 0 7px;
    line-height: 22px;
    background: var(--tape);
    color: #2b251f;
    font-size: 13px;
    font-style: normal;
    white-space: nowrap;
}
.track {
    position: relative;
    display: block;
    height: 22px;
}
.strip {
    position: absolute;
    inset: 0 auto 0 0;
    background: linear-gradient(180deg, color-mix(in oklab, var(--kraft), white 12%), var(--kraft));
    border-right: 3px solid var(--kraft-edge);
}
.asks {
    position: absolute;
    top: 2px;
    padding-left: 8px;
    font-size: 13px;
    z-index: 2;
    white-space: nowrap;
}
.school[aria-checked='true'] {
    background: var(--clean-soft);
    box-shadow: inset 6px 0 0 var(--clean);
}
.school[aria-checked='true'] small {
    color: var(--ink);
}
.school[aria-checked='true'] .strip {
    background: var(--clean);
    border-right-color: var(--ink);
}
.school[aria-checked='true'] .words b::before {
    content: '● ';
    color: var(--clean);
}
.own {
    display: flex;
    align-items: center;
    gap: 10px;
    padding: 10px 14px 4px;
}
.own :deep(input) {
    width: 92px;
}
@media (max-width: 900px) {
    .tape {
        display: none;
    }
    .school {
        grid-template-columns: 1fr;
        gap: 4px;
    }
}
</style>
