<script setup lang="ts">
import { Button, Popconfirm } from 'ant-design-vue';
import { computed, reactive } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import InviteCard from '../features/programme/InviteCard.vue';
import ProgrammeNav from '../features/programme/ProgrammeNav.vue';
import LinkOnce from '../features/programme/LinkOnce.vue';
import { useChangeRole, useHandOver, useHelp, usePeople, useRemovePerson, type Role } from '../features/programme/people';
import { useProgramme } from '../features/programme/queries';
import ChoiceSelect from '../ui/ChoiceSelect.vue';
import NoticeBar from '../ui/NoticeBar.vue';
import PageGate from '../ui/PageGate.vue';

const route = useRoute();
const router = useRouter();
const id = computed(() => Number(route.params.programme));
const programme = useProgramme(id);
const people = usePeople(id);
const changing = useChangeRole(id);
const removing = useRemovePerson(id);
const mayOrganise = computed(() => programme.data.value?.role === 'organiser');
const roles = computed(() => people.data.value?.roles.map(({ role: value, name: label }) => ({ value, label })) ?? []);

async function remove(person: number, isMe: boolean): Promise<void> {
    changing.forget();
    await removing.run(person);
    if (isMe && !removing.refused.value) await router.push({ name: 'home' });
}

const handing = useHandOver(id);
async function handOver(person: number): Promise<void> {
    changing.forget();
    removing.forget();
    await handing.run(person);
}
const helping = useHelp(id);
const helped = reactive({ name: '', link: '' });
async function help(person: number, name: string): Promise<void> {
    changing.forget();
    removing.forget();
    const made = await helping.run(person);
    Object.assign(helped, made ? { name, link: new URL(made.path, window.location.origin).href } : { name: '', link: '' });
}

const fault = computed(
    () =>
        changing.refused.value?.message ??
        removing.refused.value?.message ??
        handing.refused.value?.message ??
        helping.errors.value.person?.[0] ??
        helping.refused.value?.message,
);

async function change(person: number, role: Role): Promise<void> {
    removing.forget();
    await changing.run({ person, role });
}
</script>

<template>
    <main class="page">
        <PageGate :asked="[programme, people]">
            <Teleport to="#where">
                <ProgrammeNav :programme="programme.data.value!" />
            </Teleport>
            <h1>People</h1>
            <NoticeBar v-if="fault" kind="error">{{ fault }}</NoticeBar>
            <div class="cards">
                <section class="card">
                    <h2>Members</h2>
                    <ul>
                        <li v-for="one in people.data.value!.people" :key="one.id" data-test="member">
                            <span class="who"
                                ><b>{{ one.name }}</b
                                ><template v-if="one.is_you"> (you)</template><br />{{ one.email }}</span
                            >
                            <ChoiceSelect
                                v-if="mayOrganise"
                                :value="one.role"
                                :choices="roles"
                                :label="`Role of ${one.name}`"
                                @choose="(role) => change(one.id, role)"
                            />
                            <span v-else>{{ roles.find(({ value }) => value === one.role)?.label }}</span>
                            <Button
                                v-if="mayOrganise && !one.is_you"
                                size="small"
                                :title="`Make a link with which ${one.name} sets another password`"
                                :loading="helping.busy.value"
                                @click="help(one.id, one.name)"
                                >Password link</Button
                            >
                            <Popconfirm
                                v-if="mayOrganise && !one.is_you"
                                :title="`Hand the programme over to ${one.name}? You become a builder.`"
                                ok-text="Hand over"
                                cancel-text="Cancel"
                                @confirm="handOver(one.id)"
                            >
                                <Button size="small" :loading="handing.busy.value">Hand over</Button>
                            </Popconfirm>
                            <Popconfirm
                                v-if="mayOrganise || one.is_you"
                                :title="one.is_you ? 'Leave this programme?' : `Remove ${one.name} from this programme?`"
                                :ok-text="one.is_you ? 'Leave' : 'Remove'"
                                cancel-text="Cancel"
                                @confirm="remove(one.id, one.is_you)"
                            >
                                <Button size="small">{{ one.is_you ? 'Leave' : 'Remove' }}</Button>
                            </Popconfirm>
                        </li>
                    </ul>
                    <div v-if="helped.link" class="help">
                        <p>With this link {{ helped.name }} sets another password, once, within an hour. Give it to nobody else.</p>
                        <LinkOnce :link="helped.link" />
                    </div>
                    <dl>
                        <template v-for="one in people.data.value!.roles" :key="one.role">
                            <dt>{{ one.name }}</dt>
                            <dd>{{ one.rights }}</dd>
                        </template>
                    </dl>
                </section>
                <InviteCard v-if="mayOrganise" :programme="id" :people="people.data.value!" />
            </div>
        </PageGate>
    </main>
</template>

<style scoped>
.page {
    padding: 18px 24px 40px;
    display: grid;
    gap: 14px;
    align-content: start;
    max-width: 1100px;
    width: 100%;
    margin: 0 auto;
}
.help {
    display: grid;
    gap: 8px;
}
.cards {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 20rem), 1fr));
    gap: 16px;
    align-items: start;
}
.cards > :first-child {
    grid-column: span 2;
}
@media (max-width: 1000px) {
    .cards > :first-child {
        grid-column: auto;
    }
}
.card {
    display: grid;
    gap: 14px;
    padding: 18px 22px 22px;
    background: var(--sheet);
    border: 1px solid var(--line);
}
ul,
dl,
dd {
    list-style: none;
    margin: 0;
    padding: 0;
}
li {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 12px;
    align-items: center;
    padding: 10px 0;
    border-top: 1px solid var(--line);
}
.who {
    flex: 1 1 12rem;
    overflow-wrap: anywhere;
    color: var(--pencil);
}
.who b {
    color: var(--ink);
}
dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 4px 14px;
    color: var(--pencil);
}
dt {
    font-weight: 600;
}
</style>
