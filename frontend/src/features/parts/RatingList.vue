<script setup lang="ts">
import { computed } from 'vue';
import type { PartSheet } from '../../api/client';

const props = defineProps<{ ratings: PartSheet['ratings'] }>();

/** Every claim once, though several scales make it. */
const claims = computed(() => [...new Map(props.ratings.flatMap((rating) => rating.claims).map((claim) => [claim.name, claim])).values()]);
</script>

<template>
    <section aria-labelledby="ratings">
        <h2 id="ratings">Other ratings printed on packs of this grade</h2>
        <p class="about">Approximate: one step covers better and worse filters.</p>
        <div class="both">
            <ul>
                <li v-for="rating in ratings" :key="rating.scale + rating.step" :title="rating.source">
                    <span>{{ rating.scale }}</span> <b class="figure">{{ rating.step }}</b> <i>{{ rating.about }}</i>
                </li>
            </ul>
            <dl>
                <template v-for="claim in claims" :key="claim.name">
                    <dt :class="{ doubtful: claim.verdict !== 'kept' }">
                        Claim: {{ claim.name }} <b>{{ claim.verdict }}</b>
                    </dt>
                    <dd>{{ claim.says }}</dd>
                </template>
            </dl>
        </div>
    </section>
</template>

<style scoped>
h2 {
    font-size: 17px;
}
.about,
i,
dd {
    color: var(--pencil);
    font-size: 13.5px;
}
.both {
    display: grid;
    gap: 12px;
    padding-top: 6px;
}
ul,
dl {
    margin: 0;
    padding: 0;
    list-style: none;
    font-size: 14px;
}
li {
    display: grid;
    grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr) minmax(0, 0.8fr);
    gap: 8px;
    padding: 3px 0;
    border-bottom: 1px solid var(--line);
    align-items: baseline;
}
dl {
    display: grid;
    grid-template-columns: max-content 1fr;
    gap: 2px 14px;
}
dt b {
    font-size: 12.5px;
    color: var(--clean);
}
.doubtful b {
    color: var(--bypass);
}
dd {
    margin: 0;
}
</style>
