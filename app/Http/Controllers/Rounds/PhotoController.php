<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rounds;

use App\Http\Controllers\Controller;
use App\Models\Photo;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Pictures, to members of their household only. */
final class PhotoController extends Controller
{
    public function show(Photo $photo): BinaryFileResponse
    {
        abort_unless(is_file($photo->path()), 404);

        return response()->file($photo->path(), ['Content-Type' => 'image/jpeg']);
    }
}
