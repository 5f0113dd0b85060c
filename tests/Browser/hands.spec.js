import { expect, logIn, test } from './support/household.js';

// How many taps stand between a person at Today and what they came for. Every tap goes through here, so that none is
// forgotten; a page that needs one more fails.
class Hands {
    constructor(page) {
        this.page = page;
        this.taps = 0;
    }

    async tap(locator) {
        await locator.click();
        this.taps += 1;
        await this.page.waitForLoadState();
    }

    async atMost(taps) {
        expect(this.taps).toBeLessThanOrEqual(taps);
        this.taps = 0;
        await this.page.goto('/');
    }
}

test('the flow of hands: taps from Today @wide', async ({ page }) => {
    await logIn(page);
    const hands = new Hands(page);
    const main = page.locator('main');
    const heading = page.getByRole('heading', { level: 1 });

    const counted = page.locator('.tally', { hasText: 'Tarnbeck 60' });
    await hands.tap(counted.getByRole('button', { name: /^Count one more load for Tarnbeck 60/ }));
    await expect(page.getByText('One more counted for Tarnbeck 60.')).toBeVisible();
    await hands.atMost(1);

    await hands.tap(page.getByRole('link', { name: 'Something wrong?', exact: true }));
    await hands.tap(main.getByText('Musty or rotten smell', { exact: true }));
    await hands.tap(page.getByRole('button', { name: 'Just write it down' }));
    await expect(main.getByRole('status').first()).toBeVisible();
    await page.goto('/logbook');
    await expect(page.locator('.line').first()).toContainText('Noticed: musty or rotten smell');
    await hands.atMost(3);

    await hands.tap(main.getByRole('link', { name: 'Something wrong? with Updraft' })); // another machine than the last
    await hands.tap(main.locator('.tick').first());
    await hands.tap(page.getByRole('button', { name: 'Just write it down' }));
    await page.goto('/logbook');
    await expect(page.locator('.line').first()).toContainText('Updraft');
    await hands.atMost(3);

    await hands.tap(main.getByRole('link', { name: /Tarnbeck 60, tub/ }));
    await hands.tap(page.getByRole('radio', { name: /^rinse aid/ }));
    await hands.tap(page.getByRole('button', { name: 'Write it down' }));
    await page.goto('/logbook');
    await expect(page.locator('.line').first()).toContainText('Rinse aid into the tub');
    await hands.atMost(3);

    await hands.tap(page.getByRole('link', { name: 'Something wrong?', exact: true }));
    if ((await main.getByText(/last time: /).count()) === 0) {
        await hands.tap(main.getByRole('link', { name: 'Morning Pot' }).first());
    }
    await expect(main.getByText(/last time: /).first()).toBeVisible();
    await hands.atMost(2);

    await hands.tap(page.getByRole('button', { name: 'Start round' }));
    await expect(page).toHaveURL(/\/rounds\/\w{26}$/);
    await hands.atMost(1);

    await hands.tap(page.getByRole('link', { name: 'Go on' }));
    await expect(heading).toHaveText('Put these within reach.');
    await hands.atMost(1);
});
