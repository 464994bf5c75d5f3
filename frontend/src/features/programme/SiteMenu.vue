<script setup lang="ts">
import { MoreOutlined } from '@ant-design/icons-vue';
import { Button, Dropdown, Menu, MenuItem, message } from 'ant-design-vue';
import { computed } from 'vue';
import { useOrderSites } from './places';
import { useDeleting } from './useDeleting';

/** What is done to a site as a whole. */
const props = defineProps<{ site: { id: number; name: string }; sites: { id: number }[]; programme: number; mayDelete: boolean }>();
const ordering = useOrderSites(() => props.programme);
const remove = useDeleting();
const ids = computed(() => props.sites.map(({ id }) => id));
const place = computed(() => ids.value.indexOf(props.site.id));

async function move(by: -1 | 1): Promise<void> {
    const order = ids.value.filter((id) => id !== props.site.id);
    order.splice(place.value + by, 0, props.site.id);
    await ordering.run(order);
    if (ordering.refused.value) void message.error(ordering.refused.value.message);
}
</script>

<template>
    <Dropdown :trigger="['click']">
        <Button type="text" size="small" :aria-label="`More for ${site.name}`"><MoreOutlined /></Button>
        <template #overlay>
            <Menu>
                <MenuItem key="up" :disabled="place === 0" @click="move(-1)">Move up</MenuItem>
                <MenuItem key="down" :disabled="place === sites.length - 1" @click="move(1)">Move down</MenuItem>
                <MenuItem v-if="mayDelete" key="delete" danger @click="remove({ kind: 'site', id: site.id }, site.name)"
                    >Delete with its rooms</MenuItem
                >
            </Menu>
        </template>
    </Dropdown>
</template>
