<?php

declare(strict_types=1);

namespace App\Http\Requests\Cupboard;

use App\Http\Requests\UlidRequest;
use App\Models\User;
use App\View\Words\HouseMeasures;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\DayOrder;
use GoodRinse\Core\Logbook\Payload\Stock\Disposal;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;
use GoodRinse\Core\Logbook\Payload\Stock\StockLook;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Portion;
use Illuminate\Validation\Rule;
use Psr\Clock\ClockInterface;

/** Something bought, looked at or thrown away. */
final class StockRequest extends UlidRequest
{
    public const BOUGHT = 'bought';
    public const LEFT = 'left';
    public const GONE = 'gone';

    /** Numbers as people write them, with a comma or a point. */
    protected function prepareForValidation(): void
    {
        foreach (['price', 'amount'] as $field) {
            $given = $this->input($field);
            if (is_string($given)) {
                $this->merge([$field => str_replace(',', '.', trim($given))]);
            }
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'what' => ['required', Rule::in([self::BOUGHT, self::LEFT, self::GONE])],
            'supply' => ['required', 'string', Rule::in(array_keys(app(Handbook::class)->chemistry()->supplies))],
            'amount' => ['required', 'numeric', self::LEFT === $this->input('what') ? 'min:0' : 'gt:0', 'max:100000'],
            'unit' => ['required', 'string', Rule::in(array_keys(Portion::measures(HouseMeasures::now())))],
            'count' => ['nullable', 'integer', 'between:1,'.Purchase::MOST_PACKAGES],
            'price' => ['nullable', 'numeric', 'min:0', 'max:100000'],
            'shop' => ['nullable', 'string', 'max:'.Purchase::LONGEST],
            'on' => ['nullable', 'string', 'date_format:Y-m-d', 'after:1999-12-31'],
        ];
    }

    public function payload(): Purchase|StockLook|Disposal
    {
        $supply = $this->string('supply')->toString();
        $portion = Portion::measured($this->float('amount'), $this->string('unit')->toString());

        return match ($this->string('what')->toString()) {
            self::BOUGHT => new Purchase(
                $supply,
                $portion,
                $this->filled('count') ? $this->integer('count') : 1,
                $this->filled('price') ? $this->float('price') : null,
                $this->filled('shop') ? trim($this->string('shop')->toString()) : null,
            ),
            self::LEFT => new StockLook($supply, $portion),
            default => new Disposal($supply, $portion),
        };
    }

    public function happenedAt(User $person): \DateTimeImmutable
    {
        $now = app(ClockInterface::class)->now();

        return $this->filled('on')
            ? DayOrder::moment(Day::of($this->string('on')->toString()), $now, $person->home()->zone())
            : $now;
    }
}
