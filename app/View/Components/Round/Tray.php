<?php

declare(strict_types=1);

namespace App\View\Components\Round;

use App\Models\Round;
use App\View\Drawing\TrayDrawing;
use App\View\Pages\Rounds\TrayPiece;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Round\Tray as PartsOff;
use Illuminate\View\Component;

/** What is off the machine, in the order it came off. */
final class Tray extends Component
{
    public readonly TrayDrawing $drawing;

    /** The last that came off, and goes back first. */
    public readonly ?TrayPiece $top;

    /** "the filter, then the lower rack". */
    public readonly string $goesBack;

    /**
     * @param list<TrayPiece> $pieces
     * @param array<string, string> $traits
     */
    public function __construct(
        public readonly array $pieces,
        public readonly PartsOff $apart,
        public readonly Round $round,
        private readonly MachineKind $kind,
        private readonly array $traits,
    ) {
        $this->drawing = TrayDrawing::of($pieces);
        $this->top = [] === $pieces ? null : $pieces[count($pieces) - 1];
        $names = array_map(static fn (TrayPiece $piece): string => $piece->name, $pieces);
        $this->goesBack = implode((string) __('rounds.then'), array_reverse($names));
    }

    /** What lies in it, each with what came off along with it. */
    public function contents(): string
    {
        return implode(', ', array_map(
            static fn (TrayPiece $piece): string => [] === $piece->along ? $piece->name : (string) __('rounds.with', [
                'part' => $piece->name,
                'pieces' => implode(', ', $piece->along),
            ]),
            $this->pieces,
        ));
    }

    public function part(string $id): string
    {
        return mb_strtolower($this->kind->part($id)->name($this->traits));
    }

    /** @param list<string> $ids */
    public function parts(array $ids): string
    {
        return implode(', ', array_map($this->part(...), array_unique($ids)));
    }

    /** @param array<string, int> $left count by piece */
    public function counted(array $left): string
    {
        return implode(', ', array_map(static fn (string $piece, int $count): string => "$count × $piece", array_keys($left), $left));
    }

    public function render(): string
    {
        return 'components.round.tray';
    }
}
