import { defineConfig, devices } from '@playwright/test';

const port = 8499;
const chromium = {
    launchOptions: {
        executablePath: '/usr/bin/chromium',
        args: ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--no-first-run'],
    },
};

// The demo itself, on a state folder of its own; one worker, because the tests share the household.
export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: 'test-results',
    workers: 1,
    timeout: 150_000,
    expect: { timeout: 15_000 },
    reporter: [['list']],
    use: { baseURL: `http://127.0.0.1:${port}`, actionTimeout: 15_000, trace: 'off', screenshot: 'only-on-failure', ...chromium },
    projects: [
        { name: 'desktop', use: { viewport: { width: 1280, height: 800 } } },
        { name: 'phone', grepInvert: /@wide/, use: { ...devices['Pixel 7'], defaultBrowserType: 'chromium', viewport: { width: 390, height: 844 } } },
    ],
    webServer: {
        command: `rm -rf storage/instances/browser && bin/demo --fresh --foreground --port=${port}`,
        env: { ...process.env, GOODRINSE_STATE: 'storage/instances/browser' },
        url: `http://127.0.0.1:${port}/login`,
        reuseExistingServer: false,
        timeout: 120_000,
        gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
    },
});
