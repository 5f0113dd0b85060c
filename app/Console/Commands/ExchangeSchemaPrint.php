<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exchange\ExchangeSchema;
use Illuminate\Console\Command;

/** Prints what household.json holds, as a JSON Schema. */
final class ExchangeSchemaPrint extends Command
{
    protected $signature = 'exchange:schema';

    protected $description = 'Prints the JSON Schema of household.json, as docs/household.schema.json has it';

    public function handle(): int
    {
        $this->output->writeln(json_encode(
            ExchangeSchema::build(),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES,
        ), \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
