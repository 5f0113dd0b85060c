import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { done, expect, test } from './support/household.js';

test.use({
    serviceWorkers: 'allow',
    expected: { errors: [/Failed to load resource/, /ERR_(FAILED|INTERNET_DISCONNECTED|CONNECTION_REFUSED)/] },
});

test('cut off in the middle, reloaded, the server killed: nothing is lost or written twice @narrow', async ({ page, context }) => {
    const port = test.info().project.name === 'phone' ? 8495 : 8496;
    const folder = `storage/instances/cut-${port}`;
    const demo = (...options) => execFileSync(
        'bin/demo', [`--port=${port}`, ...options], { env: { ...process.env, GOODRINSE_STATE: folder }, stdio: 'pipe' },
    );
    demo('--fresh');
    try {
        await page.goto(`http://127.0.0.1:${port}/login`);
        await page.getByLabel('E-mail address').fill('ama@marrowick.example');
        await page.getByLabel('Password').fill('harbour kettle nineteen');
        await page.getByRole('button', { name: 'Log in' }).click();
        await page.getByRole('button', { name: 'Start round' }).click();
        await done(page, 'Put these within reach.');
        await page.evaluate(async () => { await navigator.serviceWorker.ready; });
        await page.reload();
        await page.waitForFunction(async () => (await caches.keys()).length > 0 && navigator.serviceWorker.controller !== null);

        await context.setOffline(true);
        for (const title of [
            'Switch it off at the plug or breaker.', 'Lift the lower rack out.', 'Pick up what lies on the floor.',
            'Turn the filter out and lift it.',
        ]) {
            await done(page, title);
        }
        await expect(page.locator('[data-tray]')).toContainText('Lower rack, Fine filter.');
        process.kill(-Number(readFileSync(`${folder}/${port}.pid`, 'utf8')), 'SIGKILL');
        await context.setOffline(false);
        await page.reload();
        await expect(page.getByRole('heading', { level: 1 })).toHaveText('Hold the filter to the light. Which one is it?');
        await page.getByRole('radio', { name: 'Heavy' }).check();
        await done(page, 'Hold the filter to the light. Which one is it?');
        await done(page, 'Scrape the worst into the bin.');
        await expect(page.getByRole('status')).toContainText('6 steps wait here');

        demo();
        await expect(page.getByRole('status')).toBeHidden();
        await expect(page.getByRole('heading', { level: 1 })).toHaveText('Lay it in very hot, soapy water.');
        await expect(page.getByRole('img', { name: /In the tray: Lower rack, Fine filter/ })).toBeVisible();
        const ticks = execFileSync(
            'php',
            [
                '-r',
                `$d = new PDO("sqlite:${folder}/demo.sqlite"); $q = fn ($sql) => $d->query($sql);
                echo json_encode($q("select step, count(*) from ticks group by step")->fetchAll(PDO::FETCH_KEY_PAIR)),
                    $q("pragma integrity_check")->fetchColumn();`,
            ],
        ).toString();
        expect(ticks).toContain('ok');
        expect(JSON.parse(ticks.replace('ok', ''))).toEqual(
            { 'kit': 1, 'power-off': 1, 'rack-out': 1, 'pick-floor': 1, 'filter-out-twist': 1, 'hold-to-light': 1, 'scrape': 1 },
        );
    } finally {
        demo('--stop');
    }
});
