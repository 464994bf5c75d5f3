import vue from '@vitejs/plugin-vue';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import { scriptSize } from './bin/script-size';

export default defineConfig({
    plugins: [laravel({ input: ['frontend/src/main.ts', 'frontend/src/ui/unit-page.css'], refresh: false }), vue(), scriptSize()],
    build: { chunkSizeWarningLimit: 1500 },
});
