<?php

namespace App\Models;

use App\Models\Concerns\OfProgramme;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletingScope;

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

    /** @return BelongsTo<Room, $this> a deleted one too: pieces may still be reserved for its builds */
    public function room(): BelongsTo
    {
        $room = $this->belongsTo(Room::class);
        $room->withoutGlobalScope(SoftDeletingScope::class);

        return $room;
    }

    /** @return Builder<static> those of rooms that are there */
    public static function ofRoomsThatAreThere(): Builder
    {
        $builds = self::query();
        $builds->whereIn('room_id', Room::query()->select('id'));

        return $builds;
    }

    /** By its address only as long as its room is there. */
    public function resolveRouteBinding($value, $field = null): ?self
    {
        return self::ofRoomsThatAreThere()->whereKey($value)->first();
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
        return $this->room->trashed() ? "{$this->room->name} (deleted): {$this->name}" : "{$this->room->name}: {$this->name}";
    }

    public function programmeId(): int
    {
        return $this->room->programmeId();
    }
}
