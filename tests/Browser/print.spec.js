import { expect, logIn, test } from './support/household.js';

// Sheets of A4 that a page takes, as the browser prints it.
const sheets = async (page) => ((await page.pdf({ format: 'A4', preferCSSPageSize: true })).toString('latin1')
    .match(/\/Type ?\/Page[^s]/g) ?? []).length;

const linkOf = (page, pattern) => page.evaluate(
    (wanted) => [...document.querySelectorAll('a[href]')].map((a) => new URL(a.getAttribute('href'), location.href).pathname)
        .find((path) => new RegExp(wanted).test(path)),
    pattern,
);

test('each page prints on as few sheets as it needs, dark on white @wide', async ({ page }) => {
    await logIn(page);
    const why = await linkOf(page, '/rhythm/[\\w-]+$');
    const trace = await linkOf(page, '^/traces/\\w{26}$');
    await page.goto('/kitchen');
    const machine = await linkOf(page, '^/machines/\\w{26}$');
    await page.goto('/handbook');
    const procedure = await linkOf(page, '/handbook/[\\w-]+/filter-clean$');
    await page.goto('/logbook');
    const most = {
        '/': 1, [why]: 2, [machine]: 2, [procedure]: 2, '/handbook/keep-apart': 2, [`${trace}/sheet`]: 1, '/cupboard/list': 1,
        '/rhythm': 2,
    };
    const found = {};
    for (const address of Object.keys(most)) {
        await page.goto(address);
        found[address] = await sheets(page);
        await page.emulateMedia({ media: 'print', colorScheme: 'dark' });
        const [ink, ground, cut] = await page.evaluate(() => {
            const light = (colour) => colour.match(/\d+/g).slice(0, 3).reduce((sum, part) => sum + Number(part), 0) / 765;
            const { color, backgroundColor } = getComputedStyle(document.body);

            return [
                light(color), light(backgroundColor),
                // A word in a table is never broken: no cell is narrower than its longest word.
                [...document.querySelectorAll('td, th')].filter((cell) => cell.checkVisibility() && cell.scrollWidth > cell.clientWidth + 1
                    && getComputedStyle(cell).position !== 'sticky').map((cell) => cell.innerText),
            ];
        });
        expect(ink, address).toBeLessThan(0.4);
        expect(ground, address).toBe(1);
        expect(cut, address).toEqual([]);
        await page.emulateMedia({ media: null, colorScheme: 'light' });
    }
    expect(Object.entries(found).filter(([address, count]) => count === 0 || count > most[address])).toEqual([]);
});
