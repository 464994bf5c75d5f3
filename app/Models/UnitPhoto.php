<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A photo that was taken while a unit was made.
 *
 * @property int $id
 * @property int $unit_id
 * @property string $key
 * @property string $content  JPEG, base64
 */
class UnitPhoto extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'unit_photos';

    protected $fillable = ['unit_id', 'key', 'content'];
}
