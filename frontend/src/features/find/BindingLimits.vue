<script setup lang="ts">
import { Button } from 'ant-design-vue';
import type { Choices, Drawing, Find, Found } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';
import FoundCard from './FoundCard.vue';

/** What each limit rules out, and what comes nearest to it: as lines beside builds that were found, else as cards. */
defineProps<{ binding: Find['binding']; isFound: boolean; currency: string; looks: (build: Found) => Drawing | null }>();
const emit = defineEmits<{ take: [choices: Choices] }>();
const { show } = useMeasure();
</script>

<template>
    <section class="binding">
        <h2 v-if="isFound">What your limits rule out</h2>
        <div v-for="one in binding" :key="one.limit">
            <h3>{{ show(one.text) }}</h3>
            <ul v-if="isFound">
                <li v-for="wish in one.wishes" :key="wish.build.code + show(wish.text)">
                    {{ show(wish.text) }}
                    <Button type="link" size="small" @click="emit('take', wish.build.choices)">
                        Show<span class="visually-hidden"> on the bench: {{ wish.build.title }}</span>
                    </Button>
                </li>
            </ul>
            <div v-else class="cards">
                <FoundCard
                    v-for="wish in one.wishes"
                    :key="wish.build.code"
                    :build="wish.build"
                    :names="[]"
                    :drawing="looks(wish.build)"
                    :currency="currency"
                    :lit="false"
                    @take="emit('take', wish.build.choices)"
                />
            </div>
        </div>
    </section>
</template>

<style scoped src="./cards.css"></style>

<style scoped>
.binding {
    margin-top: 14px;
}
h2 {
    margin: 0 0 6px;
    font-size: 17px;
}
h3 {
    margin: 6px 0 4px;
    font-size: 15px;
}
ul {
    margin: 0 0 8px;
    padding-left: 20px;
}
</style>
