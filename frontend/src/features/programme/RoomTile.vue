<script setup lang="ts">
import { computed } from 'vue';
import type { RoomCard } from '../../api/client';
import { useMeasure } from '../../session/useMeasure';

const props = defineProps<{ room: RoomCard }>();
const { show } = useMeasure();
const said = computed(() => {
    switch (props.room.standing) {
        case 'meets':
        case 'warns':
            return `✓ ${props.room.verdict}`;
        case 'short':
            return `✕ ${props.room.verdict}`;
        default:
            return '○ Nothing stands here yet';
    }
});
</script>

<template>
    <RouterLink
        class="tile"
        :class="room.standing ?? 'none'"
        :to="{ name: 'room', params: { room: room.id, stage: room.has_build ? 'build' : 'room' } }"
    >
        <svg class="plan" :viewBox="room.sheet" aria-hidden="true">
            <path :d="room.plan" />
            <path v-if="room.purifiers" class="unit" :d="room.units" />
        </svg>
        <span class="text">
            <b class="name">{{ room.name }}</b>
            <span class="what">{{ show(room.floor_area) }} · {{ room.people }} people · {{ room.pollutant }}</span>
            <span class="what">{{ room.goal }}: {{ show(room.asks) }}</span>
            <span class="standing">{{ said }}</span>
        </span>
        <span class="bar" aria-hidden="true"><i :style="{ width: `${Math.min(100, room.goal_share * 80)}%` }" /></span>
    </RouterLink>
</template>

<style scoped>
.tile {
    display: grid;
    grid-template-columns: 78px 1fr;
    gap: 4px 12px;
    padding: 12px 14px 10px;
    background: var(--sheet);
    border: 1px solid var(--line);
    color: var(--ink);
    box-shadow: var(--shadow);
}
.tile:hover {
    border-color: var(--kraft-edge);
}
.plan {
    width: 78px;
    align-self: center;
}
.plan path {
    fill: var(--mat);
    stroke: var(--ink);
    stroke-width: 2;
    vector-effect: non-scaling-stroke;
}
.plan .unit {
    fill: var(--clean);
    stroke: var(--clean);
    stroke-width: 3;
}
.short .plan .unit {
    fill: var(--bypass);
    stroke: var(--bypass);
}
.text {
    display: grid;
    gap: 1px;
    font-size: 14px;
}
.text b {
    font-size: 17px;
}
.name {
    padding-right: 22px;
}
.what {
    color: var(--pencil);
}
.standing {
    font-weight: 700;
}
.short .standing {
    color: var(--short);
}
.meets .standing,
.warns .standing {
    color: var(--clean);
}
.bar {
    grid-column: 1 / -1;
    height: 5px;
    background:
        linear-gradient(90deg, transparent 80%, var(--ink) 80%, var(--ink) calc(80% + 2px), transparent calc(80% + 2px)), var(--mat);
}
.bar i {
    display: block;
    height: 100%;
    background: var(--clean);
    opacity: 0.85;
}
.short .bar i {
    background: var(--bypass);
}
</style>
