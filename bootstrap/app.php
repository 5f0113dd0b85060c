<?php

declare(strict_types=1);

use App\Exceptions\Failures;
use App\Http\Middleware\EnsureHousehold;
use App\Http\Middleware\EnsureKeeper;
use App\Http\Middleware\EnsureRecentPassword;
use App\Http\Middleware\FormToken;
use App\Http\Middleware\KeepLogin;
use App\Http\Middleware\OwnHost;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\TakeCleanText;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Route;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
        then: static fn () => Route::middleware(SubstituteBindings::class)->group(base_path('routes/outside.php')),
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // Never the host: APP_URL alone decides that.
        $middleware->trustProxies(
            headers: Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_PORT | Request::HEADER_X_FORWARDED_PROTO,
        );
        $middleware->prepend(OwnHost::class);
        $middleware->append([SecurityHeaders::class, TakeCleanText::class]);
        $middleware->web(replace: [ValidateCsrfToken::class => FormToken::class]);
        $middleware->web(append: [KeepLogin::class]);
        $middleware->alias(['household' => EnsureHousehold::class, 'keeper' => EnsureKeeper::class, 'password' => EnsureRecentPassword::class]);
        $middleware->redirectGuestsTo('/login');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        Failures::explain($exceptions);
    })
    ->create();
