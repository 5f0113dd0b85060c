<?php

declare(strict_types=1);

namespace Database\Seeders;

use Illuminate\Database\Seeder;

/** What `php artisan migrate --seed` fills a new database with: the demo household. A second time changes nothing. */
final class DatabaseSeeder extends Seeder
{
    public function run(DemoHousehold $demo): void
    {
        $demo->load();
    }
}
