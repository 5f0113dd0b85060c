<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;

/** An empty page behind the login, open only while measuring. */
final class BlankController extends Controller
{
    public function __invoke(): View
    {
        abort_unless((bool) config('good-rinse.bench'), 404);

        return view('blank');
    }
}
