import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';

// Modules are loaded once for all files but those that put something of the browser in their place.
const ALONE = ['desk', 'readings', 'telling', 'ticks'].map((name) => `tests/unit/${name}.test.ts`);
const ALL = 'tests/unit/**/*.test.ts';

export default defineConfig({
    plugins: [vue()],
    test: {
        environment: 'happy-dom',
        projects: [
            { extends: true, test: { name: 'together', include: [ALL], exclude: ALONE, isolate: false } },
            { extends: true, test: { name: 'alone', include: ALONE } },
        ],
    },
});
