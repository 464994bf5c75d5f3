<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Jornel\Core\Guide\Tick;
use Jornel\Core\Guide\TickKind;

/**
 * Something told of a step of a unit. Never changed.
 *
 * @property int $id
 * @property int $unit_id
 * @property string $key  of whoever told it, so that it comes once
 * @property string $step
 * @property TickKind $kind
 * @property int|null $hold
 * @property string $text
 * @property int|null $person_id
 * @property int|null $photo_id
 * @property Carbon $told_at
 * @property Person|null $person
 */
class UnitTick extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'unit_ticks';

    protected $fillable = ['unit_id', 'key', 'step', 'kind', 'hold', 'text', 'person_id', 'photo_id', 'told_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => TickKind::class, 'told_at' => 'datetime:Y-m-d H:i:s.v'];
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    public function tick(): Tick
    {
        return new Tick($this->step, $this->kind, $this->hold, $this->text, $this->person->name ?? 'somebody', (float) $this->told_at->format('U.v'), $this->photo_id, $this->person_id);
    }
}
