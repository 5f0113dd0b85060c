<?php

declare(strict_types=1);

namespace App\Backups;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\File;

/** Brings a backup back: database, pictures, papers and, where this installation has none of its own, the key. */
final readonly class BackupRestorer
{
    public function __construct(private DatabaseCopy $copy, private SchemaState $schema)
    {
    }

    /**
     * What was there before stays beside it, with ".before" in its name.
     *
     * @return string|null the key that this installation has to use for what is sealed and for who is logged in; null when
     *     it uses that one already
     *
     * @throws BackupFailed when it is not whole, or was made by a newer version; then nothing has changed
     */
    public function restore(string $file): ?string
    {
        $this->schema->ensureNotNewer((new BackupReader($file))->verify());
        $photos = config()->string('good-rinse.photos');
        $draft = $this->copy->path().'.restored';
        $files = "$photos.restored";
        File::deleteDirectory($files);
        try {
            is_dir($files) || mkdir($files, 0o700, true);
            $key = (new BackupReader($file))->takeApart($draft, $files);
            if (is_file($this->copy->path())) {
                $this->copy->to($this->copy->path().'.before');
            }
            File::deleteDirectory("$photos.before");
            is_dir($photos) && rename($photos, "$photos.before");
            rename($files, $photos);
            $this->copy->putBack($draft);
        } finally {
            is_file($draft) && unlink($draft);
            File::deleteDirectory($files);
        }
        Artisan::call('migrate', ['--force' => true]);
        Artisan::call('cache:clear');

        return $key === config()->string('app.key') ? null : $key;
    }
}
