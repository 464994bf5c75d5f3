<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import type { People } from '../../api/client';
import ChoiceSelect from '../../ui/ChoiceSelect.vue';
import { useWaysIn } from '../../session/queries';
import EntryField from '../../ui/EntryField.vue';
import NoticeBar from '../../ui/NoticeBar.vue';
import LinkOnce from './LinkOnce.vue';
import { useInvite, useWithdraw, type Role } from './people';

/** A link for somebody new, and the links that can still be used. */
const props = defineProps<{ programme: number; people: People }>();
const programme = computed(() => props.programme);
const inviting = useInvite(programme);
const withdrawing = useWithdraw(programme);
const role = ref<Role>('builder');
const link = ref('');
const email = ref('');
const waysIn = useWaysIn();

const roles = computed(() => props.people.roles.map(({ role: value, name: label }) => ({ value, label })));
const nameOf = (wanted: Role): string => props.people.roles.find((one) => one.role === wanted)?.name ?? '';
const day = (iso: string): string => new Date(iso).toLocaleDateString('en', { day: 'numeric', month: 'long' });

async function invite(): Promise<void> {
    const made = await inviting.run({ role: role.value, email: email.value.trim() || null });
    if (made) email.value = '';
    if (made) link.value = new URL(made.path, window.location.origin).href;
}
</script>

<template>
    <section class="card">
        <h2>Invite somebody</h2>
        <p>
            A link brings one person in, once, within seven days.
            {{ waysIn.data.value?.mail ? 'It is sent to the address you give, or you send it yourself.' : 'Send it to them yourself.' }}
        </p>
        <EntryField
            v-if="waysIn.data.value?.mail"
            v-model="email"
            label="Email, if it is to be sent"
            type="email"
            :maxlength="190"
            :fault="inviting.errors.value.email?.[0]"
        />
        <div class="line">
            <ChoiceSelect :value="role" :choices="roles" label="Role" @choose="(chosen) => (role = chosen)" />
            <Button type="primary" :loading="inviting.busy.value" @click="invite">Make a link</Button>
        </div>
        <NoticeBar v-if="inviting.message.value" kind="error">{{ inviting.message.value }}</NoticeBar>
        <LinkOnce v-if="link" :link="link" />
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
li {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: center;
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
