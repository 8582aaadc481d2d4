import { defineConfig } from '@playwright/test';

export default defineConfig({
    testDir: 'e2e',
    outputDir: process.env.DEW_E2E_OUT ?? 'test-results',
    fullyParallel: true,
    workers: 2,
    // Limits against what never ends, not measures of speed: a busy machine may take several times as long as a quiet one.
    timeout: 240_000,
    expect: { timeout: 20_000 },
    forbidOnly: Boolean(process.env.CI),
    reporter: [['line'], ['json', { outputFile: process.env.PLAYWRIGHT_JSON_OUTPUT_FILE ?? 'test-results/e2e.json' }]],
    use: {
        baseURL: process.env.APP_URL,
        locale: 'en-GB',
        timezoneId: 'Europe/Dublin',
        screenshot: 'only-on-failure',
        launchOptions: {
            executablePath: process.env.DEW_CHROMIUM ?? '/usr/bin/chromium',
            args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
        },
    },
});
