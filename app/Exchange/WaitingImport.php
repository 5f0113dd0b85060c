<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\User;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;

/** A file that somebody has sent and not said yes to yet. There is one for each person. */
final readonly class WaitingImport
{
    private function __construct(public string $id, private string $folder)
    {
    }

    /** @throws ImportRefused when the disk is full */
    public static function keep(User $by, string $file): self
    {
        File::deleteDirectory(self::place($by));
        $id = (string) Str::ulid();
        $folder = self::place($by)."/$id";
        if (!@mkdir($folder, 0o700, true) || !@copy($file, "$folder/file.zip")) {
            throw ImportRefused::because('disk');
        }
        chmod("$folder/file.zip", 0o600);

        return new self($id, $folder);
    }

    public static function of(User $by, string $id): ?self
    {
        $folder = self::place($by)."/$id";

        return Str::isUlid($id) && is_file("$folder/file.zip") ? new self($id, $folder) : null;
    }

    /** @throws ImportRefused naming what is wrong with it */
    public function read(ArchiveReader $reader): HouseholdFile
    {
        File::deleteDirectory("$this->folder/files");

        return $reader->read("$this->folder/file.zip", "$this->folder/files");
    }

    public function forget(): void
    {
        File::deleteDirectory(dirname($this->folder));
    }

    private static function place(User $by): string
    {
        return config()->string('good-rinse.imports')."/$by->id";
    }
}
