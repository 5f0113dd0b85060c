<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Exchange\PastCareTable;
use App\Http\Requests\TableText;
use App\Http\Requests\UlidRequest;

/** A table of past care, pasted or as a file, and which of its columns is what. */
final class PastCareRequest extends UlidRequest
{
    use TableText;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + $this->tableRules();
    }

    /** @return array<string, int|null> */
    public function columns(): array
    {
        return $this->matched(PastCareTable::COLUMNS);
    }
}
