<?php

namespace App\Finder;

use App\Finder\Service\NobodyWaits;
use Closure;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * A search holds a core for as long as it takes: only so many run at once, on all machines together. Whoever has a ticket and is
 * near their turn waits for it in their request; who is not, or waits long, is told how many are before them and asks again. Who
 * does not ask for a while, or gives the ticket back, waits no more and is not searched for any longer.
 */
final readonly class FindQueue
{
    /** Who was not seen for so long has left, s. */
    private const PATIENCE = 8;

    /** Who was not seen for so long comes later: nobody waits for them to ask again, s. */
    private const GRACE = 1;

    /** With so many before them or fewer one waits in one's request: each holds a worker of the web server. */
    private const NEAR = 3;

    /** How often it is looked whether one's turn has come, microseconds. */
    private const LOOK = 60_000;

    /** A search that is under way has ended by then, s: nobody is seen while it runs. */
    private const LONGEST = 60;

    /** Whoever runs is asked so often whether somebody still waits, s. */
    private const PULSE = 0.1;

    /** Without a ticket one waits in one's request, s. */
    private const WAIT = 20;

    /**
     * @template T
     *
     * @param  Closure(Closure(): void): T  $search  gets what it is to call again and again
     * @return T|Waiting
     *
     * @throws NobodyWaits where the ticket was given back
     */
    public function turn(int $person, string $ticket, Closure $search): mixed
    {
        if ($ticket === '') {
            return $this->inTheRequest($search);
        }
        $own = $this->enter($person, $ticket);
        [$seen, $until, $before] = [microtime(true), microtime(true) + config()->float('jornel.find_hold'), 0];
        while (($slot = $this->slotFor($own, $before)) === null) {
            if ($before > self::NEAR || microtime(true) >= $until) {
                return new Waiting($before);
            }
            usleep(self::LOOK);
            if (microtime(true) - $seen > self::GRACE / 2) {
                $this->stay($own);
                $seen = microtime(true);
            }
        }
        try {
            DB::table('finds_waiting')->where('id', $own)->update(['is_running' => true]);

            return $search($this->pulse($own));
        } finally {
            self::release($slot);
            DB::table('finds_waiting')->where('id', $own)->delete();
        }
    }

    /** Nobody waits for it any more. */
    public function leave(int $person, string $ticket): void
    {
        DB::table('finds_waiting')->where('person_id', $person)->where('ticket', $ticket)->delete();
    }

    private function enter(int $person, string $ticket): int
    {
        DB::table('finds_waiting')->where(fn (Builder $gone) => $gone->where('is_running', false)->where('seen_at', '<', self::ago(self::PATIENCE)))
            ->orWhere('seen_at', '<', self::ago(self::LONGEST))->delete();
        DB::table('finds_waiting')->upsert(['person_id' => $person, 'ticket' => $ticket, 'seen_at' => self::ago(0)], ['person_id', 'ticket'], ['seen_at']);

        return (int) DB::table('finds_waiting')->where('person_id', $person)->where('ticket', $ticket)->value('id');
    }

    /** Whoever waits in their request is still there, unless the ticket was given back meanwhile. */
    private function stay(int $own): void
    {
        if ($this->waiting()->where('id', $own)->update(['seen_at' => self::ago(0)]) === 0) {
            throw new NobodyWaits;
        }
    }

    /**
     * A slot where there is one for whoever has this place: so few come before them who wait here and now.
     *
     * @param  int  $before  is set to how many come before them
     */
    private function slotFor(int $own, int &$before): ?int
    {
        // In one question, as it is asked again and again.
        $ahead = DB::selectOne('SELECT COUNT(*) AS places, COALESCE(SUM(is_running = 0 AND seen_at >= ?), 0) AS here FROM finds_waiting WHERE id < ?', [self::ago(self::GRACE), $own]);
        $before = (int) $ahead->places;

        return (int) $ahead->here < self::slots() ? $this->slot() : null;
    }

    private function waiting(): Builder
    {
        return DB::table('finds_waiting');
    }

    /** @return Closure(): void */
    private function pulse(int $own): Closure
    {
        $next = microtime(true) + self::PULSE;

        return function () use ($own, &$next): void {
            if (microtime(true) < $next) {
                return;
            }
            $next = microtime(true) + self::PULSE;
            if ($this->waiting()->where('id', $own)->doesntExist()) {
                throw new NobodyWaits;
            }
        };
    }

    /**
     * @template T
     *
     * @param  Closure(Closure(): void): T  $search
     * @return T|Waiting
     */
    private function inTheRequest(Closure $search): mixed
    {
        $until = microtime(true) + self::WAIT;
        while (($slot = $this->slot()) === null) {
            if (microtime(true) > $until) {
                return new Waiting($this->waiting()->count());
            }
            usleep(50_000);
        }
        try {
            return $search(fn (): null => null);
        } finally {
            self::release($slot);
        }
    }

    /** The number of a slot that is now ours, until it is released or this connection ends; null where all are taken. */
    private function slot(): ?int
    {
        $slots = range(1, self::slots());
        $cases = implode(' ', array_map(fn (int $slot): string => "WHEN GET_LOCK(?, 0) = 1 THEN {$slot}", $slots));
        $taken = DB::scalar("SELECT CASE {$cases} END", array_map(self::name(...), $slots));

        return $taken === null ? null : (int) $taken;
    }

    private static function release(int $slot): void
    {
        DB::scalar('SELECT RELEASE_LOCK(?)', [self::name($slot)]);
    }

    private static function name(int $slot): string
    {
        return DB::getDatabaseName().".find.{$slot}";
    }

    private static function slots(): int
    {
        return max(1, config()->integer('jornel.finds_at_once'));
    }

    private static function ago(int $seconds): string
    {
        return now()->subSeconds($seconds)->format('Y-m-d H:i:s.v');
    }
}
