<?php

declare(strict_types=1);

namespace App\Backups;

/** Opens a backup, holds it to its own manifest, and takes it apart. */
final readonly class BackupReader
{
    public function __construct(private string $file)
    {
    }

    /**
     * @return list<string> migrations that its database has been through
     *
     * @throws BackupFailed naming what is missing or changed
     */
    public function verify(): array
    {
        $zip = $this->open();
        $manifest = json_decode((string) $zip->getFromName('manifest.json'), true);
        $hashes = is_array($manifest) && is_array($manifest['sha256'] ?? null) ? $manifest['sha256'] : null;
        if (null === $hashes || !isset($hashes[BackupMaker::DATABASE])) {
            throw BackupFailed::because('no_manifest', ['path' => $this->file]);
        }
        foreach ($hashes as $name => $hash) {
            $stream = $zip->getStream((string) $name);
            $context = hash_init('sha256');
            if (false === $stream || hash_update_stream($context, $stream) < 0 || hash_final($context) !== $hash) {
                throw BackupFailed::because('changed', ['name' => (string) $name]);
            }
        }
        $draft = (string) tempnam(dirname($this->file), 'look');
        try {
            $this->extract($zip, BackupMaker::DATABASE, $draft);
            $copy = new DatabaseCopy();
            $copy->verify($draft);

            return $copy->migrations($draft);
        } finally {
            @unlink($draft);
            $zip->close();
        }
    }

    /** @param string $files folder that pictures and papers go to */
    public function takeApart(string $database, string $files): string
    {
        $zip = $this->open();
        $this->extract($zip, BackupMaker::DATABASE, $database);
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $name = (string) $zip->getNameIndex($i);
            if (!str_starts_with($name, BackupMaker::FILES) || str_contains($name, '..')) {
                continue;
            }
            $path = $files.'/'.substr($name, strlen(BackupMaker::FILES));
            is_dir(dirname($path)) || mkdir(dirname($path), 0o700, true);
            $this->extract($zip, $name, $path);
        }
        $key = (string) $zip->getFromName(BackupMaker::KEY);
        $zip->close();

        return $key;
    }

    private function open(): \ZipArchive
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($this->file, \ZipArchive::RDONLY)) {
            throw BackupFailed::because('no_zip', ['path' => $this->file]);
        }

        return $zip;
    }

    private function extract(\ZipArchive $zip, string $name, string $path): void
    {
        $from = $zip->getStream($name);
        $to = false === $from ? false : @fopen($path, 'w');
        if (false === $from || false === $to || false === stream_copy_to_stream($from, $to) || !fclose($to)) {
            throw BackupFailed::because('write', ['path' => $path]);
        }
        chmod($path, 0o600);
    }
}
