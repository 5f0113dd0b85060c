// Draws the icons of the installed application from public/icon.svg:  node resources/icons/make.mjs
import { chromium } from '@playwright/test';
import { existsSync, readFileSync } from 'node:fs';

const glass = readFileSync('public/icon.svg', 'utf8');
const browser = await chromium.launch({
    executablePath: ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find(existsSync),
    args: ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage'],
});
// A maskable one keeps its drawing within the middle four fifths, whatever shape it is cut to.
for (const [name, size, share, radius] of [['192', 192, 0.78, 0.2], ['512', 512, 0.78, 0.2], ['maskable', 512, 0.56, 0]]) {
    const page = await browser.newPage({ viewport: { width: size, height: size } });
    await page.setContent(`<style>html,body{margin:0;background:transparent}
        div{display:grid;place-items:center;width:${size}px;height:${size}px;background:#f5f2ea;border-radius:${radius * size}px}
        svg{height:${share * size}px}</style><div>${glass}</div>`);
    await page.screenshot({ path: `public/icons/${name}.png`, omitBackground: true });
}
await browser.close();
