import assert from 'node:assert/strict';
import { execFileSync, spawnSync } from 'node:child_process';
import { chmodSync, existsSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import http from 'node:http';
import https from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { chromium } from '@playwright/test';

// The real nginx and php-fpm in front of the real application, with a certificate made here, from a release in a folder of
// its own: driven by a browser, updated, and updated to something broken.
const root = new URL('../..', import.meta.url).pathname;
const place = mkdtempSync(join(tmpdir(), 'good-rinse-'));
const [home, data, port] = [join(place, 'home'), join(place, 'data'), 8487];
const url = `https://127.0.0.1:${port}`;
const parts = ['app', 'artisan', 'bin', 'bootstrap', 'composer.json', 'config', 'core', 'database', 'deploy', 'handbook', 'lang',
    'public', 'resources', 'routes', 'vendor', '.env.example'];
const env = { ...process.env, GOODRINSE_SCHEDULE: '0' };

const run = (file, args, more = {}) => execFileSync(file, args, { env, encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'], ...more });
const release = (to) => {
    run('mkdir', ['-p', to]);
    const copied = parts.map((part) => join(root, part));
    if (spawnSync('cp', ['-al', ...copied, to]).status !== 0) run('cp', ['-a', ...copied, to]);
    run('mkdir', ['-p', `${to}/storage/framework/views`, `${to}/storage/app`, `${to}/storage/logs`]);
    run('rm', ['-f', ...['config.php', 'routes-v7.php'].map((file) => `${to}/bootstrap/cache/${file}`)]);
};
const get = (path, { headers = {}, scheme = https } = {}) => new Promise((resolve, reject) => {
    scheme.get({ host: '127.0.0.1', port, path, headers, rejectUnauthorized: false, agent: false }, (answer) => {
        let body = '';
        answer.on('data', (bytes) => { body += bytes; });
        answer.on('end', () => resolve({ status: answer.statusCode, headers: answer.headers, body }));
    }).on('error', reject);
});
const mode = (path) => (statSync(path).mode & 0o777).toString(8);

before(() => {
    chmodSync(place, 0o755);
    release(home);
    run(`${home}/bin/host`, [`--data=${data}`, `--listen=127.0.0.1:${port}`, `--url=${url}`, '--tls=self'], { stdio: 'ignore' });
});
after(() => {
    spawnSync(`${home}/bin/host`, [`--data=${data}`, '--stop']);
    rmSync(place, { recursive: true, force: true });
});

test('what is asked for without HTTPS gets there, and what comes back says to stay', async () => {
    const plain = await get('/login', { scheme: http });
    assert.equal(plain.status, 301);
    assert.equal(plain.headers.location, `${url}/login`);
    const page = await get('/login');
    assert.equal(page.status, 200);
    assert.match(page.headers['strict-transport-security'], /max-age=31536000/);
    assert.match(page.headers['set-cookie'].join(), /good_rinse=.*secure; httponly/i);
    assert.doesNotMatch(JSON.stringify(page.headers), /PHP\/|nginx\/\d/);
});

test('a foreign host gets into no address', async () => {
    const answer = await get('/', { headers: { Host: 'evil.example', 'X-Forwarded-Host': 'evil.example', 'X-Forwarded-For': '9.9.9.9' } });
    assert.equal(answer.headers.location, `${url}/login`);
    assert.doesNotMatch((await get('/login', { headers: { Host: 'evil.example' } })).body, /evil\.example/);
});

test('built files are kept for good and packed, hidden ones are nobody\'s', async () => {
    const [file] = /\/build\/assets\/[\w.-]+\.js/.exec((await get('/login')).body);
    const script = await get(file, { headers: { 'Accept-Encoding': 'gzip' } });
    assert.match(script.headers['cache-control'], /immutable/);
    assert.equal(script.headers['content-encoding'], 'gzip');
    for (const path of ['/.env', '/build/.vite/manifest.json', '/../.env', '/index.php/../.env', '/server.php']) {
        assert.notEqual((await get(path)).status, 200, path);
    }
});

test('secrets stay out of the log, and what lies on the disk is for one user', async () => {
    await get('/calendar/topSecretFeed.ics');
    await get('/join/topSecretLink?x=topSecretQuery');
    const log = readFileSync(`${data}/log/nginx-access.log`, 'utf8');
    assert.match(log, /\/calendar\/-/);
    assert.doesNotMatch(log, /topSecret/);
    assert.equal(mode(`${data}/good-rinse.sqlite`), '600');
    assert.equal(mode(`${data}/certificate.key`), '600');
    assert.equal(mode(`${data}/backups`), '700');
    assert.equal(mode(`${home}/.env`), '600');
});

test('a person gets from an account to a machine through it', async () => {
    const executablePath = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find(existsSync);
    const browser = await chromium.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage'] });
    try {
        const page = await browser.newPage({ ignoreHTTPSErrors: true });
        await page.goto(`${url}/register`);
        await page.getByLabel('Your name').fill('Iva');
        await page.getByLabel('E-mail address').fill('iva@marrowick.example');
        await page.getByLabel('Password').fill('harbour kettle nineteen');
        await page.getByRole('button', { name: 'Make the account' }).click();
        await page.getByLabel('Name').fill('Quay');
        await page.getByRole('button', { name: 'Create the household' }).click();
        await page.waitForURL(`${url}/`);
        const cookies = await page.context().cookies();
        assert.ok(cookies.length > 0 && cookies.every((cookie) => cookie.secure && cookie.httpOnly));
        await page.goto(`${url}/machines/new?kind=kettle`);
        assert.match(await page.locator('h1').first().innerText(), /\S/);
        // Without a referer the way back is what the session knows.
        await page.goto(`${url}/household`, { referer: '' });
        const token = await page.locator('meta[name=csrf-token]').getAttribute('content');
        const back = await page.request.post(`${url}/household/new`, {
            form: { _token: token, name: '' }, headers: { referer: '' }, maxRedirects: 0,
        });
        assert.equal(back.headers().location, `${url}/household`);
    } finally {
        await browser.close();
    }
});

test('an update keeps everything; one that is broken leaves everything as it was', async () => {
    const people = () => run('php', ['-r', `$d = new SQLite3('${data}/good-rinse.sqlite');
        echo $d->querySingle("SELECT group_concat(name) FROM users"), '|', $d->querySingle('SELECT COUNT(*) FROM migrations');`]);
    const before = people();
    assert.match(before, /Iva/);
    const migration = (name, body) => writeFileSync(join(place, 'new/database/migrations', name), `<?php
        return new class extends Illuminate\\Database\\Migrations\\Migration { public function up(): void { ${body} } };`);

    release(join(place, 'new'));
    migration('2031_01_01_000001_one_more.php', "Illuminate\\Support\\Facades\\DB::statement('CREATE TABLE one_more (id INTEGER)');");
    run(`${home}/bin/update`, [join(place, 'new'), `--home=${home}`, `--data=${data}`]);
    assert.equal(people(), before.replace(/\d+$/, (n) => String(Number(n) + 1)));
    assert.equal((await get('/login')).status, 200);

    const good = people();
    const dropping = "Illuminate\\Support\\Facades\\DB::statement('DROP TABLE users'); throw new Exception('no');";
    migration('2031_01_01_000002_broken.php', dropping);
    const broken = spawnSync(`${home}/bin/update`, [join(place, 'new'), `--home=${home}`, `--data=${data}`], { env, encoding: 'utf8' });
    assert.notEqual(broken.status, 0);
    assert.match(broken.stderr, /everything is as it was/);
    assert.equal(people(), good);
    assert.equal((await get('/login')).status, 200);
    assert.ok(existsSync(`${home}.failed`));
});
