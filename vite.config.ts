import vue from '@vitejs/plugin-vue';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
    plugins: [laravel({ input: 'frontend/src/main.ts', refresh: false }), vue()],
    build: { chunkSizeWarningLimit: 1500 },
});
