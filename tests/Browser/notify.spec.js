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

for (const [permission, shown] of [['granted', 1], ['denied', 0]]) {
    test(`a wait that ends is notified only where it was asked for: ${permission} @narrow`, async ({ page }) => {
        await page.addInitScript(stand, permission);
        await logIn(page);
        await page.getByRole('button', { name: 'Start round' }).click();
        await goThrough(page, { 'Hold the filter to the light. Which one is it?': 2 }, 'Lay it in');
        await done(page, 'Lay it in very hot, soapy water.');
        expect(await page.evaluate(() => window.shown)).toEqual([]);
        await page.clock.install();
        await page.reload();
        await page.getByRole('button', { name: 'Notify me when it is over' }).click();
        await expect(page.getByRole('button', { name: 'Notify me when it is over' })).toBeHidden();
        await page.clock.runFor(21 * 60_000);
        await expect(page.locator('.clock--over').first()).toBeVisible();
        const said = await page.evaluate(() => window.shown);
        expect(said).toHaveLength(shown);
        said.forEach(([title, path]) => {
            expect(title).toMatch(/^Soak/);
            expect(path).toBe(new URL(page.url()).pathname);
        });
    });
}
