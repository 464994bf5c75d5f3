<?php

namespace App\Models;

use App\Models\Concerns\OfProgramme;
use Database\Factories\RoomFactory;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * @property int $id
 * @property int $site_id
 * @property string $name
 * @property string $use
 * @property string $length_m
 * @property string $width_m
 * @property string $length_entry
 * @property string $width_entry
 * @property string $height_entry
 * @property int $people
 * @property string $pollutant
 * @property string|null $noise_limit_dba
 * @property bool $has_fuel_burning
 * @property string|null $outdoor_ug_m3
 * @property string $leakiness
 * @property string $ventilation_entry
 * @property string $central_entry
 * @property string $central_grade
 * @property string $supply_entry
 * @property string $supply_grade
 * @property string $exhaust_entry
 * @property list<array<string, mixed>>|null $outline
 * @property list<array<string, mixed>>|null $furnishings
 * @property Person|null $changer
 * @property string $goal
 * @property int $revision
 * @property int $basis
 * @property Carbon|null $deleted_at
 * @property Site $site
 * @property Collection<int, Build> $builds
 * @property Collection<int, Placement> $placements
 */
class Room extends Model implements OfProgramme
{
    /** @use HasFactory<RoomFactory> */
    use HasFactory, HasRevision, SoftDeletes;

    protected $table = 'rooms';

    protected $fillable = [
        'name', 'use', 'length_m', 'length_entry', 'width_m', 'width_entry', 'height_m', 'height_entry',
        'people', 'pollutant', 'noise_limit_dba', 'has_fuel_burning', 'outdoor_ug_m3', 'leakiness',
        'ventilation_entry', 'central_entry', 'central_grade', 'supply_entry', 'supply_grade', 'exhaust_entry', 'outline', 'furnishings', 'goal', 'revision', 'changed_by',
    ];

    protected static function booted(): void
    {
        static::updated(fn (self $room) => self::outdate('id', [$room->id]));
    }

    /**
     * Assessments of rooms no longer hold: something that they rest on has changed (`App\Actions\Assess`).
     *
     * @param  'id'|'site_id'  $column  that tells the rooms
     * @param  list<int>  $ids
     */
    public static function outdate(string $column, array $ids): void
    {
        DB::table('rooms')->whereIn($column, $ids)->increment('basis');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['has_fuel_burning' => 'boolean', 'outline' => 'array', 'furnishings' => 'array'];
    }

    /** @return BelongsTo<Site, $this> a deleted one too: its rooms are deleted with it */
    public function site(): BelongsTo
    {
        $site = $this->belongsTo(Site::class);
        $site->withoutGlobalScope(SoftDeletingScope::class);

        return $site;
    }

    /** @return HasMany<Build, $this> */
    public function builds(): HasMany
    {
        $builds = $this->hasMany(Build::class);
        $builds->orderBy('id');

        return $builds;
    }

    /** @return HasMany<Placement, $this> what stands in it */
    public function placements(): HasMany
    {
        $placements = $this->hasMany(Placement::class);
        $placements->orderBy('position')->orderBy('id');

        return $placements;
    }

    /** @return BelongsTo<Person, $this> who changed it last */
    public function changer(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'changed_by');
    }

    public function programmeId(): int
    {
        return $this->site->programme_id;
    }

    /**
     * The room as it was written down.
     *
     * @return array{name: string, use: string, length: string, width: string, height: string, people: int, pollutant: string, noise_limit: string, has_fuel_burning: bool, outdoor: string, leakiness: string, ventilation: string, central: string, central_grade: string, supply: string, supply_grade: string, exhaust: string, outline: list<array<string, mixed>>, furnishings: list<array<string, mixed>>}
     */
    public function entries(): array
    {
        return [
            'name' => $this->name,
            'use' => $this->use,
            'length' => $this->length_entry,
            'width' => $this->width_entry,
            'height' => $this->height_entry,
            'people' => $this->people,
            'pollutant' => $this->pollutant,
            'noise_limit' => $this->noise_limit_dba === null ? '' : sprintf('%g dBA', (float) $this->noise_limit_dba),
            'has_fuel_burning' => $this->has_fuel_burning,
            'outdoor' => $this->outdoor_ug_m3 === null ? '' : sprintf('%g µg/m³', (float) $this->outdoor_ug_m3),
            'leakiness' => $this->leakiness ?? 'ordinary',
            'ventilation' => $this->ventilation_entry ?? '',
            'central' => $this->central_entry ?? '',
            'central_grade' => $this->central_grade ?? '',
            'supply' => $this->supply_entry ?? '',
            'supply_grade' => $this->supply_grade ?? '',
            'exhaust' => $this->exhaust_entry ?? '',
            'outline' => $this->outline ?? [],
            'furnishings' => $this->furnishings ?? [],
        ];
    }
}
