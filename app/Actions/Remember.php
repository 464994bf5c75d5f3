<?php

namespace App\Actions;

use App\Models\Person;
use App\Models\Programme;
use App\Models\Room;
use Illuminate\Support\Facades\Auth;
use Spatie\Activitylog\ActivityLogger;

/**
 * Who did what when, for the people of a programme. What happened is kept as a key with names, in the transaction of what was
 * done; its sentence stands in lang/en/activity.php.
 */
final class Remember
{
    /**
     * @param  string  $event  key of its sentence
     * @param  Room|null  $room  that it happened to
     * @param  array<string, string|int>  $named  what stands in the gaps of the sentence, as it was called then
     * @param  Person|null  $by  whoever is signed in, where nobody else is named
     */
    public static function that(string $event, int $programme, ?Room $room = null, array $named = [], ?Person $by = null): void
    {
        $log = app(ActivityLogger::class)->useLog(self::log($programme))->event($event)->causedBy($by ?? self::whoever());
        if ($room !== null) {
            $log->performedOn($room);
            $named += ['room' => $room->name];
        }
        $log->withProperties($named)->log($event);
    }

    private static function whoever(): ?Person
    {
        $person = Auth::user();

        return $person instanceof Person ? $person : null;
    }

    public static function log(Programme|int $programme): string
    {
        return 'programme '.($programme instanceof Programme ? $programme->id : $programme);
    }
}
