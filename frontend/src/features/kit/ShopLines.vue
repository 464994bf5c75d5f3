<script setup lang="ts">
import { CheckCircleFilled } from '@ant-design/icons-vue';
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import type { Shopping } from '../../api/client';

type Line = Shopping['lines'][number] & { waits: boolean };

/** What to buy, each line with a target for a thumb; what is in stock already stands below. */
const props = defineProps<{ lines: Line[]; currency: string; mayTick: boolean }>();
const emit = defineEmits<{ tick: [part: string, ticked: boolean] }>();
const toBuy = computed(() => props.lines.filter((line) => line.packs));
const there = computed(() => props.lines.filter((line) => !line.packs));
</script>

<template>
    <div class="lines">
        <ul aria-label="To buy">
            <li v-for="line in toBuy" :key="line.part" :class="{ ticked: line.ticked }">
                <Button
                    type="text"
                    class="line"
                    :disabled="!mayTick"
                    :aria-pressed="line.ticked"
                    :aria-label="`${line.packs} ${line.name}`"
                    @click="emit('tick', line.part, !line.ticked)"
                >
                    <span class="box"><CheckCircleFilled v-if="line.ticked" aria-hidden="true" /></span>
                    <span class="told">
                        <b>{{ line.name }}</b>
                        <span class="packs">{{ line.packs }}</span>
                        <small>
                            {{ line.needed }} needed<template v-if="line.from_stock">, {{ line.from_stock }} from stock</template
                            ><template v-if="line.left_over">, {{ line.left_over }} left over</template>. {{ line.note }}
                        </small>
                        <small v-if="line.ticked" class="by">{{
                            line.waits ? 'Ticked here, not sent yet' : line.by ? `Ticked by ${line.by}` : ''
                        }}</small>
                    </span>
                    <span class="figure">{{ currency }} {{ line.price }}</span>
                </Button>
            </li>
        </ul>
        <template v-if="there.length">
            <h2>In stock already</h2>
            <p class="there">
                <span v-for="line in there" :key="line.part">{{ line.needed }} × {{ line.name }}</span>
            </p>
        </template>
    </div>
</template>

<style scoped>
ul {
    margin: 0;
    padding: 0;
    list-style: none;
    background: var(--sheet);
    border: 1px solid var(--line);
}
li {
    border-bottom: 1px solid var(--line);
}
li:last-child {
    border: 0;
}
.line {
    display: grid;
    grid-template-columns: 34px minmax(0, 1fr) auto;
    gap: 10px;
    align-items: start;
    width: 100%;
    height: auto;
    min-height: 62px;
    padding: 9px 12px;
    text-align: left;
    white-space: normal;
    color: var(--ink) !important;
}
.box {
    display: grid;
    place-items: center;
    width: 28px;
    height: 28px;
    font-size: 26px;
    color: var(--clean);
    border: 2px solid var(--pencil);
    border-radius: 50%;
}
/* What is done recedes: it is not marked like a thing that is chosen. */
.ticked .line,
.ticked .line:hover {
    background: transparent !important;
    border-color: transparent !important;
    font-weight: inherit;
}
.ticked .box {
    border-color: transparent;
}
.told {
    display: grid;
    font-size: 16px;
    line-height: 1.3;
}
.ticked .told b,
.ticked .packs {
    text-decoration: line-through;
    color: var(--pencil);
}
.packs {
    font-weight: 700;
    color: var(--clean);
}
small {
    color: var(--pencil);
    font-size: 13.5px;
}
.by {
    color: var(--clean);
}
.figure {
    font-size: 14px;
    white-space: nowrap;
}
h2 {
    margin-top: 14px;
    font-size: 16px;
}
.there {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 18px;
    color: var(--pencil);
}
</style>
