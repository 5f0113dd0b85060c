// One page of each kind that links lead to, beginning at Today.
const KINDS = [
    [/01[0-9a-hjkmnp-tv-z]{24}/gi, 'ID'], [/handbook\/[^/]+\/[^/]+$/, 'handbook/K/P'], [/(rhythm|apart|vessels)\/[\w-]+/, '$1/X'],
    [/tasks\/(?!new)[\w-]+/, 'tasks/X'], [/mesh\/\d+/, 'mesh/N'],
];
const kindOf = (address) => KINDS.reduce((path, [pattern, word]) => path.replace(pattern, word), new URL(address).pathname);
const isFile = (address) => /\.(pdf|csv|ics|txt|zip)$|\/(documents|photos)\/|\/(export|card)$/.test(new URL(address).pathname);

// Found once: every test begins with the same household.
let known = null;

export async function everyPage(page) {
    if (known) {
        return known;
    }
    const found = new Map([['/', new URL('/', page.url()).href]]);
    for (const [, address] of found) {
        await page.goto(address);
        const links = await page.evaluate(
            () => [...document.querySelectorAll('a[href]')].map((a) => new URL(a.getAttribute('href'), location.href).href.split('#')[0]),
        );
        links.filter((link) => new URL(link).origin === new URL(address).origin && ! isFile(link) && ! found.has(kindOf(link)))
            .forEach((link) => found.set(kindOf(link), link));
    }

    known = found;

    return found;
}
