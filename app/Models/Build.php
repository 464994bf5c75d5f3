<?php

namespace App\Models;

use App\Models\Concerns\OfProgramme;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * @property int $id
 * @property int $room_id
 * @property string $name
 * @property Room $room
 * @property Version $latest
 * @property Collection<int, Version> $versions
 */
class Build extends Model implements OfProgramme
{
    protected $table = 'builds';

    protected $fillable = ['name'];

    /** @return BelongsTo<Room, $this> */
    public function room(): BelongsTo
    {
        return $this->belongsTo(Room::class);
    }

    /** @return HasMany<Version, $this> */
    public function versions(): HasMany
    {
        $versions = $this->hasMany(Version::class);
        $versions->orderBy('number');

        return $versions;
    }

    /** @return HasOne<Version, $this> */
    public function latest(): HasOne
    {
        return $this->hasOne(Version::class)->latestOfMany('number');
    }

    /** Its room and its name, as it is called among the builds of all rooms. */
    public function titleInProgramme(): string
    {
        return "{$this->room->name}: {$this->name}";
    }

    public function programmeId(): int
    {
        return $this->room->programmeId();
    }
}
