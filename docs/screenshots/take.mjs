// Takes the pictures of the README anew, on a demo household of its own:  node docs/screenshots/take.mjs
import { execFileSync } from 'node:child_process';
import { chromium } from '@playwright/test';
import { existsSync } from 'node:fs';

const base = 'http://127.0.0.1:8496';
const env = { ...process.env, GOODRINSE_STATE: 'storage/instances/screenshots' };
const demo = (...options) => execFileSync('bin/demo', ['--port=8496', ...options], { env, stdio: 'ignore' });
const desk = { viewport: { width: 1280, height: 800 } };
const phone = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true };

demo('--fresh');
const browser = await chromium.launch(
    {
        executablePath: ['/usr/bin/chromium', '/usr/bin/chromium-headless-shell'].find(existsSync),
        args: ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--disable-background-networking'],
    },
);
try {
    const visitor = await (await browser.newContext(desk)).newPage();
    await visitor.goto(`${base}/login`);
    const shoot = async (page, name) => {
        await page.evaluate(() => document.fonts.ready);
        await page.waitForTimeout(250);
        await page.screenshot({ path: `docs/screenshots/${name}.png` });
    };
    await visitor.getByLabel('E-mail address').fill('ama@marrowick.example');
    await visitor.getByLabel('Password').fill('harbour kettle nineteen');
    await visitor.getByRole('button', { name: 'Log in' }).click();
    await visitor.waitForURL(`${base}/`);
    for (const hint of ['round', 'rhythm', 'keep-apart', 'trace']) { // Ama has read them
        await visitor.evaluate((name) => fetch(`/hints/${name}`, {
            method: 'POST', headers: { 'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content },
        }), hint);
    }
    const storageState = await visitor.context().storageState();
    const open = async (options) => (await browser.newContext({ ...options, storageState })).newPage();
    const [light, dark, small] = [await open(desk), await open({ ...desk, colorScheme: 'dark' }), await open(phone)];

    for (const [page, path, name] of [
        [light, '/', 'today'], [dark, '/', 'today-dark'], [small, '/machines/new?kind=dishwasher', 'first-run-phone'],
        [light, '/kitchen', 'kitchen'], [light, '/cupboard', 'cupboard'], [light, '/rhythm', 'rhythm'], [light, '/household', 'household'],
        [light, '/handbook', 'handbook'], [small, '/handbook/keep-apart', 'keep-apart-phone'],
    ]) {
        await page.goto(base + path);
        await shoot(page, name);
    }
    await light.goto(`${base}/kitchen`);
    await light.getByRole('link', { name: /Tarnbeck/ }).click();
    await light.waitForURL(/machines/);
    await shoot(light, 'machine');
    await small.goto(`${light.url()}/jets`);
    for (const jet of ['Jet 5, 85 %', 'Jet 5, 85 %', 'Jet 4, 68 %', 'Jet 4, 68 %', 'Jet 2, 82 %']) {
        await small.getByRole('button', { name: jet }).click();
    }
    await small.evaluate(() => window.scrollTo(0, 120));
    await shoot(small, 'arms-phone');
    await light.goto(`${base}/kitchen`);
    await light.getByRole('link', { name: /Updraft/ }).click();
    await light.waitForURL(/machines/);
    await light.goto(`${light.url()}/measures`);
    await shoot(light, 'trends');
    await light.goto(`${base}/plan`);
    for (const job of [/^Wash the metal/, /^Descale by its/, /^Descale due/]) {
        await light.getByRole('checkbox', { name: job }).check();
    }
    await light.locator('#f-at').fill('15:00');
    await light.locator('#f-ready').fill('19:00');
    await light.getByRole('button', { name: 'Plan it' }).click();
    await light.waitForURL(/jobs/);
    await shoot(light, 'plan');
    await light.goto(base);
    await light.getByRole('link', { name: 'To the next card' }).click();
    await light.waitForURL(/traces/);
    await shoot(light, 'trace');
    await light.goto(`${base}/rhythm`);
    await light.getByRole('link', { name: 'Why, or not now? Fine filter' }).click();
    await light.waitForURL(/rhythm\/filter/);
    await shoot(light, 'why');

    await light.goto(base);
    await light.getByRole('button', { name: 'Start round' }).click();
    const heading = light.getByRole('heading', { level: 1 });
    const answer = async (page, title, first = 0) => {
        const answers = page.locator('input[type=radio][name=answer]');
        if (await answers.count()) {
            await answers.nth(first).check();
        }
    };
    const goOn = async (page, title) => {
        const all = page.getByRole('button', { name: 'It is all here' });
        await ((await all.count()) ? all : page.locator('.step__do .push--main')).click();
        await page.waitForFunction((old) => document.querySelector('h1').innerText !== old, title);
    };
    for (let turn = 0; turn < 40; turn += 1) {
        const title = await heading.innerText();
        await answer(light, title, title.startsWith('Hold the filter') ? 3 : 0);
        if (title.startsWith('Hold the filter')) {
            await shoot(light, 'round-grade');
            await small.goto(light.url());
            await small.getByRole('radio', { name: 'Heavy' }).check();
            await shoot(small, 'round-grade-phone');
        }
        if (title.startsWith('Everything is done')) {
            break;
        }
        await goOn(light, title);
    }
    await light.getByRole('button', { name: 'Finish' }).click();
    await light.getByRole('link', { name: 'Back to Today' }).waitFor();

    await light.goto(`${base}/kitchen`);
    await light.getByRole('link', { name: /Skerry/ }).click();
    await light.getByRole('link', { name: 'Several in one round' }).click();
    for (const job of [/^Strip down/, /^Spray arms/, /^Acid wash/]) {
        await light.getByRole('checkbox', { name: job }).check();
    }
    await light.getByText('One by one it would take').waitFor();
    await light.goto(`${light.url().split('?')[0]}?procedures[]=strip-down`);
    await light.locator('#sum').getByRole('button', { name: 'Start' }).click();
    await light.waitForURL(/rounds\/\w{26}$/);
    for (let title = ''; !title.endsWith('Filter body out.'); ) {
        title = await heading.innerText();
        if (!title.endsWith('Filter body out.')) {
            await answer(light, title);
            await goOn(light, title);
        }
    }
    await shoot(light, 'round-tray');
    await light.goto(`${base}/logbook`);
    await shoot(light, 'logbook');
} finally {
    await browser.close();
    demo('--stop');
}
