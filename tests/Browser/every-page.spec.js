import { everyPage } from './support/crawl.js';
import { faults } from './support/geometry.js';
import { expect, logIn, test } from './support/household.js';

// Every page that a link leads to, one of each kind, at four sizes: a desk, a phone, 200 % and 400 % of a desk.
const SIZES = [[1280, 800], [390, 844], [640, 512], [320, 256]];
test('every page: one heading, a title of its own, nothing sideways, no control hidden or too small @wide', async ({ page }) => {
    test.setTimeout(400_000);
    await logIn(page);
    const pages = await everyPage(page);
    expect(pages.size).toBeGreaterThan(45);
    const titles = new Map();
    const found = [];
    for (const [number, [kind, address]] of [...pages].entries()) {
        // Each size is where a page begins for a quarter of them; then it has to follow, as a window that is turned or zoomed does.
        const sizes = SIZES.map((size, at) => SIZES[(at + number) % SIZES.length]);
        await page.setViewportSize({ width: sizes[0][0], height: sizes[0][1] });
        await page.goto(address);
        if (kind !== '/trace') { // the same page, for the machine last looked at
            titles.set(kind, await page.title());
        }
        for (const [width, height] of sizes) {
            await page.setViewportSize({ width, height });
            await page.evaluate(() => new Promise(requestAnimationFrame));
            found.push(...(await faults(page)).map((fault) => `${kind} at ${width} × ${height}: ${fault}`));
        }
    }
    expect(found).toEqual([]);
    const twice = [...titles.values()].filter((title, at, all) => all.indexOf(title) !== at);
    expect(twice, 'two pages of one title').toEqual([]);
});

test('without a script no button is shown that only a script answers @wide', async ({ page, browser, baseURL }) => {
    await logIn(page);
    const found = await everyPage(page);
    const withButtons = ['/', '/reminders', '/household', '/cupboard', '/machines/ID/uses', '/machines/ID/cup', '/machines/ID/jets'];
    const addresses = withButtons.map((kind) => found.get(kind)).filter(Boolean);
    expect(addresses.length).toBeGreaterThan(4);
    const plain = await browser.newContext({
        javaScriptEnabled: false, storageState: await page.context().storageState(), baseURL, viewport: { width: 1280, height: 800 },
    });
    const bare = await plain.newPage();
    const dead = [];
    for (const address of addresses) {
        await bare.goto(address);
        for (const button of await bare.locator('button[type=button]:visible').all()) {
            if ((await button.evaluate((element) => getComputedStyle(element).pointerEvents)) !== 'none') {
                dead.push(`${new URL(address).pathname}: ${await button.innerText()}`);
            }
        }
    }
    await plain.close();
    expect(dead).toEqual([]);
});

test('where the system chooses the colours the place and the main action still stand out @wide', async ({ page }) => {
    await logIn(page);
    await page.emulateMedia({ forcedColors: 'active' });
    const look = (selector) => page.locator(selector).first().evaluate((element) => {
        const { outlineStyle, borderTopWidth } = getComputedStyle(element);

        return { isOutlined: outlineStyle !== 'none', border: parseFloat(borderTopWidth) };
    });
    expect((await look('.places a[aria-current]')).isOutlined).toBe(true);
    expect((await look('.places a:not([aria-current])')).isOutlined).toBe(false);
    expect((await look('.push--main')).border).toBeGreaterThan((await look('.push:not(.push--main)')).border);
});
