import { gzipSync } from 'node:zlib';
import { expect, logIn, test } from './support/household.js';

// What comes over the wire the first time a page is opened, packed.
test('the first page weighs little, and each page after it less @narrow', async ({ page, browser, baseURL }) => {
    await logIn(page);
    const storageState = await page.context().storageState();
    const weigh = async (path) => {
        const context = await browser.newContext({ storageState, baseURL, viewport: { width: 390, height: 844 }, serviceWorkers: 'block' });
        const fresh = await context.newPage();
        const cdp = await context.newCDPSession(fresh);
        await cdp.send('Network.enable');
        const came = {};
        cdp.on('Network.responseReceived', ({ requestId, response }) => {
            came[requestId] = { path: new URL(response.url).pathname, bytes: 0 };
        });
        cdp.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
            if (came[requestId]) {
                came[requestId].bytes = encodedDataLength;
            }
        });
        await fresh.goto(path, { waitUntil: 'networkidle' });
        await context.close();

        return Object.values(came);
    };
    const first = await weigh('/');
    expect(first.reduce((sum, { bytes }) => sum + bytes, 0)).toBeLessThanOrEqual(120 * 1024);
    expect(first.filter(({ path }) => path.endsWith('.woff2'))).toHaveLength(2);
    for (const path of ['/kitchen', '/rhythm', '/logbook', '/handbook', '/handbook/symptoms', '/household', '/cupboard']) {
        const answer = await page.request.get(path);
        expect(answer.headers()['content-encoding'], path).toBe('gzip');
        expect(gzipSync(await answer.body(), { level: 5 }).length, path).toBeLessThanOrEqual(15 * 1024);
    }
});
