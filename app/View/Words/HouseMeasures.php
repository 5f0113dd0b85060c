<?php

declare(strict_types=1);

namespace App\View\Words;

use App\Models\User;
use GoodRinse\Core\Quantity\FieldUnit;
use GoodRinse\Core\Quantity\Measures;
use Illuminate\Contracts\Auth\Factory as Auth;

/** The measures of whoever is spoken to: of the person who is logged in, or of the household something is sent to. */
final class HouseMeasures
{
    private ?Measures $sentTo = null;

    public function __construct(private readonly Auth $auth)
    {
    }

    public function current(): Measures
    {
        $user = $this->auth->guard()->user();

        return $this->sentTo ?? ($user instanceof User && null !== $user->household_id ? $user->home()->measures : Measures::Metric);
    }

    /**
     * @template T
     *
     * @param \Closure(): T $write
     *
     * @return T
     */
    public function during(Measures $measures, \Closure $write): mixed
    {
        $before = $this->sentTo;
        $this->sentTo = $measures;
        try {
            return $write();
        } finally {
            $this->sentTo = $before;
        }
    }

    public static function now(): Measures
    {
        return app(self::class)->current();
    }

    /** What a number kept in this unit is written in. */
    public static function field(?string $unit): FieldUnit
    {
        return FieldUnit::of($unit, self::now());
    }
}
