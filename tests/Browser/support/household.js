import AxeBuilder from '@axe-core/playwright';
import { test as base, expect } from '@playwright/test';
import { copyFileSync, existsSync, rmSync } from 'node:fs';

export { expect };

export const DEMO = { email: 'ama@marrowick.example', password: 'harbour kettle nineteen' };

// Each worker has a demo of its own, so that two tests never share a household.
const port = () => 8499 - test.info().parallelIndex;

// The demo household as it was loaded.
function restore() {
    const state = `storage/instances/browser-${port()}`;
    const [database, kept] = [`${state}/demo.sqlite`, `${state}/kept.sqlite`];
    for (const rest of ['-wal', '-shm']) {
        rmSync(database + rest, { force: true });
    }
    if (existsSync(kept)) {
        copyFileSync(kept, database);
    } else {
        copyFileSync(database, kept);
    }
}

// A page whose console errors and script errors fail the test, unless the test expects them.
export const test = base.extend({
    expected: [{ errors: [] }, { option: true }],

    baseURL: async ({}, use) => use(`http://127.0.0.1:${port()}`),

    // Every test of every file begins with it.
    restored: [async ({}, use) => {
        restore();
        await use();
    }, { auto: true }],

    page: async ({ page, expected }, use) => {
        const trouble = [];
        page.on('console', (message) => message.type() === 'error' && trouble.push(message.text()));
        page.on('pageerror', (error) => trouble.push(error.message));
        page.on(
            'request',
            (request) => !/^(data:|blob:|http:\/\/127\.0\.0\.1)/.test(request.url())
                && trouble.push(`left the machine: ${request.url()}`),
        );
        await use(page);
        expect(trouble.filter((text) => !expected.errors.some((pattern) => pattern.test(text)))).toEqual([]);
    },
});

// Cookies of the demo household's last login: logging in for each test would meet the limit on logging in.
let cookies = [];

export async function logIn(page, { email, password } = DEMO) {
    if (email === DEMO.email) {
        await page.context().addCookies(cookies);
        await page.goto('/');
        if (new URL(page.url()).pathname === '/') {
            return;
        }
    }
    await page.goto('/login');
    await page.getByLabel('E-mail address').fill(email);
    await page.getByLabel('Password').fill(password);
    await page.getByRole('button', { name: 'Log in' }).click();
    await expect(page).toHaveURL('/');
    if (email === DEMO.email) {
        cookies = await page.context().cookies();
    }
}

// axe in light and, on the wide screen, in dark; and nothing sticks out sideways.
export async function accessible(page) {
    const schemes = test.info().project.name === 'phone' ? ['light'] : ['light', 'dark'];
    for (const colorScheme of schemes) {
        await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
        const axe = new AxeBuilder({ page }).setLegacyMode(true); // there are no frames, and it is twice as quick
        // Only the colours differ in the dark, and on the phone how large things are.
        const some = colorScheme === 'dark' ? 'color-contrast' : test.info().project.name === 'phone' ? 'target-size' : null;
        const rules = some ? axe.withRules([some]) : axe.options({
            resultTypes: ['violations'],
            runOnly: { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'] },
        });
        const { violations } = await rules.analyze();
        expect(
            violations.map(({ id, nodes }) => `${colorScheme} ${id}: ${nodes.map((node) => node.target.join(' ')).join(', ')}`),
        ).toEqual([]);
    }
    await page.emulateMedia({ colorScheme: 'light' });
    expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth), 'nothing sticks out sideways').toBe(true);
}

const heading = (page) => page.getByRole('heading', { level: 1 });

// Waits until the page's scripts listen: a key pressed or a slider moved before that is lost.
export async function listening(page) {
    await expect(page.locator('html[data-listens]')).toBeAttached();
}

// Waits for the step with this heading, and until it listens to keys.
export async function atStep(page, title) {
    await expect(heading(page)).toContainText(title);
    await listening(page);
}

// What a step wants beside a picked answer: something counted, and that a cycle has ended before its time.
async function fillIn(page) {
    const count = page.locator('input[type=number][name=answer]');
    if ((await count.count()) && (await count.inputValue()) === '') {
        await count.fill('4');
    }
    const ended = page.locator('#tick input[name=ended]');
    if (await ended.count()) {
        await ended.check();
    }
}

// Presses the main button, or says that the kit is all here, and waits for the next step.
async function goOn(page) {
    const said = await heading(page).innerText();
    const all = page.getByRole('button', { name: 'It is all here' });
    await ((await all.count()) ? all : page.locator('.step__do .push--main')).click();
    await page.waitForFunction((old) => (document.querySelector('h1')?.innerText ?? old) !== old, said);
}

// Presses the main button of the step with this heading and waits for another step.
export async function done(page, title, answer = null) {
    await expect(heading(page)).toHaveText(title);
    await fillIn(page);
    if (answer !== null) {
        await page.getByRole('radio', { name: answer }).check();
    }
    await goOn(page);
}

// Does the step that is shown, with its first answer or the one of that number.
export async function stepOn(page, answer = 0) {
    await fillIn(page);
    const choices = page.locator('input[type=radio][name=answer]');
    if (await choices.count()) {
        await choices.nth(answer).check();
    }
    await goOn(page);
}

// Goes on through a round with the first answer of each question, or the one named by its number, until a heading
// comes up.
export async function goThrough(page, answers = {}, until = 'Everything is done') {
    for (let turn = 0; turn < 90; turn += 1) {
        const title = await heading(page).innerText();
        if (title.startsWith(until)) {
            return;
        }
        await stepOn(page, answers[title]);
    }
    throw new Error('the round never ends');
}
