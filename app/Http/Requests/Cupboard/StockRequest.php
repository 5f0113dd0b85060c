<?php

declare(strict_types=1);

namespace App\Http\Requests\Cupboard;

use App\Http\Requests\Rounds\AcceptsPhoto;
use App\Http\Requests\UlidRequest;
use App\Models\User;
use App\View\Words\HouseMeasures;
use GoodRinse\Core\Logbook\DayOrder;
use GoodRinse\Core\Logbook\Payload\Stock\Disposal;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;
use GoodRinse\Core\Logbook\Payload\Stock\StockLook;
use GoodRinse\Core\Logbook\Payload\Stock\Wish;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Portion;
use Illuminate\Validation\Rule;
use Psr\Clock\ClockInterface;

/** Something bought, looked at, thrown away, or put on the shopping list. */
final class StockRequest extends UlidRequest
{
    use AcceptsPhoto;
    use NamesSupply;
    use AcceptsNumbers;

    public const BOUGHT = 'bought';
    public const LEFT = 'left';
    public const GONE = 'gone';
    public const WISH = 'wish';
    public const UNWISH = 'unwish';

    /** Seconds for which a phone may have kept what was ticked without a network: thirty days. */
    private const LONGEST_AGO = 2_592_000;

    protected function prepareForValidation(): void
    {
        $this->readNumbers('price', 'amount');
        $this->merge(['what' => $this->input('what', self::BOUGHT)]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $counted = in_array($this->input('what'), [self::BOUGHT, self::LEFT, self::GONE], true);

        return [
            ...parent::rules(),
            'what' => ['required', Rule::in([self::BOUGHT, self::LEFT, self::GONE, self::WISH, self::UNWISH])],
            'supply' => ['required', 'string', 'max:100', $this->isKept(...)],
            'amount' => [
                $counted ? 'required' : 'nullable',
                'numeric',
                self::LEFT === $this->input('what') ? 'min:0' : 'gt:0',
                'max:100000',
            ],
            'unit' => [$counted ? 'required' : 'nullable', 'string', Rule::in(array_keys(Portion::measures(HouseMeasures::now())))],
            'count' => ['nullable', 'integer', 'between:1,'.Purchase::MOST_PACKAGES],
            'price' => ['nullable', 'numeric', 'min:0', 'max:100000'],
            'shop' => ['nullable', 'string', 'max:'.Purchase::LONGEST],
            'on' => ['nullable', 'string', 'date_format:Y-m-d', 'after:1999-12-31'],
            'ago' => ['nullable', 'integer', 'min:0'],
            'photo' => $this->photoRules(),
        ];
    }

    public function payload(User $person): Purchase|StockLook|Disposal|Wish
    {
        $what = $this->string('what')->toString();

        return match ($what) {
            self::BOUGHT => $this->purchase($person),
            self::LEFT => new StockLook($this->supply(), $this->portion()),
            self::GONE => new Disposal($this->supply(), $this->portion()),
            default => new Wish($this->supply(), self::WISH === $what ? $this->packages() : 0),
        };
    }

    public function purchase(User $person): Purchase
    {
        return new Purchase(
            $this->supply(),
            $this->portion(),
            $this->packages(),
            $this->filled('price') ? $this->float('price') : null,
            $this->filled('shop') ? trim($this->string('shop')->toString()) : null,
            $this->filled('price') ? $person->home()->currency : null,
        );
    }

    public function happenedAt(User $person): \DateTimeImmutable
    {
        $now = app(ClockInterface::class)->now();

        return match (true) {
            $this->filled('on') => DayOrder::moment(Day::of($this->string('on')->toString()), $now, $person->home()->zone()),
            $this->filled('ago') => $now->modify(sprintf('-%d seconds', min($this->integer('ago'), self::LONGEST_AGO))),
            default => $now,
        };
    }

    private function supply(): string
    {
        return $this->string('supply')->toString();
    }

    private function portion(): Portion
    {
        return Portion::measured($this->float('amount'), $this->string('unit')->toString());
    }

    private function packages(): int
    {
        return $this->filled('count') ? $this->integer('count') : 1;
    }
}
