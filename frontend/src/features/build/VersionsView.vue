<script setup lang="ts">
import { Button, Empty, Skeleton } from 'ant-design-vue';
import type { Choices } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import { useWork } from '../work/useWork';
import { useVersions } from './queries';

/** All versions of the build on the bench: restored, compared, or what the ledger shows differences to. */
const emit = defineEmits<{ compare: [choices: Choices] }>();
const { draft, build, against } = useWork();
const { pinned } = against;
const { show } = useMeasure();
const versions = useVersions(() => build.value?.id ?? null);

const SAYS = { meets: 'reaches its goal', warns: 'reaches its goal, with a warning', short: 'falls short' };
const when = (iso: string): string => new Date(iso).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });
const isOnBench = (choices: Choices): boolean => JSON.stringify(choices) === JSON.stringify(draft.choices);
</script>

<template>
    <div class="versions">
        <Empty v-if="build === null" class="teach" description="No version yet">
            Your changes are kept as a draft. Saving makes a version that never changes, with the figures it was calculated with.
        </Empty>
        <Skeleton v-else-if="!versions.data.value" active />
        <ol v-else>
            <li v-for="version in versions.data.value" :key="version.id" :class="version.standing" :data-version="version.number">
                <b>Version {{ version.number }}</b>
                <span
                    >{{ when(version.saved_at) }}<template v-if="version.saved_by">, by {{ version.saved_by }}</template></span
                >
                <span class="figures">
                    <b class="figure">{{ show(version.clean_air) }}</b> of <span class="figure">{{ show(version.asks) }}</span> ·
                    {{ version.units }} {{ version.units === 1 ? 'unit' : 'units' }} · {{ SAYS[version.standing] }}
                </span>
                <span class="do">
                    <span v-if="isOnBench(version.choices)" class="here">on the bench</span>
                    <Button v-else size="small" @click="draft.choices = { ...version.choices }">Restore</Button>
                    <Button
                        size="small"
                        :aria-pressed="version.id === pinned"
                        title="The ledger shows the differences from it"
                        @click="pinned = version.id === pinned ? null : version.id"
                    >
                        Pin to the ledger
                    </Button>
                    <Button size="small" @click="emit('compare', version.choices)">Compare</Button>
                </span>
            </li>
        </ol>
    </div>
</template>

<style scoped>
.versions {
    padding: 14px 28px 20px;
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
