// Takes the pictures of the README anew, on a demo household of its own:  node docs/screenshots/take.mjs
import { execFileSync } from 'node:child_process';
import { chromium } from '@playwright/test';

const base = 'http://127.0.0.1:8496';
const env = { ...process.env, GOODRINSE_STATE: 'storage/instances/screenshots' };
const demo = (...options) => execFileSync('bin/demo', ['--port=8496', ...options], { env, stdio: 'ignore' });
const desk = { viewport: { width: 1280, height: 800 } };
const phone = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true };

demo('--fresh');
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--disable-background-networking'] });
try {
    const visitor = await (await browser.newContext(desk)).newPage();
    await visitor.goto(`${base}/login`);
    const shoot = async (page, name) => {
        await page.evaluate(() => document.fonts.ready);
        await page.waitForTimeout(250);
        await page.screenshot({ path: `docs/screenshots/${name}.png` });
    };
    await shoot(visitor, 'login');
    await visitor.getByLabel('E-mail address').fill('ama@marrowick.example');
    await visitor.getByLabel('Password').fill('harbour kettle nineteen');
    await visitor.getByRole('button', { name: 'Log in' }).click();
    await visitor.waitForURL(`${base}/`);
    const storageState = await visitor.context().storageState();
    const open = async (options) => (await browser.newContext({ ...options, storageState })).newPage();
    const [light, dark, small] = [await open(desk), await open({ ...desk, colorScheme: 'dark' }), await open(phone)];

    for (const [page, path, name] of [[light, '/', 'today'], [dark, '/', 'today-dark'], [small, '/', 'today-phone'], [light, '/kitchen', 'kitchen'], [light, '/household', 'household'], [light, '/machines/new', 'add-machine'], [light, '/handbook', 'handbook'], [small, '/handbook/keep-apart', 'keep-apart-phone']]) {
        await page.goto(base + path);
        await shoot(page, name);
    }
    await light.goto(`${base}/kitchen`);
    await light.getByRole('link', { name: /Tarnbeck/ }).click();
    await light.waitForURL(/machines/);
    await shoot(light, 'machine');
    await light.getByRole('link', { name: 'tub', exact: true }).click();
    await light.getByRole('radio', { name: 'hydrogen peroxide' }).check();
    await shoot(light, 'pour');
    await light.goto(`${base}/kitchen`);
    await light.getByRole('link', { name: /Updraft/ }).click();
    await light.waitForURL(/machines/);
    await shoot(light, 'machine-hood');
    await light.goto(`${base}/handbook/dishwasher/strip-down`);
    await shoot(light, 'procedure');

    await light.goto(base);
    await light.getByRole('button', { name: 'Start round' }).click();
    const heading = light.getByRole('heading', { level: 1 });
    for (let turn = 0; turn < 40; turn += 1) {
        const title = await heading.innerText();
        const answers = light.getByRole('radio');
        if (await answers.count()) {
            await answers.nth(title.startsWith('Hold the filter') ? 3 : 0).check();
        }
        if (title.startsWith('Hold the filter')) {
            await shoot(light, 'round-grade');
            await small.goto(light.url());
            await small.getByRole('radio', { name: 'Heavy' }).check();
            await shoot(small, 'round-grade-phone');
        }
        if (title.startsWith('Look into')) {
            await shoot(light, 'round-soak');
        }
        if (title.startsWith('Everything is done')) {
            break;
        }
        await light.locator('.step__do .push--main').click();
        await light.waitForFunction((old) => document.querySelector('h1').innerText !== old, title);
    }
    await light.getByRole('button', { name: 'Finish' }).click();
    await light.getByRole('link', { name: 'Back to Today' }).waitFor();
    await shoot(light, 'round-done');
    await light.goto(`${base}/logbook`);
    await shoot(light, 'logbook');
} finally {
    await browser.close();
    demo('--stop');
}
