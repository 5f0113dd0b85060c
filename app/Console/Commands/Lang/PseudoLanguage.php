<?php

declare(strict_types=1);

namespace App\Console\Commands\Lang;

use App\Support\PseudoWords;
use Illuminate\Console\Command;

/** Writes a made-up language from the English one, a third longer and accented, to try the pages with. */
final class PseudoLanguage extends Command
{
    protected $signature = 'lang:pseudo {folder : where the language is written, as a folder of its own}';

    protected $description = 'Makes an accented, longer copy of all words, to find what no language reaches';

    public function handle(): int
    {
        $from = lang_path('en');
        $to = $this->argument('folder');
        $count = 0;
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($from, \FilesystemIterator::SKIP_DOTS)) as $file) {
            \assert($file instanceof \SplFileInfo);
            $words = require $file->getPathname();
            $path = $to.substr($file->getPathname(), strlen($from));
            if (!is_dir(dirname($path))) {
                mkdir(dirname($path), 0o755, true);
            }
            file_put_contents($path, "<?php\n\nreturn ".var_export(PseudoWords::all((array) $words), true).";\n");
            ++$count;
        }
        $this->info("$count files written to $to");

        return self::SUCCESS;
    }
}
