<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One thing that was read or seen. Never changed: a correction is a new one that says what it replaces.
 *
 * @property int $id
 * @property int $survey_id
 * @property string $key
 * @property string $place
 * @property string $entered
 * @property string|null $value  SI
 * @property int|null $log_id
 * @property array<string, mixed>|null $detail
 * @property EvidenceSource $source
 * @property string|null $meter  name of the one that told it
 * @property int|null $replaces_id
 * @property int|null $person_id
 * @property Carbon $told_at
 * @property Log|null $log
 * @property Person|null $person
 */
class Reading extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'readings';

    protected $fillable = ['survey_id', 'key', 'place', 'entered', 'value', 'log_id', 'detail', 'source', 'meter', 'replaces_id', 'person_id', 'told_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['detail' => 'array', 'source' => EvidenceSource::class, 'told_at' => 'datetime:Y-m-d H:i:s.v'];
    }

    /** @return BelongsTo<Log, $this> */
    public function log(): BelongsTo
    {
        return $this->belongsTo(Log::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    public function minute(string $key): ?float
    {
        $value = $this->detail[$key] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }
}
