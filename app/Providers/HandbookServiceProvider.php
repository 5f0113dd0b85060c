<?php

declare(strict_types=1);

namespace App\Providers;

use App\Handbook\CompiledHandbook;
use App\Handbook\HandbookWords;
use GoodRinse\Core\Handbook\Handbook;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Support\ServiceProvider;
use Psr\Log\LoggerInterface;

/** Makes the handbook available, compiled once and kept, and read only by those who ask it something. */
final class HandbookServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(CompiledHandbook::class, static fn (Application $app): CompiledHandbook => new CompiledHandbook(
            config()->string('good-rinse.handbook'),
            config()->string('good-rinse.handbook_cache').self::ending(),
            $app->make(LoggerInterface::class),
            config()->integer('good-rinse.handbook_rest'),
            $app->make(HandbookWords::class),
            self::language(),
            [base_path('core/Handbook/Compiler'), base_path('core/Handbook/Order')],
        ));
        $this->app->singleton(
            Handbook::class,
            static fn (Application $app): Handbook => new Handbook(static fn (): array => $app->make(CompiledHandbook::class)->data()),
        );
    }

    /** The language of the pages, where the handbook has sentences in it. */
    private static function language(): ?string
    {
        $language = config()->string('app.locale');

        return 1 === preg_match('/^\w[\w-]*$/', $language) && is_dir(config()->string('good-rinse.handbook')."/lang/$language")
            ? $language
            : null;
    }

    private static function ending(): string
    {
        $language = self::language();

        return null === $language ? '' : ".$language";
    }
}
