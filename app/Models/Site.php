<?php

namespace App\Models;

use App\Models\Concerns\OfProgramme;
use Database\Factories\SiteFactory;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $programme_id
 * @property string $name
 * @property int $position
 * @property Carbon|null $deleted_at
 * @property Programme $programme
 * @property Collection<int, Room> $rooms
 */
class Site extends Model implements OfProgramme
{
    /** @use HasFactory<SiteFactory> */
    use HasFactory, SoftDeletes;

    protected $table = 'sites';

    protected $fillable = ['name', 'position'];

    /** Behind all that are there. */
    protected static function booted(): void
    {
        static::creating(fn (self $site) => $site->position = 1 + (int) self::withTrashed()->where('programme_id', $site->programme_id)->max('position'));
    }

    /** @return BelongsTo<Programme, $this> */
    public function programme(): BelongsTo
    {
        return $this->belongsTo(Programme::class);
    }

    /** @return HasMany<Room, $this> */
    public function rooms(): HasMany
    {
        $rooms = $this->hasMany(Room::class);
        $rooms->orderBy('id');

        return $rooms;
    }

    public function programmeId(): int
    {
        return $this->programme_id;
    }
}
