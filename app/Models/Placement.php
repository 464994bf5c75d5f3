<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Purifiers alike that stand in a room and run: so many units of one of its builds at one speed, or so many that were bought.
 *
 * @property int $id
 * @property int $room_id
 * @property int $position
 * @property int|null $build_id
 * @property array<string, string>|null $bought  as written; null for a build
 * @property int $count
 * @property string $speed  of a build's fan; empty for what was bought
 * @property Build|null $build
 */
class Placement extends Model
{
    protected static function booted(): void
    {
        static::saved(fn (self $one) => Room::outdate('id', [$one->room_id]));
        static::deleted(fn (self $one) => Room::outdate('id', [$one->room_id]));
    }

    protected $table = 'placements';

    protected $fillable = ['position', 'build_id', 'bought', 'count', 'speed'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['bought' => 'array'];
    }

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }
}
