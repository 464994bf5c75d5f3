<script setup lang="ts">
import { Button, message } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { People } from '../../api/client';
import ChoiceSelect from '../../ui/ChoiceSelect.vue';
import NoticeBar from '../../ui/NoticeBar.vue';
import { useInvite, useWithdraw, type Role } from './people';

/** A link for somebody new, and the links that can still be used. */
const props = defineProps<{ programme: number; people: People }>();
const programme = computed(() => props.programme);
const inviting = useInvite(programme);
const withdrawing = useWithdraw(programme);
const role = ref<Role>('builder');
const link = ref('');

const roles = computed(() => props.people.roles.map(({ role: value, name: label }) => ({ value, label })));
const nameOf = (wanted: Role): string => props.people.roles.find((one) => one.role === wanted)?.name ?? '';
const day = (iso: string): string => new Date(iso).toLocaleDateString('en', { day: 'numeric', month: 'long' });

async function invite(): Promise<void> {
    const made = await inviting.run(role.value);
    if (made) link.value = new URL(made.path, window.location.origin).href;
}

async function copy(): Promise<void> {
    try {
        await navigator.clipboard.writeText(link.value);
        void message.success('Link copied');
    } catch {
        void message.info('Select the link and copy it.');
    }
}
</script>

<template>
    <section class="card">
        <h2>Invite somebody</h2>
        <p>A link brings one person in, once, within seven days. Send it to them yourself.</p>
        <div class="line">
            <ChoiceSelect :value="role" :choices="roles" label="Role" @choose="(chosen) => (role = chosen)" />
            <Button type="primary" :loading="inviting.busy.value" @click="invite">Make a link</Button>
        </div>
        <NoticeBar v-if="inviting.message.value" kind="error">{{ inviting.message.value }}</NoticeBar>
        <div v-if="link" class="made">
            <code data-test="link">{{ link }}</code>
            <Button @click="copy">Copy link</Button>
            <p>It is shown only now.</p>
        </div>
        <ul v-if="people.invitations.length">
            <li v-for="one in people.invitations" :key="one.id">
                <span>{{ nameOf(one.role) }}, by {{ one.by }}, until {{ day(one.expires) }}</span>
                <Button size="small" :loading="withdrawing.busy.value" @click="withdrawing.run(one.id)">Withdraw</Button>
            </li>
        </ul>
    </section>
</template>

<style scoped>
.card {
    display: grid;
    gap: 12px;
    align-content: start;
    padding: 18px 22px 22px;
    background: var(--sheet);
    border: 1px solid var(--line);
}
.line,
.made,
li {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: center;
}
.made {
    padding: 12px;
    background: var(--tape-soft, var(--paper));
    border: 1px dashed var(--line);
}
code {
    overflow-wrap: anywhere;
    user-select: all;
}
ul {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    gap: 8px;
}
li {
    justify-content: space-between;
    border-top: 1px solid var(--line);
    padding-top: 8px;
}
</style>
