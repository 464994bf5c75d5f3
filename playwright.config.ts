import { defineConfig } from '@playwright/test';

export default defineConfig({
    testDir: 'tests/browser',
    outputDir: 'var/browser',
    workers: 1,
    // Timings mean something only while nothing else runs: `./jornel bench` makes them.
    [process.env.JORNEL_TIMING ? 'grep' : 'grepInvert']: /@timing/,
    timeout: 120_000,
    expect: { timeout: 20_000 },
    reporter: 'list',
    use: {
        baseURL: process.env.JORNEL_URL ?? 'http://127.0.0.1:8080',
        viewport: { width: 1280, height: 800 },
        // A trace of every step costs a fifth of the time: for a test that fails, run it again with JORNEL_TRACE=1.
        trace: process.env.JORNEL_TRACE ? 'retain-on-failure' : 'off',
        screenshot: 'only-on-failure',
        launchOptions: {
            executablePath: '/usr/bin/chromium',
            args: ['--no-sandbox', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
        },
    },
});
