<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace\Suspect;

/** Symptoms that one fault may explain together, with what may be behind them. */
final readonly class SuspectGroup
{
    /**
     * @param non-empty-list<string> $symptoms in the order in which they were noticed
     * @param array<array-key, float> $suspects chance by cause, adding up to 1; empty where nothing explains it
     */
    public function __construct(public array $symptoms, public array $suspects)
    {
    }
}
