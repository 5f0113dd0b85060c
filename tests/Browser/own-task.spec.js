import { accessible, atStep, expect, logIn, test } from './support/household.js';

test('a task of one’s own: written, done step by step, changed, given up @narrow', async ({ page }, { project }) => {
    const name = `Wipe the bin, ${project.name}`;
    await logIn(page);
    await page.goto('/kitchen');
    await page.getByRole('link', { name: 'Tasks of your own' }).click();
    await accessible(page);
    await page.locator('main').getByRole('link', { name: /^(The kitchen itself|Kitchen)/ }).first().click();
    await accessible(page);
    await page.getByLabel('What do you call it?').fill(name);
    await page.getByLabel('What is done').fill('1. Empty it. Mind the lid.\n2. Wipe it out');
    await page.getByLabel('Minutes of your hands').fill('5');
    await page.getByLabel('Every', { exact: true }).fill('7');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.locator('main')).toContainText('It has a date');
    await accessible(page);
    const elsewhere = page.getByRole('link', { name });
    if (await elsewhere.count()) {
        await elsewhere.click(); // where another task of the kitchen is more urgent
    }
    await page.getByRole('button', { name: `Start: ${name.toLowerCase()}` }).click();
    await atStep(page, 'Empty it.');
    await accessible(page);
    await page.keyboard.press('Space');
    await atStep(page, 'Wipe it out');
    await page.keyboard.press('Space');
    await page.getByRole('button', { name: 'Finish' }).click();
    await expect(page.locator('main')).toContainText('next on');
    await page.goto('/tasks');
    await page.getByRole('link', { name: `Change: ${name}` }).click();
    await page.getByRole('button', { name: 'Stop this task' }).click();
    await page.getByRole('button', { name: `Start again: ${name}` }).click();
    await expect(page.locator('main')).toContainText('It is back');
});
