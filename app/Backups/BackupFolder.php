<?php

declare(strict_types=1);

namespace App\Backups;

/**
 * The folder in which backups lie. A file that has its final name has been verified: it is written beside and renamed then.
 */
final readonly class BackupFolder
{
    /** How many of the newest are kept, one for each day, week and month. */
    public const KEPT = ['Y-m-d' => 7, 'o-W' => 4, 'Y-m' => 12];

    private const NAME = '/^good-rinse-(\d{8}-\d{6})\.zip$/D';

    public string $path;

    public function __construct(?string $path = null)
    {
        $this->path = $path ?? config()->string('good-rinse.backups');
    }

    /** @throws BackupFailed when it cannot be made */
    public function make(): void
    {
        if (!is_dir($this->path) && !@mkdir($this->path, 0o700, true)) {
            throw BackupFailed::because('folder', ['path' => $this->path]);
        }
    }

    public function fileFor(\DateTimeImmutable $at): string
    {
        return $this->path.'/good-rinse-'.$at->setTimezone(new \DateTimeZone('UTC'))->format('Ymd-His').'.zip';
    }

    /** @return list<Backup> the newest first */
    public function all(): array
    {
        $all = [];
        foreach (glob("$this->path/good-rinse-*.zip") ?: [] as $file) {
            if (1 === preg_match(self::NAME, basename($file), $found)) {
                $at = \DateTimeImmutable::createFromFormat('!Ymd-His', $found[1], new \DateTimeZone('UTC'));
                $all[] = new Backup($file, $at ?: new \DateTimeImmutable('@0'), (int) filesize($file));
            }
        }

        return array_reverse($all);
    }

    public function newest(): ?Backup
    {
        return $this->all()[0] ?? null;
    }

    /** @return list<Backup> that the rule no longer keeps: the newest of each of the last days, weeks and months stays */
    public function surplus(): array
    {
        $all = $this->all();
        $keep = [];
        foreach (self::KEPT as $format => $count) {
            $seen = [];
            foreach ($all as $backup) {
                $when = $backup->madeAt->format($format);
                if (!isset($seen[$when]) && count($seen) < $count) {
                    $seen[$when] = true;
                    $keep[$backup->path] = true;
                }
            }
        }

        return array_values(array_filter($all, static fn (Backup $backup): bool => !isset($keep[$backup->path])));
    }
}
