<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Household;
use GoodRinse\Core\Handbook\Handbook;
use Illuminate\Http\Response;

/** Answers whoever watches over the application: fine while the database and the handbook can be read. */
final class HealthController extends Controller
{
    public function __invoke(Handbook $handbook): Response
    {
        Household::query()->exists();
        $handbook->version();

        return response('up', 200, ['Content-Type' => 'text/plain', 'Cache-Control' => 'no-store']);
    }
}
