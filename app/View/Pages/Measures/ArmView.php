<?php

declare(strict_types=1);

namespace App\View\Pages\Measures;

use App\Care\Measures\ArmState;
use App\View\Drawing\ArmDrawing;
use App\View\Words\FlowWords;
use GoodRinse\Core\Flow\Jet;
use GoodRinse\Core\Flow\JetSide;
use GoodRinse\Core\Flow\Spray;
use GoodRinse\Core\Handbook\Care\FlowModel;

/** A spray arm as a page shows it. */
final readonly class ArmView
{
    /**
     * @param list<string> $sentences what it does for the rack
     * @param int|null $percent of its jets' area that is open; null without jets
     */
    private function __construct(public ArmState $state, public ArmDrawing $drawing, public array $sentences, public ?int $percent)
    {
    }

    public static function of(ArmState $state, FlowModel $model, FlowWords $words): self
    {
        $openness = $state->arm->openness();

        return new self(
            $state,
            new ArmDrawing($state->arm, new Spray($model), $model->sector),
            $words->sentences($state->arm, $state->rings),
            null === $openness ? null : FlowWords::percent($openness),
        );
    }

    /** @return array<string, mixed> what the drawing's script works on */
    public function forScript(): array
    {
        return [
            'id' => $this->state->arm->id,
            'name' => $this->state->template->name,
            'sides' => array_map(static fn (array $side): array => [
                'name' => $side['name'],
                'count' => $side['count'],
            ], $this->state->template->sides),
            'jets' => array_map(static fn (Jet $jet): array => [
                'place' => $jet->place,
                'side' => $jet->side->value,
                'bore' => $jet->bore,
                'blocked' => $jet->blocked,
            ], $this->state->arm->jets),
            'motion' => $this->state->arm->motion->value,
            'hitsAt' => $this->state->arm->hitsAt,
            'rings' => $this->state->rings,
        ];
    }

    /** How many jets there are on a side. */
    public function jets(JetSide $side): int
    {
        return count($this->state->arm->jetsOf($side));
    }
}
