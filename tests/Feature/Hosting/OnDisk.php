<?php

declare(strict_types=1);

namespace Tests\Feature\Hosting;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** An installation on disk that an earlier version wrote, in a folder of its own. */
trait OnDisk
{
    private string $place = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->place = storage_path('framework/testing/'.uniqid('disk'));
        mkdir("$this->place/photos", 0o700, true);
        config(['good-rinse.photos' => "$this->place/photos", 'good-rinse.backups' => "$this->place/backups"]);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->place);
        parent::tearDown();
    }

    /** @param \Closure(): void $do */
    private function installed(string $fixture, \Closure $do): void
    {
        $path = "$this->place/good-rinse.sqlite";
        $packed = dirname(__DIR__, 2)."/fixtures/$fixture.sqlite.gz";
        file_put_contents($path, (string) gzdecode((string) file_get_contents($packed)));
        $this->onDatabase($path, $do);
    }

    /** @return array<string, list<mixed>> every row of every table that people wrote, to compare */
    private function rows(): array
    {
        $rows = [];
        foreach (['households', 'users', 'machines', 'rounds', 'ticks', 'entries', 'traces', 'devices', 'photos'] as $table) {
            $rows[$table] = DB::table($table)->orderBy('id')->get()->map(static fn (object $row): array => (array) $row)->all();
        }

        return $rows;
    }
}
