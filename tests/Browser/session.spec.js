import { accessible, done, expect, listening, logIn, test } from './support/household.js';

test('a session: a step moved by key, begun, and led from machine to machine by ticks @wide', async ({ page }) => {
    await logIn(page);
    await page.goto('/plan');
    for (const job of [/^Wash the metal filters/, /^Descale by its programme/]) {
        await page.getByRole('checkbox', { name: job }).check();
    }
    await page.getByRole('button', { name: 'Plan it' }).click();
    const heading = page.getByRole('heading', { level: 1 });
    const first = page.locator('[data-block]').first();
    const [block, from] = [await first.getAttribute('data-block'), await first.getAttribute('data-from')];
    const planned = await heading.innerText();
    await listening(page);
    await first.focus();
    await page.keyboard.press('ArrowRight');
    const moved = page.locator(`[data-block="${block}"]`);
    await expect(moved).not.toHaveAttribute('data-from', from);
    await listening(page);
    await moved.focus();
    await page.keyboard.press('Delete');
    await expect(moved).toHaveAttribute('data-from', from);
    await expect(heading).toHaveText(planned);

    await page.getByRole('button', { name: 'Begin now' }).click();
    await expect(page.getByText('As planned.')).toBeVisible();
    await accessible(page);
    await page.getByRole('button', { name: 'Go on' }).click();
    const machine = page.locator('[x-ref=where]');
    const where = (await machine.innerText()).split('·')[1];
    for (let step = 0; step < 12 && (await machine.innerText()).includes(where); step += 1) {
        const radios = page.locator('#tick input[type=radio]');
        if ((await radios.count()) > 0 && (await page.locator('#tick input[type=radio]:checked').count()) === 0) {
            await radios.first().check({ force: true });
        }
        await done(page, await heading.innerText());
    }
    await expect(machine).not.toContainText(where);
    await expect(page.getByText(/^Now the /)).toBeVisible();
    await page.goto('/');
    await page.getByRole('link', { name: 'To the session' }).click();
    await expect(page.locator('.lanes__piece--done').first()).toBeAttached();
});
