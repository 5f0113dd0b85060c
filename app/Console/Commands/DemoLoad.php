<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Database\Seeders\DemoHousehold;
use Illuminate\Console\Command;

/** Loads the demo household; a second time changes nothing. */
final class DemoLoad extends Command
{
    protected $signature = 'demo:load';

    protected $description = 'Loads the made-up household that the application is shown with';

    public function handle(DemoHousehold $demo): int
    {
        $person = $demo->load();
        $this->line(sprintf('%s / %s', $person->email, DemoHousehold::PASSWORD));

        return self::SUCCESS;
    }
}
