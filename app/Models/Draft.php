<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use stdClass;

/**
 * What a person has on the screen for a room and has not saved yet, as the screen keeps it.
 *
 * @property int $room_id
 * @property int $person_id
 * @property stdClass $work  an object without keys stays one
 * @property Carbon $updated_at
 */
class Draft extends Model
{
    protected $table = 'drafts';

    protected $fillable = ['room_id', 'person_id', 'work'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['work' => 'object'];
    }
}
