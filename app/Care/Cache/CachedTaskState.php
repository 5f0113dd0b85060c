<?php

declare(strict_types=1);

namespace App\Care\Cache;

use App\Care\TaskDetails;
use GoodRinse\Core\Cupboard\JobSupplies;
use GoodRinse\Core\Rhythm\CareState;

/** A care task as it is kept: what lists ask for lies open, the rest is packed until somebody looks. */
final readonly class CachedTaskState
{
    /**
     * @param int|null $due number of the due day
     * @param int|null $remind number of the day it is asked for
     * @param bool $never whether nobody has looked yet at something to be looked at first
     * @param bool $hasSymptoms whether symptoms point to it that nobody has explained
     * @param array{float, float, float, bool}|null $ahead as Rhythm::ahead() gives it
     * @param array{int, int}|null $window numbers of the days between which it most likely falls due
     * @param array{float, float, float}|null $again as Rhythm::again() gives it
     * @param string $fullest id of the fullest procedure; empty for none
     * @param JobSupplies $supplies what the fullest procedure takes from the cupboard
     * @param string $packed the rest
     */
    private function __construct(
        public ?int $due,
        public ?int $remind,
        public float $wear,
        public CareState $state,
        public bool $never,
        public bool $hasSymptoms,
        public ?array $ahead,
        public ?array $window,
        public ?array $again,
        public string $fullest,
        public JobSupplies $supplies,
        private string $packed,
    ) {
    }

    /**
     * @param bool $never whether nobody has looked yet at something to be looked at first
     * @param array{float, float, float, bool}|null $ahead as Rhythm::ahead() gives it
     * @param array{float, float, float}|null $again as Rhythm::again() gives it
     * @param JobSupplies $supplies what the fullest procedure takes from the cupboard
     */
    public static function pack(TaskDetails $details, bool $never, ?array $ahead, ?array $again, JobSupplies $supplies): self
    {
        $rhythm = $details->rhythm;

        return new self(
            due: $rhythm->dueOn?->number,
            remind: $rhythm->remindOn?->number,
            wear: $rhythm->wear,
            state: $rhythm->state,
            never: $never,
            hasSymptoms: [] !== $details->history->symptoms,
            ahead: $ahead,
            window: null === $rhythm->window ? null : [$rhythm->window[0]->number, $rhythm->window[1]->number],
            again: $again,
            fullest: $details->procedures[0] ?? '',
            supplies: $supplies,
            packed: serialize($details),
        );
    }

    public function unpack(): TaskDetails
    {
        $details = unserialize($this->packed);

        return $details instanceof TaskDetails ? $details : throw new \LogicException('What was kept of a care task cannot be read.');
    }
}
