import { faults } from './support/geometry.js';
import { expect, logIn, stepOn, test } from './support/household.js';

test.use({ expected: { errors: [/422/, /404 \(Not Found\)/] } });

const starting = (words) => new RegExp(`^${words.trim().split('\n')[0].replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}`);
const heading = (page) => page.getByRole('heading', { level: 1 });

// A person who only has Tab, Space, Enter and the arrows. Whatever Tab comes to must be in sight and on top.
class Keyboard {
    constructor(page) {
        this.page = page;
    }

    // Goes on by Tab to the first control whose name matches, and gives it back.
    async to(name, { role = null, most = 150 } = {}) {
        await this.page.waitForLoadState();
        for (let press = 0; press < most; press += 1) {
            await this.page.keyboard.press('Tab');
            const here = await this.page.evaluate(() => {
                const element = document.activeElement;
                const { left, top, width, height } = element.getBoundingClientRect();
                const [x, y] = [left + width / 2, top + Math.min(height / 2, 20)];
                const above = document.elementFromPoint(x, y);
                const label = element.labels?.[0]?.innerText ?? '';

                return {
                    tag: element.tagName, type: element.type ?? '',
                    name: (element.getAttribute('aria-label') ?? (label || element.innerText || '')).trim(),
                    seen: element === document.body || width <= 1 || above === null
                        || element.contains(above) || above.contains(element) || Boolean(above.closest('label')?.contains(element))
                        || [...(element.labels ?? [])].some((each) => each.contains(above)) || above.closest('svg') !== null,
                };
            });
            expect(here.seen, `${here.tag} “${here.name}” lies under something`).toBe(true);
            if (name.test(here.name) && (role === null || here.type === role)) {
                return here;
            }
        }
        throw new Error(`Tab never comes to ${name}`);
    }

    async press(name, key = 'Enter', options = {}) {
        await this.to(name, options);
        await this.page.keyboard.press(key);
    }
}

test('by Tab, Space and Enter alone: keys switched off, a whole job, the day after @wide', async ({ page }) => {
    await logIn(page);
    const keyboard = new Keyboard(page);
    await page.goto('/account');
    await keyboard.press(/^Use single keys/, 'Space');
    await keyboard.press(/^Save the keys/);
    await expect(page.getByRole('status')).toBeFocused();

    await page.goto('/');
    await keyboard.press(/^Look and wipe instead/);
    await expect(heading(page)).toHaveText('Put these within reach.');
    for (let turn = 0; turn < 40; turn += 1) {
        const title = await heading(page).innerText();
        await expect(heading(page), 'reading goes on at the step').toBeFocused();
        await page.keyboard.press('n'); // does nothing: single keys are off
        await expect(heading(page)).toBeFocused();
        if (title.startsWith('Everything is done')) {
            break;
        }
        if (await page.locator('[data-all-here]').count()) {
            await keyboard.press(/^It is all here/);
        } else {
            if (await page.locator('input[type=radio][name=answer]').count()) {
                await keyboard.to(/./, { role: 'radio' });
                await page.keyboard.press('Space');
            }
            await keyboard.press(starting(await page.locator('.step__do [form=tick]').innerText()));
        }
        await page.waitForFunction((old) => document.querySelector('h1')?.innerText !== old, title);
    }
    await keyboard.press(/^Finish/);
    await expect(page.getByRole('button', { name: /^Undo/ }).first()).toBeVisible();
    await keyboard.press(/^Undo/);
    await expect(page.getByRole('status').first()).toBeFocused();
});

test('by Tab, Space and Enter alone: something is wrong @wide', async ({ page }) => {
    await logIn(page);
    const keyboard = new Keyboard(page);
    await keyboard.press(/^Something wrong/);
    await expect(page).toHaveURL(/trace/);
    await keyboard.press(/./, 'Space', { role: 'checkbox' });
    await keyboard.press(/^Find out why/);
    await expect(page).toHaveURL(/traces\//);
    for (let turn = 0; turn < 4 && (await page.locator('.card-next__answers button').count()); turn += 1) {
        const card = await heading(page).innerText();
        await keyboard.press(starting(await page.locator('.card-next__answers button').first().innerText()));
        await page.waitForFunction((old) => document.querySelector('h1')?.innerText !== old, card);
        await page.waitForFunction(() => document.activeElement.matches('h1, .said'));
    }
});

test('by Tab, Space and Enter alone: the first account, the first machine, its first round @wide', async ({ page }) => {
    const keyboard = new Keyboard(page);
    await page.goto('/register');
    await expect(page.getByLabel('Your name')).toBeFocused();
    await page.keyboard.type('Wren');
    await keyboard.to(/^E-mail/);
    await page.keyboard.type('wren@nowhere.example');
    await keyboard.to(/^Password/);
    await page.keyboard.type('lantern on the quay');
    await page.keyboard.press('Enter');
    await expect(heading(page)).toHaveText('What is this kitchen called?');
    await keyboard.press(/^Create the household/);
    await expect(page).not.toHaveURL(/household/);
    await page.goto('/machines/new');
    await keyboard.press(/^Kettle/);
    await expect(page).toHaveURL(/kettle/);
    await keyboard.press(/^Put it in the kitchen/);
    await expect(page).not.toHaveURL(/machines.new/);
    await page.goto('/');
    await keyboard.press(/^Start/);
    await expect(page).toHaveURL(/\/rounds\//);
    await expect(heading(page)).toBeFocused();
});

test('each step of a round fits small screens, and wet hands find what they press @wide', async ({ page }) => {
    await logIn(page);
    await page.getByRole('button', { name: 'Start round' }).click();
    await expect(heading(page)).toHaveText('Put these within reach.');
    const found = [];
    for (let turn = 0; turn < 40; turn += 1) {
        const title = await heading(page).innerText();
        for (const [width, height] of [[390, 844], [640, 512], [320, 256]]) {
            await page.setViewportSize({ width, height });
            found.push(...(await faults(page, 43.5)).map((fault) => `${title} at ${width} × ${height}: ${fault}`));
        }
        if (title.startsWith('Everything is done')) {
            break;
        }
        await stepOn(page);
    }
    expect(found).toEqual([]);
});
