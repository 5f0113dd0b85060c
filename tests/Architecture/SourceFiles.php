<?php

declare(strict_types=1);

namespace Tests\Architecture;

/** Files of a folder and those below it, for laws over their text. */
trait SourceFiles
{
    /** @return array<string, string> paths by name under the folder, in the order of their names */
    private static function files(string $folder, string $ending): array
    {
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
            \assert($file instanceof \SplFileInfo);
            if (str_ends_with($file->getFilename(), ".$ending")) {
                $files[substr($file->getPathname(), strlen($folder) + 1)] = $file->getPathname();
            }
        }
        ksort($files);

        return $files;
    }
}
