import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';

// Modules are loaded once for all files but those that put something else in the place of the browser or of a library.
const ALONE = ['deleting', 'desk', 'live', 'outbox', 'readings', 'saving', 'telling', 'ticks', 'unitwork'].map(
    (name) => `tests/unit/${name}.test.ts`,
);
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
