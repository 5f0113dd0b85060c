<?php

declare(strict_types=1);

namespace App\Backups;

use Psr\Clock\ClockInterface;

/** Copies database, pictures, papers and key into one file, while the application runs on, and opens it again to be sure. */
final readonly class BackupMaker
{
    public const DATABASE = 'good-rinse.sqlite';
    public const KEY = 'key.txt';
    public const FILES = 'files/';

    public function __construct(private ClockInterface $clock, private BackupFolder $folder, private DatabaseCopy $copy)
    {
    }

    /** @throws BackupFailed when the disk is full, the folder cannot be written, or the copy is not whole */
    public function make(): Backup
    {
        $this->folder->make();
        $at = $this->clock->now();
        $file = $this->folder->fileFor($at);
        $draft = "$file.part";
        $database = "$file.sqlite";
        try {
            $this->copy->to($database);
            $this->write($draft, $database, $at);
            chmod($draft, 0o600);
            (new BackupReader($draft))->verify();
            if (!rename($draft, $file)) {
                throw BackupFailed::because('write', ['path' => $file]);
            }
        } finally {
            foreach ([$draft, $database] as $left) {
                is_file($left) && @unlink($left);
            }
        }
        foreach ($this->folder->surplus() as $old) {
            @unlink($old->path);
        }

        return new Backup($file, $at, (int) filesize($file));
    }

    private function write(string $draft, string $database, \DateTimeImmutable $at): void
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($draft, \ZipArchive::CREATE | \ZipArchive::OVERWRITE)) {
            throw BackupFailed::because('write', ['path' => $draft]);
        }
        $hashes = [self::DATABASE => hash_file('sha256', $database)];
        $zip->addFile($database, self::DATABASE);
        $zip->addFromString(self::KEY, config()->string('app.key'));
        $hashes[self::KEY] = hash('sha256', config()->string('app.key'));
        foreach ($this->files() as $name => $path) {
            $zip->addFile($path, self::FILES.$name);
            $zip->setCompressionName(self::FILES.$name, \ZipArchive::CM_STORE);
            $hashes[self::FILES.$name] = hash_file('sha256', $path);
        }
        $zip->addFromString('manifest.json', json_encode([
            'made_at' => $at->format(\DATE_ATOM),
            'version' => config('good-rinse.version'),
            'migrations' => $this->copy->migrations($database),
            'sha256' => $hashes,
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES));
        if (!@$zip->close()) {
            throw BackupFailed::because('write', ['path' => $draft]);
        }
    }

    /** @return array<string, string> paths of pictures and papers, by their name inside */
    private function files(): array
    {
        $root = config()->string('good-rinse.photos');
        $files = [];
        if (is_dir($root)) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
                if ($file instanceof \SplFileInfo && $file->isFile()) {
                    $files[substr($file->getPathname(), strlen($root) + 1)] = $file->getPathname();
                }
            }
        }
        ksort($files);

        return $files;
    }
}
