import { accessible, expect, listening, logIn, test } from './support/household.js';

test('something poured is written down in three taps from Today, with its verdict before saving', async ({ page }) => {
    await logIn(page);
    let taps = 0;
    const tap = async (target) => {
        taps += 1;
        await target.click({ force: true });
    };
    await tap(page.getByRole('link', { name: 'sink', exact: true }));
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('What went into the sink?');
    await tap(page.getByRole('radio', { name: 'citric acid' }));
    await expect(page.locator('.pour__said')).toHaveText(/^Fine\. Safe with what is in there\./);
    await tap(page.getByRole('button', { name: 'Write it down' }));
    await expect(page.getByRole('status')).toContainText('Written down.');
    expect(taps).toBe(3);

    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'Keep apart: sink' })).toBeVisible();
    await accessible(page);
});

test('what must not go in asks whether it has happened, and says what to do then @narrow', async ({ page }) => {
    await logIn(page);
    await page.getByRole('link', { name: /Tarnbeck 60, tub/ }).click();
    await expect(page.getByText('Since it was last cleared')).toContainText('white vinegar');
    await accessible(page);
    await page.getByRole('radio', { name: 'hydrogen peroxide' }).check();
    await expect(page.locator('.pour__said')).toContainText(
        'Clear first. Hydrogen peroxide and white vinegar in one vessel form a peracid',
    );
    await page.getByRole('button', { name: 'Write it down' }).click();
    await expect(page).toHaveURL(/pour$/); // the box must be ticked first
    await page.getByRole('radio', { name: 'dish soap' }).check();
    await expect(page.getByLabel('It has already happened.')).toBeHidden();
    await page.getByRole('radio', { name: 'hydrogen peroxide' }).check();
    await page.getByLabel('It has already happened.').check();
    await page.getByRole('button', { name: 'Write it down' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Do this now.');
    await expect(page.getByText('Add nothing to cancel it out')).toBeVisible();
    await accessible(page);
    await page.getByRole('button', { name: 'The plain cycle has run' }).click();
    await page.goto('/');
    await expect(page.getByRole('heading', { name: /tub of Tarnbeck 60/ })).toHaveCount(0);
});

test.describe('in a round', () => {
// The refusal is an answer of its own, which the browser notes as an error.
test.use({ expected: { errors: [/422/] } });

test('a step that pours stops while something in the vessel must not meet it', async ({ page }) => {
    await logIn(page);
    await page.goto('/handbook/dishwasher/acid-wash');
    await page.getByRole('link', { name: 'Tarnbeck 60' }).click();
    await page.getByRole('button', { name: 'Start it on Tarnbeck 60' }).click();
    const round = page.url();
    const done = () => page.getByRole('button', { name: /^Done/ }).click();
    await page.getByRole('button', { name: 'It is all here' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Is the machine empty?');
    await done();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Run the kitchen tap until it is hot.');

    await page.goto('/');
    await page.getByRole('link', { name: /Tarnbeck 60, tub/ }).click();
    await page.getByRole('radio', { name: 'oxygen bleach' }).check();
    await page.getByLabel('It has already happened.').check();
    await page.getByRole('button', { name: 'Write it down' }).click();

    await page.goto(round);
    await done();
    await page.getByRole('radio', { name: 'White vinegar' }).check();
    await done();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('A cup of white vinegar, upright on the upper rack.');
    await expect(page.getByRole('heading', { name: 'Clear first' })).toBeVisible();
    await accessible(page);
    await done();
    await expect(page.locator('.said--trouble:visible')).toContainText('peracid');
    await page.getByRole('button', { name: 'The plain cycle has run' }).click();
    await expect(page.getByRole('heading', { name: 'Clear first' })).toHaveCount(0);
    await page.getByText('Poured another amount').click();
    await page.getByLabel('half of it', { exact: true }).check();
    await done();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Start the hottest, longest cycle.');
    await page.goto('/logbook');
    await expect(page.getByText('120 ml of white vinegar into the tub (5 %)')).toBeAttached();
});
});

test('the handbook narrows as you type and every page of it is legible to all @wide', async ({ page }) => {
    await logIn(page);
    await page.getByRole('link', { name: 'Handbook' }).click();
    await accessible(page);
    await page.getByRole('searchbox').fill('vinegar rack');
    await expect(page.getByRole('link', { name: /^Acid wash/ }).first()).toBeVisible();
    await expect(page.getByRole('link', { name: /^Drain path/ })).toHaveCount(0);
    await page.getByRole('searchbox').fill('musty');
    await expect(page.getByText('Elsewhere in the handbook')).toBeVisible();
    await page.getByRole('searchbox').fill('zebra');
    await expect(page.getByRole('status')).toContainText('Nothing has all of these words');
    for (const place of ['keep-apart', 'symptoms', 'schools', 'dishwasher/strip-down', 'hood/wash-filters']) {
        await page.goto(`/handbook/${place}`);
        await accessible(page);
    }
});

test('each sort of machine can be added, drawn and started @wide', async ({ page }) => {
    await logIn(page);
    for (const [kind, name, step] of [
        ['hood', 'Gale', 'Put these within reach.'], ['drip-brewer', 'Drop', 'Put these within reach.'],
        ['pod-brewer', 'Thimble', 'Put these within reach.'],
    ]) {
        await page.goto(`/machines/new?kind=${kind}`);
        await accessible(page);
        await page.getByText('More, if you know it').click();
        await page.getByLabel('What you call it, or what it says on the door').fill(name);
        await page.getByRole('button', { name: 'Put it in the kitchen' }).click();
        await page.goto('/kitchen');
        await page.getByRole('link', { name: new RegExp(name) }).click();
        await accessible(page);
        await page.getByRole('button', { name: /^Start: / }).first().click();
        await expect(page.getByRole('heading', { level: 1 })).toHaveText(step);
    }
});

test('what was poured is found by typing, and Enter picks it @wide', async ({ page }) => {
    await logIn(page);
    await page.getByRole('link', { name: /Tarnbeck 60, tub/ }).click();
    const agents = page.locator('.agent:visible');
    expect(await agents.count()).toBeGreaterThan(15);
    await listening(page);
    await page.getByLabel('Type to find what it was').fill('rinse');
    await expect(agents).toHaveCount(1);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('radio', { name: /^rinse aid/ })).toBeChecked();
    await expect(page.getByRole('radio', { name: /^rinse aid/ })).toBeFocused();
    await page.getByLabel('Type to find what it was').fill('');
    expect(await agents.count()).toBeGreaterThan(15);
});
