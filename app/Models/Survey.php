<?php

namespace App\Models;

use App\Models\Concerns\OfProgramme;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * One round of measuring a unit. Never changed: another one may replace it.
 *
 * @property int $id
 * @property int $unit_id
 * @property string $key
 * @property SurveyKind $kind
 * @property array<string, mixed> $setting
 * @property int|null $replaces_id
 * @property int|null $person_id
 * @property Carbon $began_at
 * @property Unit $unit
 * @property Person|null $person
 * @property Collection<int, Reading> $readings
 */
class Survey extends Model implements OfProgramme
{
    public const UPDATED_AT = null;

    protected $table = 'surveys';

    protected $fillable = ['unit_id', 'key', 'kind', 'setting', 'replaces_id', 'person_id', 'began_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => SurveyKind::class, 'setting' => 'array', 'began_at' => 'datetime:Y-m-d H:i:s.v'];
    }

    /** @return BelongsTo<Unit, $this> */
    public function unit(): BelongsTo
    {
        return $this->belongsTo(Unit::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        $readings = $this->hasMany(Reading::class);
        $readings->orderBy('id');

        return $readings;
    }

    public function programmeId(): int
    {
        return $this->unit->programme_id;
    }

    public function told(string $key): string
    {
        $value = $this->setting[$key] ?? '';

        return is_string($value) ? $value : '';
    }

    /**
     * Readings that hold: those that no other replaces, the last of each place.
     *
     * @return array<string, Reading> by place
     */
    public function holding(): array
    {
        $holding = [];
        foreach ($this->readings as $reading) {
            $holding[$reading->place] = $reading;
        }

        return $holding;
    }
}
