import assert from 'node:assert/strict';
import { execFileSync, spawn } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';

// A real broker, and the bridge that listens to it.
const root = new URL('../..', import.meta.url).pathname;
const place = mkdtempSync(join(tmpdir(), 'good-rinse-'));
const port = 18837;
const env = {
    ...process.env,
    DB_CONNECTION: 'sqlite',
    DB_DATABASE: join(place, 'mqtt.sqlite'),
    CACHE_STORE: 'array',
    APP_CONFIG_CACHE: join(place, 'config.php'),
    APP_ROUTES_CACHE: join(place, 'routes.php'),
    GOODRINSE_HANDBOOK_CACHE: join(place, 'handbook.php'),
};
const php = (...args) => execFileSync('php', args, { cwd: root, env, encoding: 'utf8' });
const running = [];
const begin = (file, args) => {
    const one = spawn(file, args, { cwd: root, env, stdio: ['ignore', 'pipe', 'pipe'] });
    running.push(one);
    return one;
};
const listen = (password, messages) => begin('php', [
    'artisan', 'device:mqtt', `tcp://127.0.0.1:${port}`, '--user=counter', `--password=${password}`, `--messages=${messages}`,
]);
const said = (one, words) => new Promise((resolve, reject) => {
    let all = '';
    one.stdout.on('data', (bytes) => { all += bytes; if (words.test(all)) resolve(all); });
    one.on('exit', () => (words.test(all) ? resolve(all) : reject(new Error(all))));
});
const publish = (topic, message) => execFileSync(
    'mosquitto_pub',
    ['-p', port, '-q', '1', '-u', 'counter', '-P', 'secret', '-t', topic, '-m', message],
);
let id = '';

before(() => {
    writeFileSync(env.DB_DATABASE, '');
    php('artisan', 'migrate', '--force', '--quiet');
    id = php('-r', `require 'vendor/autoload.php'; $app = require 'bootstrap/app.php';
        $app->make(Illuminate\\Contracts\\Console\\Kernel::class)->bootstrap();
        $home = App\\Models\\Household::query()->create(['name' => 'Flat', 'timezone' => 'UTC', 'measures' => 'metric']);
        $machine = App\\Models\\Machine::query()->create(['household_id' => $home->id, 'kind' => 'dishwasher', 'name' => 'Galley',
            'traits' => [], 'habits' => [], 'schools' => []]);
        $device = app(App\\Actions\\Devices\\AddDevice::class)->handle($machine, 'Shelf', false);
        app(App\\Actions\\Devices\\RotateDeviceToken::class)->handle($device);
        echo $device->id;`);
    execFileSync('mosquitto_passwd', ['-b', '-c', join(place, 'users'), 'counter', 'secret']);
    writeFileSync(
        join(place, 'broker.conf'),
        `listener ${port} 127.0.0.1\nuser root\nallow_anonymous false\npassword_file ${join(place, 'users')}\n`,
    );
    begin('mosquitto', ['-c', join(place, 'broker.conf')]);
});
after(() => {
    running.forEach((one) => one.kill('SIGKILL'));
    rmSync(place, { recursive: true, force: true });
});

test('what counters publish is taken in; what is no counter or cannot be read is not', async () => {
    await new Promise((resolve) => { setTimeout(resolve, 500); });
    const bridge = listen('secret', 5);
    await said(bridge, /Listening/);
    publish(`good-rinse/${id}/total`, '118');
    publish(`good-rinse/${id}/events`, JSON.stringify({ events: [{ id: 'a1', at: 1767600000, total: 90 }] }));
    publish('good-rinse/nobody/total', '5');
    publish(`good-rinse/${id}/events`, '{"events": [{"id": "x", "at": "yesterday"}]}');
    publish(`good-rinse/${id}/total`, 'many');
    const log = await said(bridge, /(total: cannot be read)/);
    assert.match(log, /\/total: taken/);
    assert.match(log, /\/events: taken/);
    assert.match(log, /nobody\/total: no such counter/);
    assert.match(log, /events: cannot be read: at/);
    const count = php('-r', `echo (new SQLite3('${env.DB_DATABASE}'))->querySingle("SELECT COUNT(*) FROM entries WHERE kind = 'meter'");`);
    assert.equal(count, '2');
});

test('a broker that refuses is said so', async () => {
    const bridge = listen('wrong', 1);
    await assert.doesNotReject(new Promise((resolve) => {
        let all = '';
        const hear = (bytes) => { all += bytes; if (/refused|gone/.test(all)) resolve(all); };
        bridge.stdout.on('data', hear);
        bridge.stderr.on('data', hear);
    }));
});
