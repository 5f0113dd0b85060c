<?php

declare(strict_types=1);

namespace App\Actions\Rounds;

use App\Actions\Logbook\ActionRefused;

/** How much a household may keep in pictures and papers. */
final class FileQuota
{
    /** @throws ActionRefused when so many more bytes are too many */
    public static function ensure(string $household, int $more): void
    {
        $most = config()->integer('good-rinse.files_max_megabytes');
        $folder = config()->string('good-rinse.photos')."/$household";
        $bytes = 0;
        foreach (is_dir($folder) ? new \FilesystemIterator($folder) : [] as $file) {
            $bytes += $file instanceof \SplFileInfo ? (int) $file->getSize() : 0;
        }
        if ($bytes + $more > $most * 1_000_000) {
            throw ActionRefused::quotaFull($most);
        }
    }
}
