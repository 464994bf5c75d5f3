import '@fontsource/atkinson-hyperlegible/400.css';
import '@fontsource/atkinson-hyperlegible/700.css';
import '@fontsource-variable/martian-mono/standard.css';
import 'ant-design-vue/dist/reset.css';
import './ui/tokens.css';
import './ui/controls.css';
import './drawing/scene.css';
import { VueQueryPlugin } from '@tanstack/vue-query';
import { createApp } from 'vue';
import { queryClient, whenSignedOut } from './api/queryClient';
import App from './App.vue';
import { isForEverybody, router } from './router';

whenSignedOut(async () => {
    // The answer may be here before the page is.
    await router.isReady();
    const here = router.currentRoute.value;
    if (!isForEverybody(here.name)) void router.push({ name: 'sign-in', query: { then: here.fullPath } });
});

createApp(App).use(router).use(VueQueryPlugin, { queryClient }).mount('#jornel');
