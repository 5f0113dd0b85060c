<?php

declare(strict_types=1);

namespace App\Http\Requests\Machines;

use App\Http\Requests\Rounds\AcceptsPhoto;
use App\Http\Requests\UlidRequest;
use App\Models\Machine;
use App\View\Pages\Machines\DisassemblyPage;
use GoodRinse\Core\Apart\OwnWay;
use GoodRinse\Core\Apart\SheetLine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Machine\MachineTrait;
use Illuminate\Validation\Rule;

/** How a part comes off a machine, as a person sets it right. */
final class RemovalRequest extends UlidRequest
{
    use DescribesPieces;
    use DescribesUse;
    use AcceptsPhoto;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $rules = [
            ...parent::rules(),
            'counts.*' => ['nullable', 'integer', 'between:0,40'],
            'loose' => ['nullable', 'string', 'max:120'],
            'way' => ['nullable', 'string', 'max:160'],
            'note' => ['nullable', 'string', 'max:400'],
            'photo' => $this->photoRules(),
            'first' => ['nullable', 'array', 'max:30'],
            'first.*' => ['string', Rule::in(array_keys(app(DisassemblyPage::class)->handbookLines($this->machine())))],
        ] + $this->pieceRules();
        foreach ($this->asked() as $trait) {
            $rules["traits.$trait->id"] = ['nullable', ...$this->answerRules($trait->options, $trait->number, $trait->unit)];
        }

        return $rules;
    }

    /** What of the handbook's way is not so here; what is the same is not kept. */
    public function own(): OwnWay
    {
        $usual = $this->usual();
        $counts = [];
        foreach ($usual->holding->pieces as $piece) {
            if ($this->filled("counts.$piece->id") && $this->integer("counts.$piece->id") !== $piece->count) {
                $counts[$piece->id] = $this->integer("counts.$piece->id");
            }
        }
        $loose = trim($this->string('loose')->toString());
        $way = trim($this->string('way')->toString());

        return new OwnWay(
            $counts,
            $loose === implode(', ', $usual->holding->loose) ? null : $loose,
            $way === ($usual->holding->way ?? '') ? null : $way,
            $this->filled('note') ? $this->string('note')->toString() : null,
            $this->machine()->ownWays()[$this->part()]->photo ?? null,
            $this->first(),
            $this->pieces(),
        );
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return $this->pieceNames();
    }

    /**
     * Parts that come off before it; null where that is as the handbook has it, or nothing was said.
     *
     * @return list<string>|null
     */
    private function first(): ?array
    {
        $first = array_values(array_filter((array) $this->input('first', []), is_string(...)));
        $kind = app(Handbook::class)->kind($this->machine()->kind);
        $usual = $kind->hasPart($this->part()) ? $kind->part($this->part())->coveredBy($this->machine()->traits) : [];
        if (!$this->boolean('first_said') || (
            [] === array_diff($first, $usual)
            && [] === array_diff(array_intersect($usual, array_keys(app(DisassemblyPage::class)->handbookLines($this->machine()))), $first)
        )) {
            return null;
        }

        return $first;
    }

    /** @return array<string, string> traits of the machine that were set right */
    public function traits(): array
    {
        $traits = [];
        foreach ($this->asked() as $trait) {
            if ($this->filled("traits.$trait->id")) {
                $traits[$trait->id] = $this->traitInput($trait, $this->string("traits.$trait->id")->toString());
            }
        }

        return $traits;
    }

    /** @return list<MachineTrait> */
    private function asked(): array
    {
        return app(DisassemblyPage::class)->asked($this->machine(), $this->part());
    }

    private function usual(): SheetLine
    {
        return app(DisassemblyPage::class)->usual($this->machine(), $this->part());
    }

    private function machine(): Machine
    {
        $machine = $this->route('machine');

        return $machine instanceof Machine ? $machine : throw new \LogicException('The route names no machine.');
    }

    private function part(): string
    {
        $part = $this->route('part');

        return is_string($part) ? $part : '';
    }
}
