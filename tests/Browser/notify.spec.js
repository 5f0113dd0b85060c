import { done, expect, goThrough, logIn, test } from './support/household.js';

// The browser's own notifications, as this browser without a window can't show them.
const stand = (permission) => {
    window.shown = [];
    window.Notification = class {
        static permission = 'default';

        static requestPermission() {
            window.Notification.permission = permission;

            return Promise.resolve(permission);
        }

        constructor(title, options) {
            window.shown.push([title, options.data.path]);
        }
    };
};

test('a wait that ends is notified where it was asked for @narrow', async ({ page }) => {
    await page.addInitScript(stand, 'granted');
    await logIn(page);
    await page.getByRole('button', { name: 'Start round' }).click();
    await goThrough(page, { 'Hold the filter to the light. Which one is it?': 2 }, 'Lay it in');
    await done(page, 'Lay it in very hot, soapy water.');
    await page.clock.install();
    await page.reload();
    const ask = page.getByRole('button', { name: 'Notify me when it is over' });
    await ask.click();
    await expect(ask).toBeHidden();
    expect(await page.evaluate(() => window.shown), 'not before it is over').toEqual([]);
    await page.clock.runFor(21 * 60_000);
    await expect(page.locator('.clock--over').first()).toBeVisible();
    const [[title, path], ...more] = await page.evaluate(() => window.shown);
    expect(more).toEqual([]);
    expect(title).toMatch(/^Soak/);
    expect(path).toBe(new URL(page.url()).pathname);
});

test('a device that was asked notifies of what is due, each once, and leads to the job @narrow', async ({ page }) => {
    await page.addInitScript(stand, 'granted');
    const due = [{ id: 'm filter 2026-05-31', title: 'Due: Fine filter, Galley', body: 'It is time.', path: '/machines/m?task=filter' }];
    let isQuiet = false;
    await page.route('/reminders/due', (route) => route.fulfill({ json: isQuiet ? [] : due }));
    await logIn(page);
    await page.goto('/reminders');
    expect(await page.evaluate(() => window.shown), 'not before it is asked for').toEqual([]);
    await page.getByRole('button', { name: 'Notify me on this device' }).click();
    await expect(page.getByText('You are notified here of each job that falls due')).toBeVisible();
    await expect.poll(() => page.evaluate(() => window.shown)).toEqual([['Due: Fine filter, Galley', '/machines/m?task=filter']]);
    await page.getByRole('button', { name: 'Stop notifying me on this device' }).click();
    await expect(page.getByRole('button', { name: 'Notify me on this device' })).toBeVisible();
    await page.getByRole('button', { name: 'Notify me on this device' }).click();
    await page.waitForTimeout(300);
    expect(await page.evaluate(() => window.shown.length), 'each falling due is said once').toBe(1);
    // The night, in which nothing is due, and the morning after it.
    const opened = async () => {
        await Promise.all([page.waitForResponse('/reminders/due'), page.reload()]);
        await page.waitForTimeout(300);

        return page.evaluate(() => window.shown.length);
    };
    await page.addInitScript(() => (window.Notification.permission = 'granted'));
    isQuiet = true;
    expect(await opened()).toBe(0);
    isQuiet = false;
    expect(await opened(), 'it was said before the night').toBe(0);
});
