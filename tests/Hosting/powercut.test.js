import assert from 'node:assert/strict';
import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';

// The power is cut while entries are written: bench/powercut.php tells how.
const place = mkdtempSync(join(tmpdir(), 'good-rinse-power-'));
const env = {
    ...process.env, APP_ENV: 'production', DB_CONNECTION: 'sqlite', DB_DATABASE: join(place, 'demo.sqlite'), CACHE_PATH: place,
    APP_CONFIG_CACHE: join(place, 'none.php'), APP_ROUTES_CACHE: join(place, 'none-routes.php'),
};

before(() => {
    writeFileSync(env.DB_DATABASE, '');
    execFileSync('php', ['artisan', 'migrate', '--force', '--quiet'], { env });
    execFileSync('php', ['artisan', 'demo:load'], { env, stdio: 'ignore' });
});
after(() => rmSync(place, { recursive: true }));

test('what was answered as written is there after a power cut, and the database is whole', () => {
    const cuts = spawnSync('php', ['bench/powercut.php', 'ama@marrowick.example', '1', '40'], { env, encoding: 'utf8' });
    assert.equal(cuts.status, 0, cuts.stdout + cuts.stderr);
    assert.match(cuts.stdout, / 0 entries lost that had been answered, 0 databases broken/);
});
