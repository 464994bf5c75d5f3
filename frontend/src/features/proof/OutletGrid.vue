<script setup lang="ts">
import { Input } from 'ant-design-vue';
import { computed } from 'vue';
import type { TraverseResult } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';

/** The outlet to scale with its grid; each reading is written where the meter is held, and colours its place. */
const props = defineProps<{
    result: TraverseResult;
    written: Record<string, string>;
    faults: Record<string, string>;
    disabled: boolean;
}>();
const emit = defineEmits<{ write: [place: string, text: string]; tell: [place: string, text: string] }>();
const { show } = useMeasure();

interface Cell {
    place: string;
    left: number;
    bottom: number;
    share: number | null;
    name: string;
}
const cells = computed<Cell[]>(() =>
    props.result.rows.flatMap((row, r) =>
        row.map((share, c) => {
            const along = props.result.along[c]!;
            const up = props.result.up[r]!;
            if (!props.result.is_round)
                return {
                    place: `${r}-${c}`,
                    left: along.share,
                    bottom: up.share,
                    share,
                    name: `${show(along.at)} from the left, ${show(up.at)} from below`,
                };
            const angle = Math.PI * up.share;
            return {
                place: `${r}-${c}`,
                left: 0.5 + (along.share - 0.5) * Math.cos(angle),
                bottom: 0.5 + (along.share - 0.5) * Math.sin(angle),
                share,
                name: `${show(along.at)} along diameter ${r + 1}`,
            };
        }),
    ),
);
/** How strongly a place is coloured: by its speed over the mean. */
const strength = (share: number | null): number => (share === null ? 0 : Math.min(0.85, Math.abs(share) * 0.42));
const text = (event: Event): string => (event.target as HTMLInputElement).value;
</script>

<template>
    <div class="frame">
        <span class="side across figure">{{ show(result.width) }}</span>
        <span v-if="!result.is_round" class="side up figure">{{ show(result.height) }}</span>
        <div class="outlet" :class="{ round: result.is_round }">
            <span
                v-for="cell in cells"
                :key="cell.place"
                class="cell"
                :class="{ back: (cell.share ?? 0) < 0 }"
                :style="{ left: `${100 * cell.left}%`, bottom: `${100 * cell.bottom}%`, '--strength': strength(cell.share) }"
            >
                <Input
                    :value="written[cell.place] ?? ''"
                    size="small"
                    :aria-label="cell.name"
                    :title="faults[cell.place] || cell.name"
                    :status="faults[cell.place] ? 'error' : ''"
                    :disabled="disabled"
                    :maxlength="20"
                    inputmode="text"
                    :data-place="cell.place"
                    @input="(event: Event) => emit('write', cell.place, text(event))"
                    @change="(event: Event) => emit('tell', cell.place, text(event))"
                    @press-enter="(event: Event) => emit('tell', cell.place, text(event))"
                    @blur="(event: Event) => emit('tell', cell.place, text(event))"
                />
            </span>
        </div>
        <ul v-if="!result.is_round" class="marks" aria-label="Where to hold the meter">
            <li v-for="one in result.along" :key="one.share" :style="{ left: `${100 * one.share}%` }">{{ show(one.at) }}</li>
        </ul>
    </div>
</template>

<style scoped>
.frame {
    position: relative;
    width: min(100%, 470px);
    padding: 0 0 30px 0;
    margin: 22px auto 0;
}
.outlet {
    position: relative;
    aspect-ratio: 1;
    background: var(--mat);
    border: 3px solid var(--housing-edge);
}
.outlet.round {
    border-radius: 50%;
}
.cell {
    position: absolute;
    width: 17%;
    translate: -50% 50%;
    padding: 7px 3px;
    background: color-mix(in srgb, var(--clean) calc(var(--strength) * 100%), transparent);
}
.round .cell {
    width: 15%;
}
.cell.back {
    background: color-mix(in srgb, var(--bypass) calc(25% + var(--strength) * 100%), transparent);
}
.cell :deep(input) {
    padding: 1px 2px;
    text-align: center;
    font-family: var(--figures);
    font-size: 12px;
}
.side {
    position: absolute;
    font-size: 12px;
    color: var(--pencil);
}
.across {
    top: -20px;
    left: 50%;
    translate: -50% 0;
}
.up {
    right: -6px;
    top: 45%;
    translate: 100% 0;
    writing-mode: vertical-rl;
}
.marks {
    position: absolute;
    inset: auto 0 4px;
    height: 20px;
    margin: 0;
    padding: 0;
    list-style: none;
    font-size: 12px;
    color: var(--pencil);
}
.marks li {
    position: absolute;
    translate: -50% 0;
    white-space: nowrap;
}
@media (max-width: 600px) {
    .cell {
        width: 19.5%;
        padding: 6px 2px;
    }
    .cell :deep(input) {
        padding: 1px 0;
        font-size: 11px;
    }
}
</style>
