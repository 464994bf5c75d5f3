<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What a person has on the screen for a room and has not saved yet, as the screen keeps it.
 *
 * @property int $room_id
 * @property int $person_id
 * @property array<string, mixed> $work
 * @property Carbon $updated_at
 */
class Draft extends Model
{
    protected $table = 'drafts';

    protected $fillable = ['room_id', 'person_id', 'work'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['work' => 'array'];
    }
}
