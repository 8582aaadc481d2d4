import { defineConfig } from '@playwright/test';
import { launchOptions } from './e2e/browser.js';

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
        launchOptions,
    },
});
