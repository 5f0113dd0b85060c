<?php

declare(strict_types=1);

namespace GoodRinse\Core\Chemistry;

use GoodRinse\Core\Handbook\Procedure\Step;

/**
 * What the steps of a procedure may have put into each vessel by the time another step comes.
 *
 * @internal to this folder
 */
final class VesselContents
{
    /** @var list<array{string, Step, string}> vessel, step and agent */
    private array $poured = [];

    /** @param array<string, list<Residue>> $residues what each vessel holds before the first step */
    public function __construct(private array $residues)
    {
    }

    public function pour(string $vessel, Step $step, string $agent): void
    {
        $this->poured[] = [$vessel, $step, $agent];
    }

    /**
     * What may be in the vessel when the step comes: steps whose answers exclude each other never meet.
     *
     * @return list<Residue>
     */
    public function beside(string $vessel, Step $step): array
    {
        $there = $this->residues[$vessel] ?? [];
        foreach ($this->poured as [$in, $by, $agent]) {
            if ($in === $vessel && $by->if->agreesWith($step->if)) {
                $there[] = new Residue($agent);
            }
        }

        return $there;
    }

    /** The step clears the vessel: of everything when it is surely done, else of what the same answers led to. */
    public function clear(string $vessel, Step $step): void
    {
        $sure = $step->if->isEmpty();
        if ($sure) {
            unset($this->residues[$vessel]);
        }
        $this->poured = array_values(array_filter(
            $this->poured,
            static fn (array $pour): bool => $pour[0] !== $vessel || (!$sure && $step->if->sets !== $pour[1]->if->sets),
        ));
    }
}
