<?php

declare(strict_types=1);

namespace App\Actions\Machines;

use App\Actions\Logbook\ActionRefused;
use App\Actions\Rounds\FileQuota;
use App\Models\Document;
use App\Models\Machine;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Psr\Clock\ClockInterface;

/** Keeps the papers of a machine, byte for byte, and lets them go. */
final readonly class KeepDocuments
{
    private const MOST = 30;

    public function __construct(private ClockInterface $clock)
    {
    }

    /**
     * @param string $id ULID made by the page
     *
     * @throws ActionRefused when there are too many, or no room for it
     */
    public function add(Machine $machine, User $by, string $id, string $kind, UploadedFile $upload): void
    {
        $there = Document::query()->find($id);
        if (null !== $there) {
            // Sent again: it is kept already. Somebody else's is not touched.
            if ($there->machine_id !== $machine->id) {
                throw ActionRefused::idTaken();
            }

            return;
        }
        if (Document::query()->where('machine_id', $machine->id)->count() >= self::MOST) {
            throw ActionRefused::tooManyDocuments(self::MOST);
        }
        FileQuota::ensure($machine->household_id, (int) $upload->getSize());
        $document = new Document([
            'id' => $id,
            'household_id' => $machine->household_id,
            'machine_id' => $machine->id,
            'kind' => $kind,
            'name' => self::name($upload),
            'mime' => $upload->getMimeType() ?? 'application/octet-stream',
            'bytes' => (int) $upload->getSize(),
            'file' => "$machine->household_id/$id.{$upload->extension()}",
            'added_by' => $by->id,
            'added_at' => $this->clock->now(),
        ]);
        $path = $document->path();
        if ((!is_dir(dirname($path)) && !@mkdir(dirname($path), 0o700, true)) || !@copy($upload->getRealPath() ?: '', $path)) {
            @unlink($path);
            throw ActionRefused::documentNotKept();
        }
        chmod($path, 0o600);
        Document::query()->createOrFirst(['id' => $id], $document->getAttributes());
    }

    /** As the file was called, in one line of text. */
    private static function name(UploadedFile $upload): string
    {
        $name = trim((string) preg_replace('/[\p{C}\/\\\\]+/u', ' ', mb_scrub($upload->getClientOriginalName())));

        return '' === $name ? 'paper.'.$upload->extension() : mb_substr($name, -150);
    }

    public function remove(Document $document): void
    {
        $document->delete();
        @unlink($document->path());
    }
}
