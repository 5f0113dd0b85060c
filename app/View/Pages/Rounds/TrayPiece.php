<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

/** A part that lies in the tray. */
final readonly class TrayPiece
{
    /**
     * @param list<string> $along what came off with it, "8 cover screws", "washer"
     * @param int $fasteners how many screws, clips and the like hold it
     * @param string|null $way which way round it goes back
     * @param string|null $stepBack id of the step that puts it back
     */
    public function __construct(
        public string $part,
        public string $name,
        public array $along,
        public int $fasteners,
        public ?string $way,
        public ?string $stepBack,
    ) {
    }
}
