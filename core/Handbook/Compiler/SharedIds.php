<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Compiler;

/**
 * The ids of what all machine kinds share.
 *
 * @internal to this folder
 */
final readonly class SharedIds
{
    /**
     * @param list<string> $agents
     * @param list<string> $cautions
     * @param list<string> $kit
     * @param list<string> $surfaces
     * @param list<string> $ownVessels of a machine
     * @param list<string> $sharedVessels of a household
     * @param array<string, list<string>> $scales ids of the steps of each scale
     * @param list<string> $measurements
     * @param list<string> $checks
     */
    public function __construct(
        public array $agents,
        public array $cautions,
        public array $kit,
        public array $surfaces,
        public array $ownVessels,
        public array $sharedVessels,
        public array $scales,
        public array $measurements,
        public array $checks,
    ) {
    }
}
