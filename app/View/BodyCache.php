<?php

declare(strict_types=1);

namespace App\View;

use App\Care\Cache\HouseholdFingerprint;
use App\Models\Household;
use App\Support\Scalar;
use App\View\Words\Dates;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\View\View;
use Illuminate\Support\HtmlString;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/**
 * Keeps the finished body of a page as long as nothing changes that it follows from. What belongs to one visit only is put
 * in each time: the token and the ids of its forms, and hours told from now, written as <time data-after="seconds">.
 */
final readonly class BodyCache
{
    /** With the quotes, which nothing that a person typed can hold in a page. */
    private const TOKEN = 'value="@token"';
    private const ID = 'value="@id"';

    public function __construct(private Repository $cache, private HouseholdFingerprint $stamp, private ClockInterface $clock)
    {
    }

    /**
     * @param \Closure(): View $make the body anew
     * @param bool $isOnce whether it belongs to this visit only, and is neither kept nor taken from what is
     */
    public function of(string $page, Household $household, \Closure $make, bool $isOnce = false): HtmlString
    {
        if ($isOnce) {
            return new HtmlString($make()->render());
        }
        $stamp = $this->stamp->of($household);
        if (null === $stamp) {
            return new HtmlString($this->filled($this->emptied($make()), $household));
        }
        $stamp .= url('/');
        $key = "body.$page.$household->id";
        $kept = $this->cache->get($key);
        if (!is_array($kept) || $stamp !== ($kept[0] ?? null) || !is_string($kept[1] ?? null)) {
            $kept = [$stamp, $this->emptied($make())];
            $this->cache->forever($key, $kept);
        }

        return new HtmlString($this->filled(Scalar::text($kept[1]), $household));
    }

    private function emptied(View $view): string
    {
        $html = str_replace('value="'.csrf_token().'"', self::TOKEN, $view->render());

        return (string) preg_replace('/(?<=name="id" )value="[0-9A-Za-z]{26}"/', self::ID, $html);
    }

    private function filled(string $html, Household $household): string
    {
        $html = str_replace(self::TOKEN, 'value="'.csrf_token().'"', $html);
        $html = (string) preg_replace_callback('/'.self::ID.'/', static fn (): string => 'value="'.Str::ulid().'"', $html);

        $now = $this->clock->now();
        $minute = $now->modify("-{$now->format('s')} seconds");

        return (string) preg_replace_callback(
            '/(<time data-after="(\d+)">)[^<]*/',
            static fn (array $match): string => $match[1].Dates::time($minute->modify("+$match[2] seconds"), $household->zone()),
            $html,
        );
    }
}
