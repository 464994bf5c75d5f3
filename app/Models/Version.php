<?php

namespace App\Models;

use App\Models\Concerns\OfProgramme;
use Brick\Math\BigDecimal;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Jornel\Core\Air\Air;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Ledger\SettingEntry;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Quantity\System;

/**
 * One state of a build, with a copy of the room and of every part figure that it was computed with. Never changed.
 *
 * @phpstan-import-type Copy from \App\Actions\StandsThere
 *
 * @property int $id
 * @property int $build_id
 * @property int $number
 * @property array{shape: string, fan: string, filter: string, joining: string, corners: string, units: int, speed: string, prefilter?: string, direction?: string, options?: array<string, string>} $choices
 * @property array{entries: array<string, mixed>, goal: string, measure: string} $room
 * @property list<array{kind: string, data: array<string, mixed>}> $parts
 * @property array{altitude_m: float|null, temperature_k: float|null, tariff: string, hours_per_day: float, years: float, changes: int}|null $setting  null where it was saved before settings were kept
 * @property string $clean_air_m3_s
 * @property string $asks_m3_s
 * @property int $units
 * @property int $units_needed
 * @property string $standing
 * @property string|null $chance  null where it was saved before chances were told
 * @property list<Copy>|null $beside  what stood beside it, null for nothing
 * @property Carbon $created_at
 * @property Build $build
 * @property Person|null $person
 */
class Version extends Model implements OfProgramme
{
    public const UPDATED_AT = null;

    protected static function booted(): void
    {
        static::created(fn (self $version) => Room::outdate('id', [$version->build->room_id]));
    }

    protected $table = 'versions';

    protected $fillable = ['number', 'person_id', 'choices', 'room', 'parts', 'setting', 'clean_air_m3_s', 'asks_m3_s', 'units', 'units_needed', 'standing', 'chance', 'beside'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['choices' => 'array', 'room' => 'array', 'parts' => 'array', 'setting' => 'array', 'beside' => 'array', 'created_at' => 'datetime'];
    }

    /** By its address only as long as its room is there. */
    public function resolveRouteBinding($value, $field = null): ?self
    {
        $versions = self::query();
        $versions->whereIn('build_id', Build::ofRoomsThatAreThere()->select('id'));

        return $versions->whereKey($value)->first();
    }

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    public function programmeId(): int
    {
        $known = $this->attributes['programme_id'] ?? null;

        return is_numeric($known) ? (int) $known : $this->build->programmeId();
    }

    /** One that is asked for at every change on the screen, with its programme in the same query. */
    public static function withProgramme(int $id): self
    {
        $versions = self::query();
        $versions->select('versions.*', 'sites.programme_id')
            ->join('builds', 'builds.id', '=', 'versions.build_id')
            ->join('rooms', 'rooms.id', '=', 'builds.room_id')
            ->join('sites', 'sites.id', '=', 'rooms.site_id');

        return $versions->findOrFail($id);
    }

    /** The parts with the figures that this version was computed with. */
    public function catalogue(): Catalogue
    {
        return Catalogue::fromEntries($this->parts);
    }

    /** The air that it was computed with. */
    public function air(): Air
    {
        return SettingEntry::air($this->setting['altitude_m'] ?? null, $this->setting['temperature_k'] ?? null);
    }

    /** What its running costs were computed with. */
    public function economy(): Economy
    {
        return $this->setting === null
            ? Economy::withoutEnergy()
            : Economy::of(BigDecimal::of($this->setting['tariff']), $this->setting['hours_per_day'], $this->setting['years'], $this->setting['changes']);
    }

    public function measure(): System
    {
        return System::from($this->room['measure']);
    }
}
