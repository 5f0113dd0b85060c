<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Contracts\BelongsToHousehold;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A picture taken during a round, kept outside the public folder.
 *
 * @property string $id
 * @property string $household_id
 * @property string|null $round_id
 * @property string|null $step
 * @property string|null $machine_id of a picture on its take-apart sheet
 * @property string|null $part
 * @property string|null $trace_id of what was noticed
 * @property string $file
 * @property int $width
 * @property int $height
 * @property CarbonImmutable $taken_at
 */
final class Photo extends Model implements BelongsToHousehold
{
    use HasUlids;
    use StoredFile;

    /** Stands in place of a step at a picture of a mesh that a grid is laid over. */
    public const MESH = 'mesh-grid';

    public $timestamps = false;

    protected $table = 'photos';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['taken_at' => 'immutable_datetime'];
    }

    /** The picture itself, for a page that is on its own; null when its file is gone. */
    public function embedded(): ?string
    {
        return is_file($this->path()) ? 'data:image/jpeg;base64,'.base64_encode((string) file_get_contents($this->path())) : null;
    }

    public function householdId(): string
    {
        return $this->household_id;
    }
}
