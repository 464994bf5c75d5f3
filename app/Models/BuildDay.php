<?php

namespace App\Models;

use App\Models\Concerns\OfProgramme;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A day on which several people build several units.
 *
 * @phpstan-type Written array{units: list<array{version: int, count: int}>, people: list<array{name: string, skills: list<string>, adult: bool, from: int, to: int|null}>, tools: array<string, int>, tables: int, breaks: list<array{from: int, to: int}>}
 * @phpstan-type Planned array{tasks: list<array{id: string, start: float, end: float, people: list<string>}>, bound: float, why: string}
 *
 * @property int $id
 * @property int $programme_id
 * @property string $name
 * @property Carbon $starts_at
 * @property Written $written
 * @property Planned|null $plan
 * @property list<int>|null $units
 * @property list<int>|null $set_aside  numbers on the day of units that cannot go on today
 * @property Carbon|null $begun_at
 * @property Carbon|null $deleted_at
 * @property int $revision
 * @property Programme $programme
 */
class BuildDay extends Model implements OfProgramme
{
    use HasRevision, SoftDeletes;

    protected $table = 'build_days';

    protected $fillable = ['programme_id', 'name', 'starts_at', 'written', 'plan', 'units', 'set_aside', 'begun_at', 'revision', 'person_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['written' => 'array', 'plan' => 'array', 'units' => 'array', 'set_aside' => 'array', 'starts_at' => 'datetime', 'begun_at' => 'datetime'];
    }

    /** @return BelongsTo<Programme, $this> */
    public function programme(): BelongsTo
    {
        return $this->belongsTo(Programme::class);
    }

    public function programmeId(): int
    {
        return $this->programme_id;
    }
}
