<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Support\Pdf;
use App\View\Pages\Handbook\PrintedHandbookData;
use GoodRinse\Core\Handbook\Handbook;
use Illuminate\Console\Command;

/** Writes the whole handbook as one page, for somebody who reads it from start to end. */
final class HandbookPrint extends Command
{
    protected $signature = 'handbook:print {file=docs/handbook.html : where the page goes} {--pdf= : where a PDF of it goes}';

    protected $description = 'Prints the whole handbook as one HTML page and, if asked, as a PDF';

    public function handle(Handbook $handbook, Pdf $pdf): int
    {
        $page = view('handbook.print', PrintedHandbookData::of($handbook));
        $files = [(string) $this->argument('file') => trim($page->render())."\n"];
        $to = $this->option('pdf');
        if (is_string($to)) {
            $files[$to] = $pdf->bytes($page);
        }
        foreach ($files as $file => $content) {
            if (!is_dir(dirname($file)) || false === file_put_contents($file, $content)) {
                $this->error("$file cannot be written.");

                return self::FAILURE;
            }
            $this->line("$file: ".number_format(strlen($content) / 1024).' KiB.');
        }

        return self::SUCCESS;
    }
}
