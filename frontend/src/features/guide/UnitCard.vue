<script setup lang="ts">
import { Button, Input, Popconfirm, Switch } from 'ant-design-vue';
import { ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import type { MadeUnit } from '../../api/client';
import NoticeBar from '../../ui/NoticeBar.vue';
import { useDeleting } from '../programme/useDeleting';
import { useChangeUnit } from './queries';

/** The unit itself: its name, its label and who may read its page. */
const props = defineProps<{ unit: MadeUnit }>();
const router = useRouter();
const changing = useChangeUnit(() => props.unit);
const remove = useDeleting();
const name = ref(props.unit.name);
watch(
    () => props.unit.name,
    (next) => (name.value = next),
);
const day = (at: string): string => new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });

async function drop(): Promise<void> {
    if (await remove({ kind: 'unit', id: props.unit.id }, props.unit.title))
        await router.push({ name: 'room', params: { room: props.unit.room_id, stage: 'guide' } });
}
</script>

<template>
    <section class="card" aria-label="The unit">
        <h2>The unit</h2>
        <NoticeBar v-if="changing.message.value" kind="error">{{ changing.message.value }}</NoticeBar>
        <p>
            Begun {{ day(unit.started_at) }} by {{ unit.started_by || 'somebody who left'
            }}<template v-if="unit.made_at">, made {{ day(unit.made_at) }}, finished by {{ unit.made_by }}</template
            >.
        </p>
        <RouterLink class="prove" :to="{ name: 'proof', params: { unit: unit.id } }">Measure what it gives</RouterLink>
        <form v-if="unit.may_build" @submit.prevent="changing.run({ name })">
            <Input v-model:value="name" :maxlength="80" placeholder="A name, such as: by the window" aria-label="Name of the unit" />
            <Button html-type="submit" :disabled="name === unit.name" :loading="changing.busy.value">Save</Button>
        </form>
        <div class="label">
            <!-- eslint-disable-next-line vue/no-v-html -- drawn by the server -->
            <div class="code" v-html="unit.code" />
            <div>
                <a :href="`/api/v1/units/${unit.id}/label.pdf`" target="_blank" rel="noopener">Print the label</a>
                <p class="aside">Its code leads to {{ unit.address.replace(/^https?:\/\//, '') }}</p>
                <p v-if="!unit.is_reachable" class="aside warns">
                    A phone cannot come there: it is an address of this machine alone. Whoever runs Jornel can put it on your network.
                </p>
                <label v-if="unit.may_build" class="open">
                    <Switch
                        size="small"
                        :checked="unit.is_open"
                        :loading="changing.busy.value"
                        @change="(isOpen) => changing.run({ is_open: Boolean(isOpen) })"
                    />
                    {{
                        unit.is_open
                            ? 'Everybody with the code can read what it is and when its filters are due'
                            : 'Only your programme can read that page'
                    }}
                </label>
            </div>
        </div>
        <Popconfirm v-if="unit.may_build" title="Delete this unit with what was told of it?" ok-text="Delete" @confirm="drop">
            <Button danger type="text">Delete the unit</Button>
        </Popconfirm>
    </section>
</template>

<style scoped>
.card {
    display: grid;
    gap: 8px;
    justify-items: start;
    padding: 14px 16px;
    background: var(--sheet);
    border: 1px solid var(--line);
}
h2 {
    font-size: 17px;
}
form {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 6px;
    width: 100%;
}
.label {
    display: grid;
    grid-template-columns: 104px minmax(0, 1fr);
    gap: 14px;
    align-items: start;
}
.code {
    padding: 6px;
    background: #fff;
}
.code :deep(svg) {
    display: block;
    width: 100%;
    height: auto;
}
a {
    color: var(--clean);
    text-decoration: underline;
}
.warns {
    color: var(--short);
}
.aside:not(.warns) {
    color: var(--pencil);
}
.aside {
    font-size: 13px;
    overflow-wrap: anywhere;
}
.open {
    display: flex;
    gap: 8px;
    align-items: baseline;
    margin-top: 6px;
    font-size: 14px;
}
</style>
