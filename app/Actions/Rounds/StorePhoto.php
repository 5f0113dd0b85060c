<?php

declare(strict_types=1);

namespace App\Actions\Rounds;

use App\Actions\Logbook\ActionRefused;
use App\Models\Machine;
use App\Models\Photo;
use App\Models\Round;
use App\Models\Trace;
use App\Models\User;
use App\Support\DerivedUlid;
use Illuminate\Http\UploadedFile;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\Exceptions\RuntimeException as ImageException;
use Intervention\Image\ImageManager;
use Intervention\Image\Interfaces\ImageInterface;
use Psr\Clock\ClockInterface;

/** Keeps a picture of a round or of a part: turned upright, made smaller, and without what the camera noted about place and time. */
final readonly class StorePhoto
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /**
     * @param string $id ULID made by the page
     *
     * @throws ActionRefused when it cannot be read or there is no room for it
     */
    public function ofStep(Round $round, User $by, string $id, string $step, UploadedFile $upload): void
    {
        $this->keep($round->household_id, $by, $id, $upload, ['round_id' => $round->id, 'step' => $step]);
    }

    /**
     * A picture of how a part is held, for the machine's take-apart sheet.
     *
     * @throws ActionRefused when it cannot be read or there is no room for it
     */
    public function ofPart(Machine $machine, User $by, string $id, string $part, UploadedFile $upload): void
    {
        $this->keep($machine->household_id, $by, $id, $upload, ['machine_id' => $machine->id, 'part' => $part]);
    }

    /**
     * A picture of a mesh, to count its shut cells on.
     *
     * @throws ActionRefused when it cannot be read or there is no room for it
     */
    public function ofMesh(Machine $machine, User $by, string $id, UploadedFile $upload): void
    {
        $this->keep($machine->household_id, $by, $id, $upload, ['machine_id' => $machine->id, 'step' => Photo::MESH]);
    }

    /**
     * A picture of what was noticed; a trace has one.
     *
     * @throws ActionRefused when it cannot be read or there is no room for it
     */
    public function ofTrace(Trace $trace, User $by, UploadedFile $upload): void
    {
        if (!Photo::query()->where('trace_id', $trace->id)->exists()) {
            $this->keep($trace->household_id, $by, DerivedUlid::of($trace->id, 'photo'), $upload, ['trace_id' => $trace->id]);
        }
    }

    /**
     * The receipt of a purchase; it has one.
     *
     * @param string $entry id of the purchase
     *
     * @throws ActionRefused when it cannot be read or there is no room for it
     */
    public function ofReceipt(User $by, string $entry, UploadedFile $upload): void
    {
        $this->keep($by->home()->id, $by, DerivedUlid::of($entry, 'receipt'), $upload, ['entry_id' => $entry]);
    }

    /** @param array<string, string> $of what it shows */
    private function keep(string $household, User $by, string $id, UploadedFile $upload, array $of): void
    {
        $there = Photo::query()->find($id);
        if (null !== $there) {
            // Sent again: it is kept already. Somebody else's is not touched.
            if ($there->household_id !== $household || $of != $there->only(array_keys($of))) {
                throw ActionRefused::idTaken();
            }

            return;
        }
        $image = $this->read($upload);
        $folder = config()->string('good-rinse.photos');
        $file = "$household/$id.jpg";
        $bytes = (string) $image->toJpeg(82, strip: true);
        FileQuota::ensure($household, strlen($bytes));
        if (
            (!is_dir(dirname("$folder/$file")) && !@mkdir(dirname("$folder/$file"), 0o700, true))
            || @file_put_contents("$folder/$file", $bytes) !== strlen($bytes)
        ) {
            @unlink("$folder/$file");
            throw ActionRefused::photoNotKept();
        }

        Photo::query()->create($of + [
            'id' => $id,
            'household_id' => $household,
            'file' => $file,
            'width' => $image->width(),
            'height' => $image->height(),
            'taken_by' => $by->id,
            'taken_at' => $this->clock->now(),
        ]);
    }

    private function read(UploadedFile $upload): ImageInterface
    {
        $longest = config()->integer('good-rinse.photo_longest_side');
        $size = @getimagesize($upload->getRealPath() ?: '');
        if (false === $size || $size[0] * $size[1] > config()->integer('good-rinse.photo_max_pixels')) {
            throw ActionRefused::photoUnreadable();
        }
        try {
            return (new ImageManager(new Driver()))->read($upload->getRealPath() ?: '')->scaleDown($longest, $longest);
        } catch (ImageException) {
            throw ActionRefused::photoUnreadable();
        }
    }
}
