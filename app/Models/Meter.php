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
 */
class Meter extends Model implements OfProgramme
{
    use SoftDeletes;

    protected $table = 'meters';

    protected $fillable = ['programme_id', 'name', 'tells', 'driver', 'address', 'field', 'unit', 'person_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['tells' => MeterKind::class];
    }

    /** Where its files are dropped: each programme has a folder of its own under `var/meters`. */
    public function folder(): string
    {
        return "{$this->programme_id}/{$this->address}";
    }

    public function programmeId(): int
    {
        return $this->programme_id;
    }
}
