<?php

declare(strict_types=1);

namespace App\View\Pages\Measures;

use App\Care\Measures\ArmState;
use App\View\Words\FlowWords;
use GoodRinse\Core\Handbook\Handbook;

/** What the script of the arms' drawing is given, on the page and in a round. */
final readonly class ArmsScript
{
    public function __construct(private Handbook $handbook)
    {
    }

    /** @param list<ArmState> $arms */
    public function shown(array $arms): ArmsShown
    {
        $model = $this->handbook->measureModel()->flow;
        $words = new FlowWords($this->handbook);

        return new ArmsShown(
            array_map(static fn (ArmState $arm): ArmView => ArmView::of($arm, $model, $words), $arms),
            $this->json($arms),
        );
    }

    /** @param list<ArmState> $arms */
    private function json(array $arms): string
    {
        $model = $this->handbook->measureModel();
        $words = new FlowWords($this->handbook);

        return json_encode([
            'model' => [
                'ringWidth' => $model->flow->ringWidth,
                'wetsWhileBlocked' => $model->flow->wetsWhileBlocked,
                'sector' => $model->flow->sector,
                'bore' => $model->bore,
                'bores' => ['least' => $model->bores->least, 'most' => $model->bores->most],
            ],
            'arms' => array_map(static fn (ArmState $arm): array => ArmView::of($arm, $model->flow, $words)->forScript(), $arms),
            'words' => FlowWords::texts(),
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION);
    }
}
