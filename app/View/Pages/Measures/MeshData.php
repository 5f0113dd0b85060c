<?php

declare(strict_types=1);

namespace App\View\Pages\Measures;

use App\Models\Machine;
use App\Models\Photo;
use App\View\PageData;

/** What MeshPage::for() hands to its view. */
final readonly class MeshData extends PageData
{
    /**
     * @param array<string, string> $tasks names of the meshes, by care task
     * @param int $rows of the grid over the picture
     * @param list<int> $outside cells that do not count where the mesh is round
     * @param list<string> $earlier what was counted before, the newest first
     * @param array{Photo, Photo}|null $pair the two newest pictures, the earlier first
     */
    public function __construct(
        public Machine $machine,
        public array $tasks,
        public ?Photo $photo,
        public int $rows,
        public array $outside,
        public array $earlier,
        public ?array $pair,
    ) {
    }
}
