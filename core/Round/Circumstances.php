<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Apart\OwnParts;
use GoodRinse\Core\Chemistry\Residue;
use GoodRinse\Core\Quantity\Hardness;

/** The machine and the household that a procedure is composed for. */
final readonly class Circumstances
{
    /**
     * @param array<string, string> $traits of the machine
     * @param bool $allowsHarsh whether the household uses harsh chemicals
     * @param Hardness|null $hardness of its water; null when nobody knows
     * @param array<string, float> $usesSince of the machine since each care task was last done, 0 or more, by task
     * @param array<string, float> $strengths % of the agents at hand, where they are not the usual ones
     * @param array<string, list<Residue>> $residues what each vessel holds now, by vessel
     * @param array<string, list<string>> $first parts that come off before a part on this machine, where the household
     *     says so, by part
     * @param OwnParts $own parts that the household adds
     * @param float $slowedBy share by which it has become slower than clean, 0 or more
     * @param float $limeShare lime it keeps, against the usual share, above 0
     */
    public function __construct(
        public array $traits,
        public bool $allowsHarsh = true,
        public ?Hardness $hardness = null,
        public array $usesSince = [],
        public array $strengths = [],
        public array $residues = [],
        public array $first = [],
        public OwnParts $own = new OwnParts(),
        public float $slowedBy = 0.0,
        public float $limeShare = 1.0,
    ) {
    }
}
