import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';

export default defineConfig({
    plugins: [vue()],
    test: { dir: 'tests/unit', environment: 'happy-dom' },
});
