import { expect } from './household.js';

// Machines to try procedures on.
export const dishwasher = {
    tub: 'stainless', filter: 'twist-out', arms: 'three', softener: 'salt', airGap: 'air-gap', disposer: 'disposer',
    heater: 'exposed', vent: 'vent', outside: 'steel-front',
};
export const screwed = { ...dishwasher, tub: 'plastic', filter: 'screwed', arms: 'two', chopper: 'chopper', mesh: 'plastic' };
export const drip = { programme: 'manual', filterKind: 'permanent', disc: 'disc' };
export const pods = { cartridge: 'cartridge', light: 'light' };
export const hood = { metal: 'aluminium', form: 'layers', air: 'outside' };
export const kettle = { body: 'steel', strainer: 'strainer' };
export const washer = { door: 'front', drainFilter: 'flap', drainHose: 'small-hose', programme: 'drum-programme', valve: 'valve' };
export const espresso = { valve: 'three-way', wand: 'wand' };
const habits = {
    'dishwasher': { loadsPerWeek: '5', plates: 'scrape' }, 'drip-brewer': { brewsPerWeek: '7' },
    'pod-brewer': { brewsPerWeek: '14' }, 'hood': { cookingHoursPerWeek: '6', frying: 'weekly' },
    'kettle': { boilsPerWeek: '21' }, 'washing-machine': { loadsPerWeek: '4', heat: 'mixed' }, 'espresso-machine': { shotsPerWeek: '14' },
};

// Puts a machine into the kitchen and begins a round on it, as the forms would.
export async function begin(page, kind, traits, chosen) {
    const token = await page.locator('meta[name=csrf-token]').getAttribute('content');
    const id = `01${[...crypto.getRandomValues(new Uint8Array(24))].map((byte) => '0123456789ABCDEFGHJKMNPQRSTVWXYZ'[byte % 32]).join('')}`;
    const form = { _token: token, id, kind, name: 'Proving Ground' };
    Object.entries(traits).forEach(([name, value]) => { form[`traits[${name}]`] = value; });
    Object.entries(habits[kind]).forEach(([name, value]) => { form[`habits[${name}]`] = value; });
    await page.request.post('/machines', { form });
    const answer = await page.request.post(
        `/machines/${id}/rounds`,
        { form: { _token: token, ...Object.fromEntries(chosen.map((procedure, i) => [`procedures[${i}]`, procedure])) } },
    );
    await page.goto(answer.url());
    await expect(page).toHaveURL(/\/rounds\/\w{26}$/);

    return id;
}

// Answers by heading, as goThrough wants them: the numbers are picked where a heading begins like that.
export const answering = (picked) => new Proxy(
    {}, { get: (_, title) => picked[Object.keys(picked).find((start) => title.startsWith(start))] },
);
