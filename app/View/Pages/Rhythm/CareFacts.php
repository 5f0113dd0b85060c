<?php

declare(strict_types=1);

namespace App\View\Pages\Rhythm;

use App\Care\TaskCare;
use GoodRinse\Core\Rhythm\Rhythm;
use Illuminate\View\ComponentAttributeBag;

/** What a page says of a care task, as attributes that a program can read: one form on every page. */
final class CareFacts
{
    /** @param Rhythm|null $rhythm where the page computed it itself */
    public static function of(TaskCare $care, ?Rhythm $rhythm = null): ComponentAttributeBag
    {
        $rhythm ??= $care->rhythm();

        return new ComponentAttributeBag([
            'data-care' => "{$care->machine->id} $care->id",
            'data-state' => $rhythm->state->value,
            'data-due' => (string) $rhythm->dueOn,
            'data-window' => null === $rhythm->window ? '' : "{$rhythm->window[0]}/{$rhythm->window[1]}",
            'data-remind' => (string) $rhythm->remindOn,
            'data-percent' => $rhythm->blockedNow->percent(),
            'data-elapsed' => round($rhythm->deciding->clock->elapsed, 6).' '.$rhythm->deciding->clock->unit,
            'data-hands' => (int) ceil($care->estimate()->hands->value),
        ]);
    }
}
