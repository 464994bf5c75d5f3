<script setup lang="ts">
import { MoreOutlined } from '@ant-design/icons-vue';
import { Button, Dropdown, Form, Menu, MenuItem, Modal, message } from 'ant-design-vue';
import { reactive, ref } from 'vue';
import { useRouter } from 'vue-router';
import ChoiceSelect from '../../ui/ChoiceSelect.vue';
import EntryField from '../../ui/EntryField.vue';
import NoticeBar from '../../ui/NoticeBar.vue';
import { useCopyRoom, useMoveRoom } from './places';
import { useDeleting } from './useDeleting';

/** What is done to a room as a whole. */
const props = defineProps<{
    room: { id: number; name: string };
    programme: number;
    site: number;
    sites: { id: number; name: string }[];
    mayDelete: boolean;
}>();
const copying = useCopyRoom(props.room.id);
const moving = useMoveRoom(props.room.id);
const remove = useDeleting();
const router = useRouter();
const open = ref<'copy' | 'move' | null>(null);
const copies = reactive({ count: '1', name: '', from: '2' });
const to = ref(0);

/** `Classroom 1` makes `Classroom #` from 2. */
function begin(what: 'copy' | 'move'): void {
    copying.forget();
    moving.forget();
    const [, words, number] = props.room.name.match(/^(.*?)(\d*)$/) ?? [];
    Object.assign(copies, {
        count: '1',
        name: `${number ? words : `${props.room.name} `}#`,
        from: String(number ? Number(number) + 1 : 2),
    });
    to.value = props.sites.find(({ id }) => id !== props.site)?.id ?? 0;
    open.value = what;
}
const whole = (text: string): number => (/^\d+$/.test(text.trim()) ? Number(text) : -1);

async function copy(): Promise<void> {
    const made = await copying.run({ count: whole(copies.count), name: copies.name, from: whole(copies.from) });
    if (!made) return;
    open.value = null;
    void message.success(made.length === 1 ? `Added “${made[0]!.name}”` : `Added ${made.length} rooms`);
}
async function move(): Promise<void> {
    await moving.run(to.value);
    if (!moving.refused.value) open.value = null;
}
</script>

<template>
    <Dropdown :trigger="['click']" placement="bottomRight">
        <Button type="text" size="small" class="menu" :aria-label="`More for ${room.name}`"><MoreOutlined /></Button>
        <template #overlay>
            <Menu>
                <MenuItem key="copy" @click="begin('copy')">Make more like this …</MenuItem>
                <MenuItem v-if="sites.length > 1" key="move" @click="begin('move')">Move to another site …</MenuItem>
                <MenuItem key="activity" @click="router.push({ name: 'activity', params: { programme }, query: { room: room.id } })"
                    >Activity</MenuItem
                >
                <MenuItem v-if="mayDelete" key="delete" danger @click="remove({ kind: 'room', id: room.id }, room.name)">Delete</MenuItem>
            </Menu>
        </template>
    </Dropdown>
    <Modal
        :open="open === 'copy'"
        :title="`Rooms like ${room.name}`"
        ok-text="Add them"
        :confirm-loading="copying.busy.value"
        destroy-on-close
        @ok="copy"
        @cancel="open = null"
    >
        <p>With its measurements, goal, builds and what stands in it. Doors lead nowhere yet.</p>
        <Form layout="vertical" class="copies" @submit.prevent="copy">
            <EntryField v-model="copies.count" label="How many" inputmode="numeric" autofocus :fault="copying.errors.value.count?.[0]" />
            <EntryField v-model="copies.name" label="Name, with # for the number" :maxlength="80" :fault="copying.errors.value.name?.[0]" />
            <EntryField v-model="copies.from" label="First number" inputmode="numeric" :fault="copying.errors.value.from?.[0]" />
            <NoticeBar v-if="copying.message.value" kind="error">{{ copying.message.value }}</NoticeBar>
        </Form>
    </Modal>
    <Modal
        :open="open === 'move'"
        :title="`Move ${room.name}`"
        ok-text="Move"
        :confirm-loading="moving.busy.value"
        destroy-on-close
        @ok="move"
        @cancel="open = null"
    >
        <p>Doors between it and the rooms of this site lead nowhere then.</p>
        <ChoiceSelect
            :value="to"
            :choices="sites.filter(({ id }) => id !== site).map(({ id, name }) => ({ value: id, label: name }))"
            label="To site"
            @choose="(chosen) => (to = chosen)"
        />
        <NoticeBar v-if="moving.refused.value" kind="error">{{ moving.refused.value.message }}</NoticeBar>
    </Modal>
</template>

<style scoped>
.copies {
    display: grid;
    gap: 12px;
    padding-top: 12px;
}
</style>
