<script setup lang="ts">
import type { Choices } from '../../api/client';
import { useVersions } from '../../api/queries';
import { useMeasure } from '../../composables/useMeasure';

const props = defineProps<{ build: number | null; choices: Choices; against: number | null }>();
const emit = defineEmits<{ take: [choices: Choices]; pin: [choices: Choices]; holdAgainst: [version: number | null] }>();
const { show } = useMeasure();
const versions = useVersions(() => props.build);

const SAYS = { meets: 'reaches its goal', warns: 'reaches its goal, with a warning', short: 'falls short' };
const when = (iso: string): string => new Date(iso).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });
const isOnBench = (choices: Choices): boolean => JSON.stringify(choices) === JSON.stringify(props.choices);
</script>

<template>
    <div class="versions">
        <p v-if="build === null" class="teach">
            No version yet. Your changes are kept as a draft. Saving makes a version that never changes, with the figures it was calculated
            with.
        </p>
        <ol v-else>
            <li v-for="version in versions.data.value ?? []" :key="version.id" :class="version.standing" :data-version="version.number">
                <b>Version {{ version.number }}</b>
                <span
                    >{{ when(version.savedAt) }}<template v-if="version.savedBy">, by {{ version.savedBy }}</template></span
                >
                <span class="figures">
                    <b class="figure">{{ show(version.cleanAir) }}</b> of <span class="figure">{{ show(version.asks) }}</span> ·
                    {{ version.units }} {{ version.units === 1 ? 'unit' : 'units' }} · {{ SAYS[version.standing] }}
                </span>
                <span class="do">
                    <span v-if="isOnBench(version.choices)" class="here">on the bench</span>
                    <button v-else type="button" @click="emit('take', version.choices)">Restore</button>
                    <button
                        type="button"
                        :aria-pressed="version.id === against"
                        title="The ledger shows the differences from it"
                        @click="emit('holdAgainst', version.id === against ? null : version.id)"
                    >
                        Pin to the ledger
                    </button>
                    <button type="button" @click="emit('pin', version.choices)">Compare</button>
                </span>
            </li>
        </ol>
    </div>
</template>

<style scoped>
.versions {
    padding: 64px 28px 20px;
    overflow-y: auto;
}
.teach {
    max-width: 520px;
    margin: 40px auto;
    padding: 18px 22px;
    background: var(--sheet);
    border: 1px solid var(--line);
    border-top: 6px solid var(--tape);
    box-shadow: var(--shadow);
}
ol {
    margin: 0 auto;
    padding: 0;
    max-width: 700px;
    list-style: none;
    display: grid;
    gap: 10px;
}
li {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 2px 16px;
    padding: 10px 14px;
    background: var(--sheet);
    border: 1px solid var(--line);
    border-left: 5px solid var(--clean);
    box-shadow: var(--shadow);
}
li.short {
    border-left-color: var(--short);
}
li > span {
    color: var(--pencil);
    font-size: 14px;
}
.figures {
    color: var(--ink);
}
.do {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
    justify-content: flex-end;
}
.here {
    font-weight: 700;
    color: var(--clean);
}
button {
    padding: 5px 12px;
    font: inherit;
    font-size: 14px;
    color: var(--ink);
    background: none;
    border: 1px solid var(--pencil);
    cursor: pointer;
}
[aria-pressed='true'] {
    font-weight: 700;
    color: #2b251f;
    background: var(--tape);
    border-color: var(--tape-edge);
}
@media (max-width: 700px) {
    .versions {
        padding: 12px;
    }
    li {
        grid-template-columns: 1fr;
    }
    .do {
        justify-content: flex-start;
    }
}
</style>
