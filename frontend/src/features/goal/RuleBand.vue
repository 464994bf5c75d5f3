<script setup lang="ts">
import type { Target } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';

defineProps<{ target: Target; chosen: boolean; buildShare: number | null; buildName: string }>();
const emit = defineEmits<{ choose: [] }>();
const { show } = useMeasure();
const percent = (share: number): string => `${share * 100}%`;
</script>

<template>
    <button
        type="button"
        role="radio"
        class="rule"
        :aria-checked="chosen"
        :disabled="!target.asks"
        :data-target="target.id"
        @click="emit('choose')"
    >
        <span class="words">
            <b>{{ target.name }}</b>
            <small>{{ target.source }}</small>
        </span>
        <span class="track" :class="{ built: buildShare !== null }">
            <i v-if="buildShare !== null" class="build" :style="{ left: percent(buildShare) }"
                ><b>{{ buildName }}</b></i
            >
            <span v-if="target.asks" class="strip" :style="{ width: percent(target.share) }" />
            <span v-if="target.already" class="already" :style="{ width: percent(target.already_share) }" />
            <span class="asks figure" :style="{ left: percent(target.share) }"
                >{{ target.asks ? show(target.asks) : `enter ${target.needs}`
                }}<small v-if="target.already && target.remains">make {{ show(target.remains) }}</small></span
            >
        </span>
    </button>
</template>

<style scoped>
.rule {
    display: grid;
    grid-template-columns: 286px 1fr;
    padding-right: 118px !important;
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
.rule:hover:not(:disabled) {
    background: var(--paper);
}
.rule:disabled {
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
    top: 22px;
    height: 26px;
    border-left: 3px dashed var(--ink);
    z-index: 1;
}
.build b {
    position: absolute;
    left: -3px;
    bottom: 0;
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
.built {
    height: 46px;
}
.strip {
    position: absolute;
    inset: 0 auto auto 0;
    height: 22px;
    background: linear-gradient(180deg, color-mix(in oklab, var(--kraft), white 12%), var(--kraft));
    border-right: 3px solid var(--kraft-edge);
}
.already {
    position: absolute;
    inset: 0 auto auto 0;
    height: 22px;
    background: repeating-linear-gradient(135deg, var(--sheet) 0 4px, transparent 4px 8px);
    border-right: 2px solid var(--ink);
}
.asks {
    position: absolute;
    top: 2px;
    padding-left: 8px;
    font-size: 13px;
    z-index: 2;
    white-space: nowrap;
}
.asks:has(small) {
    top: -5px;
    display: grid;
    line-height: 16px;
}
.rule[aria-checked='true'] {
    background: var(--clean-soft);
    box-shadow: inset 6px 0 0 var(--clean);
}
.rule[aria-checked='true'] small {
    color: var(--ink);
}
.rule[aria-checked='true'] .strip {
    background: var(--clean);
    border-right-color: var(--ink);
}
.rule[aria-checked='true'] .words b::before {
    content: '● ';
    color: var(--clean);
}
@media (max-width: 900px) {
    .rule {
        grid-template-columns: 1fr;
        gap: 4px;
    }
}
</style>
