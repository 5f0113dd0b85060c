import { everyPage } from './support/crawl.js';
import { expect, logIn, test } from './support/household.js';

// Whatever is typed into a form: what it does not take stands at the top, has the focus, leads to its field, and what
// was typed is still there.
const TYPED = 'seven §';

// Types nonsense into a form and sends it past the browser's own checks; what the form is about, or null where it has
// nothing to type into.
const misuse = (page, at) => page.evaluate(([number, typed]) => {
    const form = document.querySelectorAll('main form[method=post]')[number];
    form.querySelectorAll('details').forEach((each) => { each.open = true; });
    for (let around = form.closest('details'); around; around = around.parentElement.closest('details')) {
        around.open = true;
    }
    const fields = [...form.querySelectorAll('input, textarea')].filter((field) => field.checkVisibility()).filter(
        (field) => ! ['hidden', 'checkbox', 'radio', 'file', 'range', 'password', 'search'].includes(field.type),
    );
    const method = form.querySelector('input[name=_method]')?.value.toLowerCase();
    if (fields.length === 0 || method === 'delete') {
        return null;
    }
    fields.forEach((field) => {
        field.type = field.matches('textarea') ? field.type : 'text';
        field.removeAttribute('maxlength');
        field.value = field.name.includes('name') || field.name === 'title' ? '' : typed;
    });
    form.noValidate = true;
    HTMLFormElement.prototype.requestSubmit.call(form, form.querySelector('button:not([type=button])'));

    return form.action;
}, [at, TYPED]);

test.use({ expected: { errors: [/422/] } }); // what a script sends is refused like that

test('every form says what it did not take, at the top and beside the field @wide', async ({ page }) => {
    test.setTimeout(400_000);
    await logIn(page);
    const pages = await everyPage(page);
    const faults = [];
    const done = new Set(); // one form stands on several pages
    let refused = 0;
    for (const [kind, address] of pages) {
        await page.goto(address);
        const forms = await page.locator('main form[method=post]').count();
        for (let at = 0; at < Math.min(forms, 12); at += 1) {
            await page.goto(address);
            const action = await page.locator('main form[method=post]').nth(at).getAttribute('action').catch(() => '');
            const like = (action ?? '').replace(/01[0-9a-z]{24}/gi, 'ID').replace(/\/[\w-]+$/, '');
            if (done.has(like) || /uses|tokens|strip|logout|undo|void/.test(action)) {
                continue;
            }
            done.add(like);
            const arrived = page.waitForEvent('load');
            if ((await misuse(page, at)) === null) {
                arrived.catch(() => {});
                continue;
            }
            await arrived;
            const summary = page.locator('.summary');
            if ((await summary.count()) === 0) {
                continue;
            }
            refused += 1;
            const fault = (words) => faults.push(`${kind} → ${like}: ${words}`);
            if (! (await page.title()).startsWith('Error: ')) {
                fault('the title does not say so');
            }
            await page.waitForTimeout(50);
            if (! (await summary.evaluate((element) => element === document.activeElement))) {
                fault('the summary has no focus');
            }
            for (const line of await summary.locator('li').all()) {
                const link = line.locator('a');
                if ((await link.count()) === 0) {
                    fault(`no field: ${await line.innerText()}`);
                    continue;
                }
                await link.click();
                const reached = await page.evaluate(() => document.activeElement.getAttribute('aria-invalid'));
                if (reached !== 'true') {
                    fault(`leads to no field: ${await line.innerText()}`);
                }
            }
            if (! (await page.evaluate(
                (typed) => [...document.querySelectorAll('main input, main textarea')].some(({ value }) => value === typed)
                    || ! [...document.querySelectorAll('[aria-invalid=true]')].some((field) => field.value !== '' && field.value !== typed),
                TYPED,
            ))) {
                fault('what was typed is gone');
            }
        }
    }
    expect(faults).toEqual([]);
    expect(refused).toBeGreaterThan(8);
});
