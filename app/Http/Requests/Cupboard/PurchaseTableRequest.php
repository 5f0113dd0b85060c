<?php

declare(strict_types=1);

namespace App\Http\Requests\Cupboard;

use App\Exchange\PurchaseTable;
use App\Http\Requests\TableText;
use Illuminate\Foundation\Http\FormRequest;

/** A table of purchases, pasted or as a file, and which of its columns is what. */
final class PurchaseTableRequest extends FormRequest
{
    use TableText;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return $this->tableRules();
    }

    /** @return array<string, int|null> */
    public function columns(): array
    {
        return $this->matched(PurchaseTable::COLUMNS);
    }
}
