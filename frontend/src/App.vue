<script setup lang="ts">
import { ConfigProvider } from 'ant-design-vue';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import SignInAgain from './features/session/SignInAgain.vue';
import TopBar from './features/session/TopBar.vue';
import { isForEverybody, pageOf } from './router';
import { useTheme } from './session/useTheme';
import { antdTheme } from './ui/theme';

const { dark } = useTheme();
const route = useRoute();
const theme = computed(() => antdTheme(dark.value));
const signedIn = computed(() => route.name !== undefined && !isForEverybody(route.name));
</script>

<template>
    <ConfigProvider :theme="theme" :wave="{ disabled: true }" :auto-insert-space-in-button="false">
        <div class="app">
            <TopBar v-if="signedIn" />
            <RouterView :key="pageOf(route)" />
            <SignInAgain />
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
