<script setup lang="ts">
import { ConfigProvider } from 'ant-design-vue';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import TopBar from './components/TopBar.vue';
import { useTheme } from './composables/useTheme';
import { antdTheme } from './theme/antd';

const { dark } = useTheme();
const route = useRoute();
const theme = computed(() => antdTheme(dark.value));
const signedIn = computed(() => route.name !== undefined && route.name !== 'sign-in');
</script>

<template>
    <ConfigProvider :theme="theme">
        <div class="app">
            <TopBar v-if="signedIn" />
            <RouterView :key="route.name === 'room' ? `room-${String(route.params.room)}` : String(route.name)" />
        </div>
    </ConfigProvider>
</template>

<style scoped>
.app {
    min-height: 100%;
    display: flex;
    flex-direction: column;
}
</style>
