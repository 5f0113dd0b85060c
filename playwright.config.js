import { defineConfig, devices } from '@playwright/test';
import { existsSync } from 'node:fs';

// A demo for each worker, on a state folder of its own: the tests of one share a household. While one browser waits for its server
// the other draws: two take three quarters of the time of one on two processors.
const ports = [8499, 8498];
const chromium = {
    launchOptions: {
        // Without a window to draw for, the shell is a sixth quicker.
        executablePath: ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find(existsSync),
        args: [
            '--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--no-first-run',
        ],
    },
};

export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: 'test-results',
    workers: ports.length,
    fullyParallel: true,
    timeout: 150_000,
    expect: { timeout: 15_000 },
    reporter: [['list']],
    use: {
        actionTimeout: 15_000,
        trace: 'off',
        serviceWorkers: 'block',
        screenshot: 'only-on-failure',
        contextOptions: { reducedMotion: 'reduce' },
        ...chromium,
    },
    projects: [
        { name: 'desktop', grepInvert: /@narrow/, use: { viewport: { width: 1280, height: 800 } } },
        {
            name: 'phone',
            grepInvert: /@wide/,
            use: {
                ...devices['Pixel 7'],
                defaultBrowserType: 'chromium',
                viewport: { width: 390, height: 844 },
                deviceScaleFactor: 1,
            },
        },
    ],
    webServer: ports.map((port) => ({
        command: `rm -rf storage/instances/browser-${port} && bin/demo --fresh --foreground --port=${port}`,
        env: { ...process.env, GOODRINSE_STATE: `storage/instances/browser-${port}`, GOODRINSE_SCHEDULE: '0' },
        url: `http://127.0.0.1:${port}/login`,
        reuseExistingServer: false,
        timeout: 120_000,
        gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
    })),
});
