<?php

declare(strict_types=1);

namespace Tests\Feature\Traces;

use App\Models\Entry;
use App\Models\Photo;
use Illuminate\Http\UploadedFile;
use Tests\TestCase;

/** Pictures that are none, that find no room, that tell too much. */
final class PictureTest extends TestCase
{
    public function test_pictures_that_are_none_are_refused_and_the_step_waits(): void
    {
        $user = $this->member();
        $round = $this->startRound($user, $this->machineOf($user));
        $send = fn (UploadedFile $file) => $this->tick($round, 'hold-to-light', 'patchy', ['photo_id' => $this->ulid(), 'photo' => $file]);
        $send(UploadedFile::fake()->create('filter.pdf', 20, 'application/pdf'))->assertSessionHasErrors('photo');
        $send(UploadedFile::fake()->create('huge.jpg', 13_000, 'image/jpeg'))->assertSessionHasErrors('photo');
        $send(UploadedFile::fake()->createWithContent('evil.jpg', '<?php echo 1;'))->assertSessionHasErrors('photo');
        self::assertSame(0, $round->ticks()->count());

        $cut = substr((string) UploadedFile::fake()->image('cut.jpg', 300, 300)->get(), 0, 400);
        $send(UploadedFile::fake()->createWithContent('cut.jpg', $cut));
        self::assertSame(0, Photo::query()->count());
    }

    public function test_a_full_disk_loses_the_picture_and_nothing_else(): void
    {
        $file = storage_path('framework/testing/full-disk');
        file_put_contents($file, '');
        config(['good-rinse.photos' => $file]);
        $user = $this->member();
        $round = $this->startRound($user, $this->machineOf($user));
        $more = ['id' => $this->ulid(), 'photo_id' => $this->ulid(), 'photo' => UploadedFile::fake()->image('f.jpg', 30, 30)];
        $this->tick($round, 'hold-to-light', 'patchy', $more)->assertSessionHasErrors('photo');
        self::assertSame([1, 1, 0], [$round->ticks()->count(), Entry::query()->count(), Photo::query()->count()]);

        config(['good-rinse.photos' => storage_path('framework/testing/photos')]);
        $more['photo'] = UploadedFile::fake()->image('f.jpg', 30, 30);
        $this->tick($round, 'hold-to-light', 'patchy', $more)->assertSessionHasNoErrors();
        self::assertSame(
            [1, 1, 1],
            [$round->ticks()->count(), Entry::query()->count(), Photo::query()->count()],
            'sending it again adds the picture only',
        );
    }

    public function test_pictures_keep_nothing_of_where_they_were_taken(): void
    {
        $user = $this->member();
        $round = $this->startRound($user, $this->machineOf($user));
        $plain = (string) UploadedFile::fake()->image('f.jpg', 60, 40)->get();
        $note = "Exif\0\0MM\0*\0\0\0\x08\0\0 taken at 59.3293 N 18.0686 E";
        $told = substr($plain, 0, 2)."\xFF\xE1".pack('n', strlen($note) + 2).$note.substr($plain, 2);
        $this->tick(
            $round,
            'hold-to-light',
            'film',
            ['photo_id' => $this->ulid(), 'photo' => UploadedFile::fake()->createWithContent('f.jpg', $told)],
        )->assertSessionHasNoErrors();
        $kept = (string) file_get_contents(config()->string('good-rinse.photos').'/'.Photo::query()->sole()->file);

        self::assertStringContainsString('59.3293', $told);
        self::assertStringNotContainsString('59.3293', $kept);
        self::assertStringStartsWith("\xFF\xD8", $kept);
    }
}
