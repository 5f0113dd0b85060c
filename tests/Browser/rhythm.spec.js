import { accessible, expect, logIn, test } from './support/household.js';

const heading = (page) => page.getByRole('heading', { level: 1 });

test('a year by keyboard, why a date is what it is, what another start would move, and not now @wide', async ({ page }, { project }) => {
    await logIn(page);
    await page.goto('/rhythm');
    await expect(heading(page)).toContainText('How often Tarnbeck 60 needs care');
    await accessible(page);
    const opening = page.locator('.year').first().getByRole('link', { name: /found, left/ }).last();
    await opening.focus();
    await page.keyboard.press('Enter');
    await expect(heading(page)).toHaveText('This entry, and what came before.');
    await expect(page.locator('.line--pointed')).toContainText('Fine filter. Found');

    await page.goto('/rhythm');
    await page.getByRole('link', { name: 'Why, or not now? Fine filter' }).click();
    await expect(page.locator('.sums').first()).toContainText(/left in place \+ [\d.]+ ÷ [\d.]+ = [\d.]+/);
    await accessible(page);
    if (project.name === 'phone') {
        return;
    }
    await page.getByRole('link', { name: 'Change the start' }).click();
    await page.getByRole('radio', { name: 'Straight in' }).check();
    await page.getByRole('button', { name: 'See what moves' }).click();
    await expect(heading(page)).toHaveText('This is what would move.');
    await expect(page.locator('.is-moved').first()).toContainText(/days? earlier/);
    await accessible(page);
    await page.getByRole('link', { name: 'Leave it as it was' }).click();

    await page.goto('/');
    await page.getByRole('link', { name: /^Why, or not now\?/ }).first().click();
    await page.getByRole('button', { name: 'Put it off' }).click();
    await expect(page.getByLabel('Because')).toBeFocused(); // the browser asks for the reason
    await page.getByLabel('Because').fill('Guests in the kitchen');
    await page.getByRole('button', { name: 'Put it off' }).click();
    await expect(page.getByText(/Put off:[\s\S]*\(Guests in the kitchen\)/)).toBeVisible();
    await expect(heading(page)).toContainText('Nothing to do today.');
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.goto('/');
    await expect(heading(page)).toContainText('One round today.');
});

test('a simulated counter counts, a table is read, the calendar opens and mail lands @wide', async ({ page, request }) => {
    await logIn(page);
    await page.goto('/kitchen');
    await page.getByRole('link', { name: /Updraft/ }).click();
    await page.getByText('More about this machine').click();
    await page.getByRole('link', { name: 'Counters' }).click();
    await accessible(page);
    await page.getByRole('button', { name: 'Add it' }).click();
    await expect(page.getByLabel('Give it to the device.')).toHaveValue(/^\w{40}$/);
    await page.getByRole('button', { name: 'Start the simulator' }).click();
    await expect(page.locator('tbody tr').first()).toContainText('taken');
    await accessible(page);

    await page.goto('/kitchen');
    await page.getByRole('link', { name: /Skerry 45/ }).click();
    await page.getByText('More about this machine').click();
    await page.getByRole('link', { name: 'Counters' }).click();
    await page.getByRole('link', { name: 'Have a table of readings instead?' }).click();
    await page.getByLabel('Or paste it').fill('when,total\n2026-01-05,10\nrubbish\n2026-01-12,14');
    await page.getByRole('button', { name: 'Check it' }).click();
    await expect(heading(page)).toHaveText('2 lines can be used, one cannot.');
    await expect(page.getByText('Line 3:')).toBeVisible();
    await accessible(page);
    await page.getByRole('button', { name: 'Save 2 lines' }).click();
    await expect(page.getByRole('status')).toContainText('2 readings are saved.');

    await page.goto('/reminders');
    await page.getByRole('button', { name: 'Make an address' }).click();
    const feed = await request.get(await page.getByLabel('Subscribe to this.').inputValue());
    expect(await feed.text()).toContain('SUMMARY:Fine filter\\, Tarnbeck 60');
    await page.getByRole('button', { name: "Send today's now" }).click();
    await expect(page.locator('.mail')).toContainText('Fine filter, Tarnbeck 60: due');
    await accessible(page);
    await page.goto((await page.locator('.mail').innerText()).match(/To stop these mails: (\S+)/)[1]);
    await page.getByRole('button', { name: 'Stop them' }).click();
    await expect(heading(page)).toHaveText('You get no more mail from here.');
    await page.goto('/household/water?strip=1');
    await expect(heading(page)).toHaveText('This is what would move.');
    await accessible(page);
    await page.goto('/away');
    await accessible(page);
    // The simulator writes into the household until it is through.
    await page.goto('/kitchen');
    await page.getByRole('link', { name: /Updraft/ }).click();
    await page.getByText('More about this machine').click();
    await page.getByRole('link', { name: 'Counters' }).click();
    await page.getByRole('link', { name: 'Hob-hours sensor' }).click();
    await expect(async () => {
        await page.reload();
        expect(await page.locator('tbody tr').filter({ hasNotText: 'came in late' }).count()).toBeGreaterThanOrEqual(4);
    }).toPass({ timeout: 30_000 });
});
