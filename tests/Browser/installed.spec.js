import { expect, logIn, test } from './support/household.js';

test.use({ serviceWorkers: 'allow', expected: [{ errors: [/ERR_INTERNET_DISCONNECTED|Failed to fetch/] }, { option: true }] });

test('it can be installed, and starts without a network with Today as it was @wide', async ({ page, context, request }) => {
    await logIn(page);
    const address = await page.locator('link[rel=manifest]').getAttribute('href');
    const manifest = await (await request.get(address)).json();
    expect(manifest.display).toBe('standalone');
    for (const icon of manifest.icons) {
        expect((await request.get(icon.src)).ok(), icon.src).toBe(true);
    }
    expect(manifest.icons.some((icon) => icon.purpose === 'maskable')).toBe(true);
    for (const shortcut of manifest.shortcuts) {
        await page.goto(shortcut.url);
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    }

    await page.evaluate(async () => { await navigator.serviceWorker.ready; });
    await page.goto(manifest.start_url);
    await page.reload();
    await page.waitForFunction(async () => (await caches.match('/')) !== undefined);
    const said = await page.getByRole('heading', { level: 1 }).textContent();
    await context.setOffline(true);
    await page.goto('/');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(said);
    await expect(page.getByRole('status').filter({ hasText: 'No network' })).toBeVisible();
    await context.setOffline(false);
    await page.reload();
    await expect(page.getByRole('status').filter({ hasText: 'No network' })).toHaveCount(0);

    // Whoever logs out leaves nothing of the household on the device.
    await page.goto('/household');
    await page.getByRole('button', { name: 'Log out' }).first().click();
    await expect.poll(async () => page.evaluate(async () => (await caches.match('/')) === undefined)).toBe(true);
});
