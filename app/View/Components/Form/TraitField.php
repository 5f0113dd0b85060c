<?php

declare(strict_types=1);

namespace App\View\Components\Form;

use App\Models\Machine;
use App\View\Words\HouseMeasures;
use GoodRinse\Core\Handbook\Machine\MachineTrait;
use GoodRinse\Core\Quantity\FieldUnit;
use Illuminate\View\Component;

/** What tells this machine from others of its kind: one question of the form. */
final class TraitField extends Component
{
    /** What a number is written in. */
    public readonly FieldUnit $in;

    public function __construct(public readonly MachineTrait $trait, public readonly ?Machine $machine = null)
    {
        $this->in = HouseMeasures::field($trait->unit);
    }

    public function ask(): string
    {
        return $this->trait->ask.(null === $this->trait->unit ? '' : " ({$this->in->name})");
    }

    /** What the machine is known to have, as it is written. */
    public function number(): ?float
    {
        $known = $this->machine->traits[$this->trait->id] ?? null;

        return null === $known ? null : $this->in->written((float) $known);
    }

    public function render(): string
    {
        return 'components.form.trait-field';
    }
}
