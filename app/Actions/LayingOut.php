<?php

namespace App\Actions;

use App\Models\Person;
use Closure;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** How far a layout of many parts has come, for whoever waits for it with a ticket, and the way to end it. */
final readonly class LayingOut
{
    private const SECONDS = 60;

    /** Told so often at the most, s. */
    private const PULSE = 0.25;

    private string $key;

    public function __construct(Person $person, string $ticket)
    {
        $this->key = "laying out {$person->id} {$ticket}";
    }

    /** @return Closure(float): void */
    public function telling(): Closure
    {
        $told = microtime(true);

        return function (float $done) use (&$told): void {
            if (microtime(true) - $told < self::PULSE) {
                return;
            }
            $told = microtime(true);
            if (Cache::get("{$this->key} ended") !== null) {
                throw new HttpException(409, 'It was ended.');
            }
            Cache::put($this->key, $done, self::SECONDS);
        };
    }

    /** @return float 0 to 1 */
    public function done(): float
    {
        $done = Cache::get($this->key);

        return is_numeric($done) ? (float) $done : 0.0;
    }

    public function end(): void
    {
        Cache::put("{$this->key} ended", true, self::SECONDS);
    }
}
