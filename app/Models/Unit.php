<?php

namespace App\Models;

use App\Models\Concerns\OfProgramme;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A purifier that is made, or was, from a version of a build: its number, its guide as it was when it was begun, its label.
 *
 * @phpstan-type FrozenStep array{id: string, action: string, reason: string, parts: list<array{label: string|null, part: string|null, name: string, count: int, told: string}>, tools: list<string>, minutes: float, wait: float, after: list<string>, holds: list<string>, skill: string|null, adults_only: bool, is_check: bool, cautions: list<string>, mends: list<string>}
 *
 * @property int $id
 * @property int $programme_id
 * @property int $version_id
 * @property int $number  its own in its programme
 * @property string $name
 * @property string $token  of its page for everybody
 * @property bool $is_open  whether that page can be read without signing in
 * @property string $shape  of its version
 * @property list<FrozenStep> $guide
 * @property int $steps  of its guide
 * @property int $done_steps  that are done ({@see UnitSteps})
 * @property Carbon $started_at
 * @property int|null $started_by
 * @property Carbon|null $made_at
 * @property Carbon|null $deleted_at
 * @property int|null $made_by
 * @property int $revision
 * @property Programme $programme
 * @property Version $version
 * @property Person|null $starter
 * @property Person|null $maker
 * @property Collection<int, UnitTick> $ticks
 */
class Unit extends Model implements OfProgramme
{
    use HasRevision, SoftDeletes;

    protected $table = 'units';

    protected $fillable = ['programme_id', 'version_id', 'number', 'name', 'token', 'is_open', 'guide', 'shape', 'steps', 'started_by', 'started_at', 'made_by', 'made_at', 'revision'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['guide' => 'array', 'is_open' => 'boolean', 'started_at' => 'datetime', 'made_at' => 'datetime'];
    }

    /** @return BelongsTo<Programme, $this> */
    public function programme(): BelongsTo
    {
        return $this->belongsTo(Programme::class);
    }

    /** @return BelongsTo<Version, $this> */
    public function version(): BelongsTo
    {
        return $this->belongsTo(Version::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function starter(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'started_by');
    }

    /** @return BelongsTo<Person, $this> */
    public function maker(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'made_by');
    }

    /** @return HasMany<UnitTick, $this> */
    public function ticks(): HasMany
    {
        $ticks = $this->hasMany(UnitTick::class);
        $ticks->orderBy('id');

        return $ticks;
    }

    public function programmeId(): int
    {
        return $this->programme_id;
    }

    /** Of its page for everybody, within this installation. */
    public function path(): string
    {
        return "/u/{$this->token}";
    }

    /** As it is called: its number, and its name where it has one. */
    public function title(): string
    {
        return $this->name === '' ? "Unit {$this->number}" : "Unit {$this->number}, {$this->name}";
    }
}
