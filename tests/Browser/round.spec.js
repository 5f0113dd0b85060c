import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { atStep, done, expect, goThrough, logIn, test } from './support/household.js';

test.use({ expected: { errors: [/Failed to load resource/, /ERR_(FAILED|INTERNET_DISCONNECTED|CONNECTION_REFUSED)/] } });

async function startQuick(page) {
    await logIn(page);
    await page.getByRole('button', { name: 'Look and wipe instead' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Put these within reach.');
}

async function endAndUndo(page) {
    await goThrough(page);
    await page.getByRole('button', { name: /^Finish( space)?$/ }).click();
    await page.getByRole('button', { name: 'Undo this check' }).click();
    await expect(page.getByRole('status')).toContainText('Undone');
}

test('by keys alone @wide', async ({ page }) => {
    const heading = page.getByRole('heading', { level: 1 });
    await startQuick(page);
    for (const title of [
        'Put these within reach.', 'Lift the lower rack out.', 'Pick up what lies on the floor.',
        'Turn the filter out and lift it.',
    ]) {
        await atStep(page, title);
        await page.keyboard.press('a');
        await page.keyboard.press('Space');
    }
    await atStep(page, 'Hold the filter');
    await page.keyboard.press('2');
    await expect(page.getByRole('radio', { name: 'Film' })).toBeChecked();
    await page.keyboard.press('n');
    await page.keyboard.type('a seed in the ring');
    await page.getByRole('textbox', { name: 'Note' }).blur();
    await page.keyboard.press('Space');
    await atStep(page, 'Rinse it under the tap.');
    await page.keyboard.press('ArrowLeft');
    await expect(heading).toContainText('Hold the filter');
    await expect(page.getByRole('radio', { name: 'Film' })).toBeChecked();
    await page.goto('/');
    await page.getByRole('link', { name: 'Go on' }).click();
    await atStep(page, 'Rinse it under the tap.');
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
    await page.keyboard.press('Escape');
    await endAndUndo(page);
    await page.goto('/logbook');
    await page.getByText(/more from the same round/).first().click();
    await expect(page.getByText('A seed in the ring').or(page.getByText('a seed in the ring')).first()).toBeVisible();
});

test('a network that drops keeps the round going and sends each step once @narrow', async ({ page, context }) => {
    await startQuick(page);
    await done(page, 'Put these within reach.');
    await context.setOffline(true);
    await page.locator('.step__do .push--main').click();
    await expect(page.getByRole('status')).toContainText('1 step waits here');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Pick up what lies on the floor.');
    await context.setOffline(false);
    await expect(page.getByRole('status')).toBeHidden();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Pick up what lies on the floor.');

    await page.locator('.step__do .push--main').dblclick();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Turn the filter out and lift it.');
    await endAndUndo(page);
});

test('a form without its token is refused @wide', async ({ page }) => {
    await logIn(page);
    const answer = await page.request.post('/household/invitations', { headers: { Accept: 'text/html' } });
    expect(answer.status()).toBe(419);
    expect(await answer.text()).toContain('This page was open too long.');
});

test('a picture is taken and shown, a broken one is refused and nothing is lost @narrow', async ({ page }) => {
    await startQuick(page);
    for (const title of [
        'Put these within reach.', 'Lift the lower rack out.', 'Pick up what lies on the floor.',
        'Turn the filter out and lift it.',
    ]) {
        await done(page, title);
    }
    await page.getByRole('radio', { name: 'Film' }).check();
    await page.locator('input[type=file]').setInputFiles(
        { name: 'filter.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture at all') },
    );
    await page.locator('.step__do .push--main').click();
    await expect(page.getByRole('alert')).toContainText('That picture could not be read.');
    await expect(page.getByRole('radio', { name: 'Film' })).toBeChecked();
    const picture = await page.locator('.swatches').screenshot({ type: 'jpeg' });
    await page.locator('input[type=file]').setInputFiles({ name: 'filter.jpg', mimeType: 'image/jpeg', buffer: picture });
    await page.locator('.step__do .push--main').click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Rinse it under the tap.');
    await page.goto(`${page.url().split('?')[0]}?step=hold-to-light`);
    const image = page.getByRole('img', { name: 'Picture you added at this step' });
    await expect(image).toBeVisible();
    expect(await image.evaluate((img) => img.naturalWidth)).toBeGreaterThan(100);
    await page.goto('/');
    await page.getByRole('link', { name: 'Go on' }).click();
    await endAndUndo(page);
});

test('killing the server in the middle of a round loses no tick @wide', async ({ page }) => {
    const env = { ...process.env, GOODRINSE_STATE: 'storage/instances/killed' };
    const demo = (...options) => execFileSync('bin/demo', ['--port=8497', ...options], { env, stdio: 'pipe' });
    const base = 'http://127.0.0.1:8497';
    demo('--fresh');
    try {
        await page.goto(`${base}/login`);
        await page.getByLabel('E-mail address').fill('ama@marrowick.example');
        await page.getByLabel('Password').fill('harbour kettle nineteen');
        await page.getByRole('button', { name: 'Log in' }).click();
        await page.getByRole('button', { name: 'Start round' }).click();
        for (const title of [
            'Put these within reach.', 'Switch it off at the plug or breaker.', 'Lift the lower rack out.',
            'Pick up what lies on the floor.', 'Turn the filter out and lift it.',
        ]) {
            await done(page, title);
        }
        await done(page, 'Hold the filter to the light. Which one is it?', 'Heavy');
        await done(page, 'Scrape the worst into the bin.');
        await done(page, 'Lay it in very hot, soapy water.');

        process.kill(-Number(readFileSync('storage/instances/killed/8497.pid', 'utf8')), 'SIGKILL');
        await done(page, 'Look into the open sump.');
        await expect(page.getByRole('status')).toContainText('1 step waits here');
        demo();
        await expect(page.getByRole('status')).toBeHidden();
        await expect(page.getByRole('heading', { level: 1 })).toHaveText('Wipe the door seal and the floor.');
        await expect(page.getByRole('timer')).toHaveText(/^2\d:\d\d$/);
        await page.reload();
        await expect(page.getByRole('img', { name: /In the tray: Lower rack, Fine filter/ })).toBeVisible();
        await page.goto(`${base}/logbook`);
        await expect(page.locator('.line').first()).toContainText('Fine filter checked: heavy, left as it was');
    } finally {
        demo('--stop');
    }
});
