<?php

namespace App\Jobs;

use App\Actions\Assess;
use App\Models\Programme;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;

/** Works out how the rooms of a programme do where that is not known, a share at a time. */
class AssessRooms implements ShouldBeUnique, ShouldQueue
{
    use Dispatchable, InteractsWithQueue, Queueable;

    private const AT_ONCE = 200;

    public int $uniqueFor = 120;

    public function __construct(private readonly Programme $programme)
    {
    }

    public function uniqueId(): string
    {
        return (string) $this->programme->id;
    }

    public function handle(Assess $assess): void
    {
        while ($assess->missing($this->programme, self::AT_ONCE) === self::AT_ONCE) {
            // The next share.
        }
    }
}
