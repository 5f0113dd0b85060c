<?php

declare(strict_types=1);

namespace App\View\Components\Drawing;

use App\Models\Machine;
use App\View\Drawing\PartSoil;
use App\View\Pages\Today\TaskLine;

final class CutawayDishwasher extends Cutaway
{
    private const ARMS = ['one' => 1, 'two' => 2, 'three' => 3];

    /** How high the feed tube reaches, by how many arms it feeds. */
    private const FEED_TOP = [1 => 352, 2 => 212, 3 => 66];

    public readonly string $filter;
    public readonly int $arms;
    public readonly int $feedTop;
    public readonly bool $steel;
    public readonly ?TaskLine $line;
    public readonly string $soil;

    public function __construct(Machine $machine, array $lines)
    {
        parent::__construct($machine, $lines);
        $this->filter = $this->isOr('filter', 'twist-out');
        $this->arms = self::ARMS[$this->isOr('arms', 'two')] ?? 2;
        $this->feedTop = self::FEED_TOP[$this->arms];
        $this->steel = 'stainless' === $this->isOr('tub', 'stainless');
        $this->line = $lines['filter'] ?? null;
        $this->soil = PartSoil::of($this->line);
    }

    public function render(): string
    {
        return 'components.drawing.cutaway-dishwasher';
    }
}
