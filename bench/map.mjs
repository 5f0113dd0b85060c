// How long a tap on the spray-arm map takes to repaint, in a browser slowed down four times: three arms with forty jets each.
//   node bench/map.mjs http://127.0.0.1:8495 MAIL PASSWORD
import { chromium } from '@playwright/test';
import { existsSync } from 'node:fs';

const [base, mail, password] = process.argv.slice(2);
const TAPS = 60;
const browser = await chromium.launch({
    executablePath: ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find(existsSync),
    args: ['--no-sandbox', '--disable-gpu'],
});
const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
await page.goto(`${base}/login`);
await page.locator('input[type=email]').fill(mail);
await page.locator('input[type=password]').fill(password);
await page.locator('input[type=password]').press('Enter');
await page.waitForURL(`${base}/`);
await page.goto(`${base}/kitchen`);
const machine = await page.locator('main a', { hasText: 'Tarnbeck' }).first().getAttribute('href');
await page.goto(`${new URL(machine, base).href}/jets`);
// Each arm gets forty jets before the page's script reads it.
const given = JSON.parse(await page.locator('[data-map]').getAttribute('data-map'));
given.arms = ['lower', 'upper', 'roof'].map((id, n) => ({
    ...(given.arms[n] ?? given.arms[0]),
    id,
    jets: Array.from({ length: 40 }, (_, i) => ({ place: (i - 19.5) / 20, side: 'top', bore: 2.5, blocked: 0 })),
}));
await page.route('**/jets', async (route) => {
    const answer = await route.fetch();
    const html = await answer.text();
    const text = JSON.stringify(given).replaceAll('&', '&amp;').replaceAll('"', '&quot;');
    await route.fulfill({ response: answer, body: html.replace(/data-map="[^"]*"/, () => `data-map="${text}"`) });
});
await page.reload();
await page.locator('.arms--live').waitFor();
await (await page.context().newCDPSession(page)).send('Emulation.setCPUThrottlingRate', { rate: 4 });
const times = await page.evaluate(async (taps) => {
    const frame = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
    const measured = [];
    for (let i = 0; i < taps; i += 1) {
        await frame();
        const jets = document.querySelectorAll('.jet');
        const before = performance.now();
        jets[i % jets.length].click();
        document.querySelector('.arms').getBoundingClientRect(); // lays the page out
        measured.push(performance.now() - before);
    }
    return measured.sort((a, b) => a - b);
}, TAPS);
const at = (share) => times[Math.min(times.length - 1, Math.floor(share * times.length))].toFixed(1);
console.log('spray-arm map, one tap, 3 arms × 40 jets, processor slowed 4 times');
console.log(`  median ${at(0.5)} ms, slowest twentieth ${at(0.95)} ms   bar 16 ms`);
await browser.close();
