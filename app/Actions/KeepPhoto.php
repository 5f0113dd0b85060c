<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Photo;
use App\Models\Round;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\Exceptions\RuntimeException as ImageException;
use Intervention\Image\ImageManager;
use Intervention\Image\Interfaces\ImageInterface;
use Psr\Clock\ClockInterface;

/** Keeps a picture of a round: turned upright, made smaller, and without what the camera noted about place and time. */
final readonly class KeepPhoto
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /**
     * @param string $id ULID made by the page
     *
     * @throws CannotDo when it cannot be read or there is no room for it
     */
    public function handle(Round $round, User $by, string $id, string $step, UploadedFile $upload): void
    {
        $image = $this->read($upload);
        $folder = config()->string('good-rinse.photos');
        $file = "$round->household_id/$id.jpg";
        $bytes = (string) $image->toJpeg(82, strip: true);
        if ((!is_dir(dirname("$folder/$file")) && !@mkdir(dirname("$folder/$file"), 0o700, true)) || @file_put_contents("$folder/$file", $bytes) !== strlen($bytes)) {
            @unlink("$folder/$file");
            throw CannotDo::photoNotKept();
        }

        Photo::query()->create([
            'id' => $id,
            'household_id' => $round->household_id,
            'round_id' => $round->id,
            'step' => $step,
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
        try {
            return (new ImageManager(new Driver()))->read($upload->getRealPath() ?: '')->scaleDown($longest, $longest);
        } catch (ImageException) {
            throw CannotDo::photoUnreadable();
        }
    }
}
