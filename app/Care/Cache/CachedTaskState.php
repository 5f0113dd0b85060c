<?php

declare(strict_types=1);

namespace App\Care\Cache;

use GoodRinse\Core\Logbook\TaskHistory;
use GoodRinse\Core\Rhythm\CareState;
use GoodRinse\Core\Rhythm\Rhythm;
use GoodRinse\Core\Rhythm\StartingInterval;
use GoodRinse\Core\Round\Estimate;

/** A care task as it is kept: what lists ask for lies open, the rest is packed until somebody looks. */
final readonly class CachedTaskState
{
    /**
     * @param int|null                              $due         number of the due day
     * @param int|null                              $remind      number of the day it is asked for
     * @param bool                                  $never       whether nobody has looked yet at something to be looked at first
     * @param bool                                  $hasSymptoms whether symptoms point to it that nobody has explained
     * @param array{float, float, float, bool}|null $ahead       as Rhythm::ahead() gives it
     * @param string                                $packed      the rest
     */
    private function __construct(
        public ?int $due,
        public ?int $remind,
        public float $wear,
        public CareState $state,
        public bool $never,
        public bool $hasSymptoms,
        public ?array $ahead,
        private string $packed,
    ) {
    }

    /**
     * @param list<string>                          $allowed procedures for this machine, the fullest first
     * @param array{float, float, float, bool}|null $ahead
     */
    public static function pack(
        Rhythm $rhythm,
        TaskHistory $history,
        StartingInterval $start,
        Estimate $estimate,
        array $allowed,
        bool $graded,
        bool $never,
        ?array $ahead,
    ): self {
        return new self(
            $rhythm->dueOn?->number,
            $rhythm->remindOn?->number,
            $rhythm->wear,
            $rhythm->state,
            $never,
            [] !== $history->symptoms,
            $ahead,
            serialize([$history, $rhythm, $start, $estimate, $allowed, $graded]),
        );
    }

    /** @return array{TaskHistory, Rhythm, StartingInterval, Estimate, list<string>, bool} */
    public function unpack(): array
    {
        /** @var array{TaskHistory, Rhythm, StartingInterval, Estimate, list<string>, bool} $parts */
        $parts = unserialize($this->packed);

        return $parts;
    }
}
