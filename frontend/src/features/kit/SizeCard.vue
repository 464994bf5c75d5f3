<script setup lang="ts">
import { CheckCircleFilled } from '@ant-design/icons-vue';
import { Button } from 'ant-design-vue';
import { reactive, ref } from 'vue';
import { useMeasure } from '../../session/useMeasure';
import EntryField from '../../ui/EntryField.vue';
import { useMeasureSize } from './queries';
import type { Figure, Size } from './sizes';

/** One thing to measure: where the tape goes, what it read, and what a wrong guess would do. */
const props = defineProps<{ version: number; name: string; figure: Figure; sizes: Size[]; mayChange: boolean }>();
const { show } = useMeasure();
const measuring = useMeasureSize(() => props.version);
const entries = reactive<Record<string, string>>({});
const at = ref('');
const letter = (index: number): string => String.fromCharCode(97 + index);

async function measured(size: Size): Promise<void> {
    at.value = size.path;
    const { kind, code, path } = size;
    if (await measuring.run({ kind, code, path, entry: entries[path] ?? '' })) entries[path] = '';
}
const fault = (path: string): string | undefined =>
    at.value === path ? (Object.values(measuring.errors.value)[0]?.[0] ?? (measuring.message.value || undefined)) : undefined;
</script>

<template>
    <section class="card" :aria-label="name">
        <figure>
            <svg viewBox="-8 0 250 190" role="img" :aria-label="figure.title">
                <path v-for="d in figure.thin" :key="d" class="thin" :d="d" />
                <path v-for="d in figure.outline" :key="d" class="outline" :d="d" />
                <g v-for="(size, index) in sizes" :key="size.path" :class="['tape', { done: size.measured }]">
                    <path :d="figure.tapes[size.path]?.d" />
                    <circle :cx="figure.tapes[size.path]?.x" :cy="figure.tapes[size.path]?.y" r="8" />
                    <text :x="figure.tapes[size.path]?.x" :y="figure.tapes[size.path]?.y" dy="0.35em">{{ letter(index) }}</text>
                </g>
            </svg>
            <figcaption>
                <b>{{ name }}</b><br />{{ figure.title }}
            </figcaption>
        </figure>
        <ul>
            <li v-for="(size, index) in sizes" :key="size.path" :class="{ done: size.measured }">
                <span class="letter figure">{{ letter(index) }}</span>
                <div class="told">
                    <b>{{ size.name }}</b>
                    <span v-if="size.measured" class="seen"
                        ><CheckCircleFilled aria-hidden="true" /> {{ show(size.value) }} measured<template v-if="size.by"
                            >, {{ size.by }}, {{ size.at }}</template
                        ></span
                    >
                    <span v-else class="guess">{{ show(size.value) }} is a guess</span>
                    <small v-for="effect in size.effects" :key="effect.imperial">{{ show(effect) }}</small>
                    <small v-if="!size.measured && !size.effects.length">Nothing that is cut depends on it.</small>
                </div>
                <form v-if="mayChange" @submit.prevent="measured(size)">
                    <EntryField
                        :model-value="entries[size.path] ?? ''"
                        :label="size.measured ? 'Measure again' : 'Your tape says'"
                        :hint="show(size.value)"
                        :fault="fault(size.path)"
                        :maxlength="40"
                        @update:model-value="(text) => (entries[size.path] = text)"
                    />
                    <Button html-type="submit" :disabled="!entries[size.path]" :loading="measuring.busy.value && at === size.path"
                        >Confirm</Button
                    >
                </form>
            </li>
        </ul>
    </section>
</template>

<style scoped>
.card {
    display: grid;
    grid-template-columns: 250px minmax(0, 1fr);
    gap: 0 18px;
    padding: 12px 14px;
    background: var(--sheet);
    border: 1px solid var(--line);
    box-shadow: var(--shadow);
}
figure {
    margin: 0;
}
figcaption {
    font-size: 13.5px;
    color: var(--pencil);
}
figcaption b {
    color: var(--ink);
}
.outline {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.6;
}
.thin {
    fill: none;
    stroke: var(--pleat-edge);
    stroke-width: 1;
}
.tape path {
    stroke: var(--tape-edge);
    stroke-width: 5;
    stroke-linecap: square;
}
.tape circle {
    fill: var(--tape);
    stroke: var(--tape-edge);
}
.tape text {
    font: 700 11px var(--figures);
    text-anchor: middle;
    fill: #2b251f;
}
.tape.done path {
    stroke: var(--clean);
}
.tape.done circle {
    fill: var(--clean-soft);
    stroke: var(--clean);
}
ul {
    margin: 0;
    padding: 0;
    list-style: none;
}
li {
    display: grid;
    grid-template-columns: 24px minmax(0, 1fr) 250px;
    gap: 4px 10px;
    align-items: start;
    padding: 7px 0;
    border-bottom: 1px solid var(--line);
}
li:last-child {
    border: 0;
}
.letter {
    display: grid;
    place-items: center;
    width: 22px;
    height: 22px;
    border-radius: 50%;
    font-weight: 700;
    font-size: 12px;
    color: #2b251f;
    background: var(--tape);
}
.done .letter {
    color: var(--clean);
    background: var(--clean-soft);
}
.told > span,
small {
    display: block;
}
.told b::first-letter {
    text-transform: uppercase;
}
small,
.guess {
    color: var(--pencil);
    font-size: 13.5px;
    line-height: 1.3;
}
.seen {
    color: var(--clean);
    font-weight: 700;
    font-size: 14px;
}
form {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 8px;
    align-items: end;
}
@media (max-width: 900px) {
    .card,
    li {
        grid-template-columns: minmax(0, 1fr);
    }
    li {
        grid-template-columns: 24px minmax(0, 1fr);
    }
    form {
        grid-column: 1 / -1;
    }
}
</style>
