<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Handbook\HandbookWords;
use GoodRinse\Core\Handbook\Compiler\HandbookCompiler;
use GoodRinse\Core\Handbook\Compiler\InvalidHandbook;
use GoodRinse\Core\Handbook\Handbook;
use Illuminate\Console\Command;

/** Checks every file of the handbook and prints every problem with its place. */
final class HandbookCheck extends Command
{
    protected $signature = 'handbook:check {folder? : another folder than the application\'s}
        {--note : note beside the files that, unchanged, they are in order, so that they load twice as fast}';

    protected $description = 'Checks the handbook against its schemas and its cross-references';

    public function handle(HandbookWords $words): int
    {
        $folder = $this->argument('folder');
        $folder = is_string($folder) ? $folder : config()->string('good-rinse.handbook');
        $loader = new HandbookCompiler($folder);
        try {
            $problems = $words->missing(new Handbook($loader->check()));
        } catch (InvalidHandbook $e) {
            $problems = $e->problems;
        }
        foreach ($problems as $problem) {
            $this->line((string) $problem);
        }
        if ([] !== $problems) {
            return self::FAILURE;
        }
        if ((bool) $this->option('note')) {
            file_put_contents("$folder/".HandbookCompiler::CHECKED, $loader->mark());
        }
        $this->line(sprintf('The handbook is in order: %d files.', count($loader->files())));

        return self::SUCCESS;
    }
}
