<?php

namespace App\Models;

use App\Models\Concerns\OfProgramme;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A meter that a programme may ask.
 *
 * @property int $id
 * @property int $programme_id
 * @property string $name
 * @property MeterKind $tells
 * @property string $driver
 * @property string $address
 * @property string $field
 * @property string $unit
 * @property bool $is_internal
 */
class Meter extends Model implements OfProgramme
{
    use SoftDeletes;

    protected $table = 'meters';

    protected $fillable = ['programme_id', 'name', 'tells', 'driver', 'address', 'field', 'unit', 'is_internal', 'person_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['tells' => MeterKind::class, 'is_internal' => 'boolean'];
    }

    public function programmeId(): int
    {
        return $this->programme_id;
    }
}
