<?php

declare(strict_types=1);

namespace App\Actions\Machines;

/** What a person says of a machine. */
final readonly class MachineDescription
{
    /**
     * @param array<string, string> $traits
     * @param array<string, string|float> $habits
     * @param array<string, string> $schools by care task
     * @param string|null $model as its plate has it
     * @param string|null $serial number on its plate
     * @param string|null $boughtOn as YYYY-MM-DD
     * @param string|null $warrantyUntil last day of its warranty, as YYYY-MM-DD
     */
    public function __construct(
        public string $name,
        public ?string $place,
        public array $traits,
        public array $habits,
        public array $schools,
        public ?string $model = null,
        public ?string $serial = null,
        public ?string $boughtOn = null,
        public ?string $warrantyUntil = null,
    ) {
    }

    /** @return array<string, mixed> columns of the machine */
    public function columns(): array
    {
        return [
            'name' => $this->name,
            'place' => $this->place,
            'traits' => $this->traits,
            'habits' => $this->habits,
            'schools' => $this->schools,
            'model' => $this->model,
            'serial' => $this->serial,
            'bought_on' => $this->boughtOn,
            'warranty_until' => $this->warrantyUntil,
        ];
    }
}
