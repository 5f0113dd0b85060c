<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Contracts\BelongsToHousehold;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A manual, a receipt or another paper of a machine, kept outside the public folder as it was handed in.
 *
 * @property string $id
 * @property string $household_id
 * @property string $machine_id
 * @property string $kind one of KINDS
 * @property string $name of the file, as it was handed in
 * @property string $mime as its content has it
 * @property int $bytes
 * @property string $file
 * @property CarbonImmutable $added_at
 */
final class Document extends Model implements BelongsToHousehold
{
    use HasUlids;
    use StoredFile;

    public const KINDS = ['manual', 'receipt', 'other'];

    public $timestamps = false;

    protected $table = 'documents';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['added_at' => 'immutable_datetime', 'bytes' => 'integer'];
    }

    public function householdId(): string
    {
        return $this->household_id;
    }
}
