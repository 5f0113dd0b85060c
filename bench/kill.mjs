// Kills the server again and again at random moments while a browser goes through rounds, and counts whether every
// step that the page took as done is in the database, once.
//
// node bench/kill.mjs PORT STATE KILLS
import { execFileSync, spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { chromium } from '@playwright/test';

const [port, state, kills] = [Number(process.argv[2]), process.argv[3], Number(process.argv[4] ?? 30)];
const base = `http://127.0.0.1:${port}`;
const seed = Number(process.env.SEED ?? 20260615);
let drawn = seed;
const random = (least, most) => {
    drawn = (drawn * 1103515245 + 12345) % 2147483648;

    return least + (drawn / 2147483648) * (most - least);
};
const sleep = (ms) => new Promise((done) => setTimeout(done, ms));
const env = { ...process.env, GOODRINSE_STATE: state, GOODRINSE_SCHEDULE: '0' };
const start = () => new Promise((resolve, reject) => {
    spawn('bin/demo', [`--port=${port}`], { env, stdio: 'ignore' }).on(
        'exit', (code) => (code === 0 ? resolve() : reject(new Error(`the server did not start: ${code}`))),
    );
});
const kill = () => process.kill(-Number(readFileSync(`${state}/${port}.pid`, 'utf8')), 'SIGKILL');
const query = (sql) => JSON.parse(
    execFileSync(
        'php',
        [
            '-r', '$d = new PDO("sqlite:".$argv[1]); echo json_encode($d->query($argv[2])->fetchAll(PDO::FETCH_ASSOC));',
            `${state}/demo.sqlite`, sql,
        ],
        { encoding: 'utf8' },
    ),
);

await start();
const browser = await chromium.launch(
    {
        executablePath: ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find(existsSync),
        args: ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage'],
    },
);
const page = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
page.setDefaultTimeout(5000);
await page.goto(`${base}/login`);
await page.getByLabel('E-mail address').fill('ama@marrowick.example');
await page.getByLabel('Password').fill('harbour kettle nineteen');
await page.getByLabel('Stay logged in').check();
await page.getByRole('button', { name: 'Log in' }).click();
await page.waitForURL(`${base}/`);
await page.goto(`${base}/kitchen`);
const machine = new URL(await page.getByRole('link', { name: /Tarnbeck 60/ }).first().getAttribute('href'), base).pathname;

let done = 0;
let alone = 0;
let wanted = true;
const killer = (async () => {
    for (; done < kills; done += 1) {
        await sleep(random(400, 5000));
        kill();
        await sleep(random(0, 1500));
        await start();
    }
    wanted = false;
})();

const accepted = []; // what the page took as done
const rounds = [];
const procedures = ['filter-clean', 'look-and-wipe', 'spray-arms', 'door-and-seal'];
const heading = () => page.evaluate(() => document.querySelector('h1')?.innerText.trim() ?? '').catch(() => '');
const back = async (url) => {
    for (let i = 0; i < 120; i += 1) {
        const answer = await page.goto(url).catch(() => null);
        if (answer?.ok() && (await page.locator('h1').count()) > 0) {
            return;
        }
        await sleep(300);
    }
    throw new Error(`${url} does not come back`);
};
const begin = async () => {
    for (;;) {
        await back(`${base}/`);
        const answer = await page.evaluate(async ([where, procedure]) => {
            const token = document.querySelector('meta[name=csrf-token]').content;
            const sent = await fetch(`${where}/rounds`, { method: 'POST', body: new URLSearchParams({ _token: token, procedure }) });

            return sent.ok ? sent.url : null;
        }, [machine, procedures[rounds.length % procedures.length]]).catch(() => null);
        if (answer !== null && /\/rounds\/\w{26}$/.test(answer)) {
            return answer;
        }
        await sleep(200);
    }
};

while (wanted) {
    const url = await begin();
    rounds.push(url.slice(-26));
    await back(url);
    for (let turn = 0; turn < 200; turn += 1) {
        const said = await heading();
        if (said.startsWith('All steps are done here') || said === '') {
            await sleep(500);
            await back(url);
            continue;
        }
        if (said.startsWith('Everything is done') || said.startsWith('Done.')) {
            break;
        }
        try {
            const step = await page.locator('#tick input[name=step]').inputValue();
            const answers = page.locator('#tick input[type=radio][name=answer]');
            if (await answers.count()) {
                await answers.first().check({ force: true });
            }
            for (const count of await page.locator('#tick input[type=number][name=answer]').all()) {
                await count.fill('4');
            }
            const all = page.getByRole('button', { name: 'It is all here' });
            await ((await all.count()) ? all : page.locator('.step__do .push--main').last()).click();
            await page.waitForFunction(
                (old) => document.querySelector('h1') && document.querySelector('h1').innerText.trim() !== old, said,
                { timeout: 4000 },
            );
            accepted.push([rounds.at(-1), step]);
            alone += (await page.locator('.offline:not([hidden])').count()) ? 1 : 0;
            await sleep(random(30, 300));
        } catch {
            if (!page.url().startsWith(url)) {
                await back(url);
            } else if ((await heading()) === said) {
                await back(url); // as a person would: load it again
            }
        }
    }
    await page.evaluate(async (where) => {
        const token = document.querySelector('meta[name=csrf-token]')?.content;
        await fetch(`${where}/end`, { method: 'POST', body: new URLSearchParams({ _token: token, how: 'finished', knows: '1' }) });
    }, url).catch(() => null);
}
await killer;
await back(`${base}/`);
await sleep(3000);
await back(`${base}/rounds/${rounds.at(-1)}`);
await sleep(3000);
await browser.close();

const ticks = query('select round_id, step, count(*) n from ticks group by round_id, step');
const there = new Map(ticks.map((tick) => [`${tick.round_id} ${tick.step}`.toLowerCase(), tick.n]));
const lost = accepted.filter(([round, step]) => !there.has(`${round} ${step}`.toLowerCase()));
const ours = new Set(rounds.map((round) => round.toLowerCase()));
const twice = ticks.filter((tick) => tick.n > 1 && ours.has(tick.round_id.toLowerCase()));
const [{ integrity_check: sound }] = query('PRAGMA integrity_check');
const openings = query(
    'select round_id, json_extract(payload, \'$.task\') task, count(*) n from entries e '
    + 'where kind = \'opening\' and round_id is not null and not exists (select 1 from entries v where v.voids = e.id) '
    + 'group by 1, 2 having n > 1',
);
console.log(
    `seed ${seed}: killed ${done} times in ${rounds.length} rounds; ${accepted.length} steps taken as done, `
    + `${alone} of them without a server`,
);
console.log(`lost ${lost.length}, written twice ${twice.length}, openings in force twice ${openings.length}, integrity ${sound}`);
if (lost.length > 0) {
    console.log(JSON.stringify(lost));
}
spawnSync('bin/demo', [`--port=${port}`, '--stop'], { env });
process.exit(lost.length + twice.length + openings.length === 0 && sound === 'ok' ? 0 : 1);
