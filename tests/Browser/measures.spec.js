import { accessible, expect, listening, logIn, test } from './support/household.js';

const machineAt = async (page, name) => {
    await page.goto('/kitchen');
    return new URL(await page.locator('main').getByRole('link', { name: new RegExp(name) }).first().getAttribute('href'), page.url()).href;
};

test('a half-blocked arm found with a thumb, kept, cleaned, and compared', async ({ page }) => {
    await logIn(page);
    const machine = await machineAt(page, 'Tarnbeck 60');
    await page.goto(`${machine}/measures`);
    await accessible(page);
    await page.getByRole('link', { name: /^Spray arms/ }).click();
    await accessible(page);
    const jet = page.getByRole('button', { name: /^Jet 5, 85 %/ });
    expect((await jet.boundingBox()).width).toBeGreaterThanOrEqual(44);
    await jet.click();
    await expect(jet).toHaveAccessibleName(/half blocked/);
    await jet.press('Enter');
    await expect(jet).toHaveAccessibleName(/: blocked/);
    await jet.press('ArrowLeft');
    const before = page.getByRole('button', { name: /^Jet 4, 68 %/ });
    await expect(before).toBeFocused();
    await before.press('Enter');
    await before.press('Enter');
    await expect(page.getByRole('status').filter({ hasText: 'outer ring' })).toContainText('gets no water');
    await page.getByRole('button', { name: 'Upper arm' }).click();
    await page.getByText('Make the drawing fit this arm').click();
    await page.getByRole('button', { name: 'Add a jet' }).click();
    await page.getByRole('button', { name: 'Further out' }).click();
    await accessible(page);
    await page.getByRole('button', { name: 'Keep this' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('gets no water');
    await expect(page.locator('main')).toContainText('as found: lower arm 86 % open');
    await listening(page);
    await page.getByRole('radio', { name: 'As they are now, cleaned' }).check();
    for (const name of [/^Jet 5, 85 %/, /^Jet 4, 68 %/]) {
        await page.getByRole('button', { name }).click();
    }
    await page.getByRole('button', { name: 'Keep this' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('All jets are open.');
    await expect(page.locator('.pair').first()).toBeVisible();
    await page.getByLabel('Through the years').press('ArrowLeft');
    await expect(page.locator('.layers__map--front figcaption')).toContainText('as found');
    await accessible(page);
});

test('a cup, a pot and a weight: each says at once what it makes of the number @wide', async ({ page }) => {
    await logIn(page);
    await page.goto(`${await machineAt(page, 'Tarnbeck 60')}/cup`);
    await accessible(page);
    await page.getByRole('button', { name: 'First spray: start the clock' }).click();
    await expect(page.getByRole('status')).toHaveText('Leave the door shut for a minute.');
    await page.getByLabel('Minute, 2').fill('1');
    await page.getByLabel('In it, ml, 2').fill('20');
    await expect(page.getByRole('status')).toContainText('look again at minute 6');
    await page.getByLabel('Minute, 3').fill('2');
    await page.getByLabel('In it, ml, 3').fill('210');
    await expect(page.getByRole('status')).toContainText('fills as it should');
    await page.getByRole('button', { name: 'Keep this' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('The rack gets the water it should.');

    await page.goto(`${await machineAt(page, 'Morning Pot')}/lime`);
    await accessible(page);
    await page.getByLabel('Minutes', { exact: true }).fill('8');
    await page.getByLabel('Seconds').fill('10');
    await page.getByRole('button', { name: 'Keep this' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('longer than when it was clean');
    await page.getByRole('button', { name: 'Undo' }).click();

    await page.goto(`${await machineAt(page, 'Updraft')}/grease`);
    await page.getByLabel('Weight, g').fill('300');
    await page.getByRole('button', { name: 'Keep this' }).click();
    await expect(page.getByRole('alert')).toContainText('Are all of them on the scales?');
    await expect(page.getByLabel('Weight, g')).toHaveValue('300');
    await accessible(page);
    await page.goto(`${await machineAt(page, 'Updraft')}/measures?years=1`);
    await expect(page.getByRole('heading', { level: 1 })).toContainText('your usual');
    await accessible(page);
});
