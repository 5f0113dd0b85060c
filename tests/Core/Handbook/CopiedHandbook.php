<?php

declare(strict_types=1);

namespace Tests\Core\Handbook;

use GoodRinse\Core\Handbook\Handbook;

/** A copy of the handbook to break. */
trait CopiedHandbook
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/handbook-'.bin2hex(random_bytes(6));
        self::copy(dirname(__DIR__, 3).'/handbook', $this->folder);
    }

    protected function tearDown(): void
    {
        $all = new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator($this->folder, \FilesystemIterator::SKIP_DOTS),
            \RecursiveIteratorIterator::CHILD_FIRST,
        );
        foreach ($all as $file) {
            \assert($file instanceof \SplFileInfo);
            $file->isDir() ? rmdir($file->getPathname()) : unlink($file->getPathname());
        }
        rmdir($this->folder);
    }

    private static function copy(string $from, string $to): void
    {
        mkdir($to);
        foreach (array_diff(scandir($from) ?: [], ['.', '..']) as $name) {
            is_dir("$from/$name") ? self::copy("$from/$name", "$to/$name") : copy("$from/$name", "$to/$name");
        }
    }
}
