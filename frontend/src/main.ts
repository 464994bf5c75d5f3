import '@fontsource/atkinson-hyperlegible/400.css';
import '@fontsource/atkinson-hyperlegible/700.css';
import '@fontsource-variable/martian-mono/standard.css';
import 'ant-design-vue/dist/reset.css';
import './theme/tokens.css';
import './theme/scene.css';
import { VueQueryPlugin } from '@tanstack/vue-query';
import { createApp } from 'vue';
import { queryClient } from './api/queries';
import App from './App.vue';
import { router } from './router';

createApp(App).use(router).use(VueQueryPlugin, { queryClient }).mount('#jornel');
