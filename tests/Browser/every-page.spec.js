import { everyPage } from './crawl.js';
import { faults } from './geometry.js';
import { expect, logIn, test } from './household.js';

// Every page that a link leads to, one of each kind, at four sizes: a desk, a phone, 200 % and 400 % of a desk.
const SIZES = [[1280, 800], [390, 844], [640, 512], [320, 256]];
test('every page: one heading, a title of its own, nothing sideways, no control hidden or too small @wide', async ({ page }) => {
    test.setTimeout(400_000);
    await logIn(page);
    const pages = await everyPage(page);
    expect(pages.size).toBeGreaterThan(45);
    const titles = new Map();
    const found = [];
    for (const [width, height] of SIZES) {
        await page.setViewportSize({ width, height });
        for (const [kind, address] of pages) {
            await page.goto(address);
            if (kind !== '/trace') { // the same page, for the machine last looked at
                titles.set(kind, await page.title());
            }
            found.push(...(await faults(page)).map((fault) => `${kind} at ${width} × ${height}: ${fault}`));
        }
    }
    expect(found).toEqual([]);
    const twice = [...titles.values()].filter((title, at, all) => all.indexOf(title) !== at);
    expect(twice, 'two pages of one title').toEqual([]);
});
