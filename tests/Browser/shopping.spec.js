import { devices } from '@playwright/test';
import { expect, listening, logIn, test } from './support/household.js';

// Two with the same list in the shop, one of them in the basement where there is no network.
test.describe('the shopping list', () => {
    test.use({ serviceWorkers: 'allow', expected: [{ errors: [/ERR_INTERNET_DISCONNECTED|Failed to fetch/] }, { option: true }] });

    test('is ticked without a network, read anew, and seen by the other phone @wide', async ({ page, context, browser }) => {
        await logIn(page);
        await page.goto('/cupboard/list');
        await page.evaluate(async () => { await navigator.serviceWorker.ready; });
        await page.reload();
        await page.waitForFunction(async () => (await caches.keys()).length > 0 && navigator.serviceWorker.controller !== null);

        const phone = await browser.newContext({ ...devices['Pixel 7'], serviceWorkers: 'block' });
        const nils = await phone.newPage();
        await logIn(nils, { email: 'nils@marrowick.example', password: 'harbour kettle nineteen' });
        await nils.goto(new URL('/cupboard/list', page.url()).href);
        // What is on the list depends on the day; the first line of it will do.
        const name = (await page.locator('.basket__line strong').first().innerText()).trim();
        const first = (on) => on.locator('.basket__line', { hasText: name });
        await expect(first(nils)).toBeVisible();

        await context.setOffline(true);
        await first(page).getByRole('button', { name: /^Got it/ }).click();
        await expect(first(page)).toContainText('in the basket');
        await page.reload();
        await expect(first(page)).toContainText('in the basket');
        await expect(page.getByRole('status').filter({ hasText: 'No network' })).toBeVisible();
        await expect(first(nils)).toBeVisible();

        await context.setOffline(false);
        await expect(page.locator('.basket__done', { hasText: new RegExp(name.replace(/[()]/g, '.'), 'i') })).toHaveCount(1);
        await expect(nils.locator('.basket__done', { hasText: new RegExp(name.replace(/[()]/g, '.'), 'i') })).toHaveCount(1);
        await expect(first(nils)).toHaveCount(0);
        await phone.close();
    });
});

test('a level is dragged, moved with the keys, and written down', async ({ page }) => {
    await logIn(page);
    await page.goto('/cupboard');
    const soap = page.locator('.supply', { has: page.getByRole('heading', { name: 'Dish soap' }) });
    await soap.locator('summary').first().click();
    await listening(page);
    const slider = soap.getByRole('slider', { name: 'How much is left' });
    await slider.fill('250');
    await expect(soap.getByRole('radio', { name: 'This much is left' })).toBeChecked();
    await expect(soap.getByLabel('How much', { exact: true })).toHaveValue('250');
    await slider.press('ArrowRight');
    await expect(soap.getByLabel('How much', { exact: true })).toHaveValue('255');
    const drawing = soap.locator('.supply__container');
    await drawing.scrollIntoViewIfNeeded();
    const box = await drawing.boundingBox();
    await page.mouse.move(box.x + box.width / 2, box.y + box.height * 0.9);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2, box.y + box.height * 0.8);
    await page.mouse.up();
    const amount = Number(await soap.getByLabel('How much', { exact: true }).inputValue());
    expect(amount).toBeGreaterThan(80);
    expect(amount).toBeLessThan(220);
    await soap.getByRole('button', { name: 'Write it down' }).click();
    await expect(page.getByRole('status')).toContainText('Noted how much is left.');
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.goto('/cupboard');
    await expect(soap).toContainText('180 ml');
});

test('the list prints with a box for each thing and nothing else @wide', async ({ page }) => {
    await logIn(page);
    await page.goto('/cupboard/list');
    await page.emulateMedia({ media: 'print' });
    await expect(page.locator('.basket__line').first()).toBeVisible();
    await expect(page.locator('.basket__got').first()).toBeVisible();
    await expect(page.getByRole('button', { name: 'Add it' })).toBeHidden();
    await expect(page.locator('.basket__out')).toBeHidden();
});
