<?php

declare(strict_types=1);

namespace App\Providers;

use App\Databases\ImmediateSqliteConnector;
use App\Databases\PostgresHomeConnection;
use App\Models\CalendarFeed;
use App\Models\CareSession;
use App\Models\Device;
use App\Models\Document;
use App\Models\Entry;
use App\Models\Invitation;
use App\Models\Machine;
use App\Models\Photo;
use App\Models\Round;
use App\Models\Trace;
use App\Outside\OutboxTransport;
use App\Policies\HouseholdRecordPolicy;
use App\Support\Caller;
use App\Support\PendingLogin;
use App\Support\PluralSelector;
use App\Support\Scalar;
use App\Support\StandingClock;
use App\View\Errors\ErrorSummary;
use App\View\Words\HouseMeasures;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Console\AboutCommand;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\ServiceProvider;
use Illuminate\Translation\Translator;
use Illuminate\Validation\Rules\Password;
use Psr\Clock\ClockInterface;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateSqliteConnector::class);
        Connection::resolverFor('pgsql', PostgresHomeConnection::make(...));
        $this->app->extend('translator', static function (Translator $words): Translator {
            $words->setSelector(new PluralSelector());

            return $words;
        });
        $this->app->scoped(HouseMeasures::class);
        $this->app->scoped(ErrorSummary::class);
        $this->app->bind(Caller::class, static fn (Application $app): Caller => new Caller(
            $app->runningInConsole() && !$app->runningUnitTests() ? null : $app->make(Request::class)->ip(),
        ));
        $this->app->singleton(ClockInterface::class, static function (): StandingClock {
            $today = config('good-rinse.today');

            return new StandingClock(is_string($today) && '' !== $today ? Day::of($today) : null);
        });
    }

    public function boot(): void
    {
        Model::shouldBeStrict(!$this->app->isProduction());
        $this->addressesFollowTheConfiguration();
        Password::defaults(static fn (): Password => Password::min(10));

        // `@invalid('name', 'id of its hint')` in a control: what ties it to its message and its hint.
        Blade::directive('invalid', static fn (string $of): string => sprintf(
            '<?php echo app(%s::class)->attributes($errors, %s); ?>',
            ErrorSummary::class,
            $of,
        ));

        AboutCommand::add('Good Rinse', fn (): array => [
            'Version' => config('good-rinse.version'),
            'Handbook' => $this->app->make(Handbook::class)->version(),
        ]);

        Mail::extend('outbox', fn (): OutboxTransport => $this->app->make(OutboxTransport::class));

        foreach ([
            Machine::class,
            Round::class,
            Entry::class,
            Photo::class,
            Document::class,
            Invitation::class,
            Device::class,
            CalendarFeed::class,
            Trace::class,
            CareSession::class,
        ] as $record) {
            Gate::policy($record, HouseholdRecordPolicy::class);
        }

        // Only what went wrong counts: who knows the password is let in as often as they like.
        $failed = static fn (): bool => session()->has('errors');
        RateLimiter::for('sign-in', static fn (Request $request): array => [
            Limit::perMinute(6)->by('who:'.mb_strtolower($request->string('email')->limit(190, '')->toString()).'|'.$request->ip())
                ->after($failed),
            Limit::perMinute(30)->by('from:'.$request->ip())->after($failed),
        ]);
        RateLimiter::for('code', static function (Request $request): array {
            $who = $request->user()?->getAuthIdentifier()
                ?? ($request->hasSession() ? PendingLogin::of($request->session())?->user : null);

            return [
                Limit::perMinute(6)->by("code:{$request->method()}:{$request->path()}:".(is_scalar($who) ? $who : '').'|'.$request->ip()),
                Limit::perHour(60)->by('code-of:'.(is_scalar($who) ? $who : $request->ip())),
            ];
        });
        RateLimiter::for('export', static fn (Request $request): Limit => Limit::perMinute(10)->by(
            'export:'.Scalar::text($request->user()?->getAuthIdentifier()),
        ));
        RateLimiter::for('mail', static fn (Request $request): array => [
            Limit::perMinute(3)->by('mail:'.$request->ip()),
            Limit::perHour(5)->by('mail-to:'.mb_strtolower($request->string('email')->limit(190, '')->toString())),
        ]);
        RateLimiter::for('device', static fn (Request $request): array => [
            Limit::perMinute(240)->by('device:'.hash('xxh128', (string) $request->bearerToken())),
            Limit::perMinute(1200)->by('devices-of:'.$request->ip()),
        ]);
        RateLimiter::for('sign-up', static fn (Request $request): Limit => Limit::perMinute(10)->by('up:'.$request->ip()));
    }

    /** Links, redirects and mails lead to APP_URL, whatever host a request names. */
    private function addressesFollowTheConfiguration(): void
    {
        $url = rtrim(config()->string('app.url'), '/');
        URL::forceRootUrl($url);
        URL::forceScheme((string) parse_url($url, PHP_URL_SCHEME));
    }
}
