<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use GoodRinse\Core\Logbook\Payload\Check;
use GoodRinse\Core\Logbook\Payload\Payload;

/**
 * A test of a round, or a question of a trace.
 *
 * @implements EntryPresenter<Check>
 */
final readonly class CheckEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return Check::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        $words = $this->names->handbook->check($payload->check);
        if (null !== $words) {
            return $payload->passed ? $words->passed : $words->failed;
        }
        $asked = null === $about->machine
            ? null
            : $this->names->handbook->trouble($about->machine->kind)->checks[$payload->check] ?? null;
        if (null === $asked) {
            return $this->names->text($payload->passed ? 'check_passed' : 'check_failed');
        }
        foreach ($asked->results as $result) {
            if ($result->id === $payload->result) {
                return $this->names->text('traced', ['check' => rtrim($asked->name, '?.'), 'result' => mb_strtolower($result->name)]);
            }
        }

        return $asked->name;
    }

    public static function sign(): string
    {
        return '<path class="ink-line" d="M6 16 L13 23 L25 7"/>';
    }
}
