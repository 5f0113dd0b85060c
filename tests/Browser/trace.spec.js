import { accessible, expect, logIn, test } from './support/household.js';

test('from anywhere: a symptom, the cards, a fix that is kept', async ({ page }, { project }) => {
    await logIn(page);
    await page.goto('/logbook');
    await page.getByRole('link', { name: 'Something wrong?', exact: true }).click(); // one
    // Which machine, where there are several.
    await page.getByRole('navigation', { name: 'Machine' }).getByRole('link', { name: 'Tarnbeck 60' }).click();
    await accessible(page);
    await page.getByLabel('Water stands on the floor').check(); // what
    await page.getByRole('button', { name: 'Find out why' }).click();
    await expect(page.locator('.trace__noticed')).toContainText('Water stands on the floor');
    const card = page.getByRole('heading', { level: 1 });
    const first = await card.textContent();
    await accessible(page);
    await page.locator('.card-next__answers button').first().click();
    await expect(page.getByRole('button', { name: /^Take back/ })).toHaveCount(1);
    await expect(card).not.toHaveText(first); // each card has a heading of its own,
    await expect(card).toBeFocused(); // and the eye and the keyboard are on it
    if (project.name === 'phone') {
        return;
    }
    await page.getByText('Other options, cheapest first').click();
    await page.getByRole('link', { name: 'Follow the drain path' }).click();
    await expect(page.locator('.card-next')).toContainText(/On average this order costs more, by about € \d+/);
    await page.getByRole('button', { name: 'It helped' }).click();
    await expect(page.locator('main')).toContainText('you are asked whether it is still fixed');
    await page.getByRole('button', { name: 'Yes, it is' }).click();
    await expect(page.locator('main')).toContainText('Fixed, and it stayed fixed.');
    await accessible(page);
});
