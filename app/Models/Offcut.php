<?php

namespace App\Models;

use App\Models\Concerns\OfProgramme;
use Illuminate\Database\Eloquent\Model;

/**
 * What was left of a sheet and is worth keeping.
 *
 * @property int $id
 * @property int $programme_id
 * @property string $material
 * @property string $width_m
 * @property string $height_m
 * @property int|null $build_id  that it was left of
 */
class Offcut extends Model implements OfProgramme
{
    protected $table = 'offcuts';

    protected $fillable = ['programme_id', 'material', 'width_m', 'height_m', 'build_id', 'person_id'];

    public function programmeId(): int
    {
        return $this->programme_id;
    }
}
