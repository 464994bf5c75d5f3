<?php

declare(strict_types=1);

namespace Jornel\Core\Plan;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\System;

/**
 * A tape's reading of one wall, put into an outline: every wall keeps its direction, walls that the tape has read keep
 * their length, and of those that run the same way the next one makes up the difference.
 */
final class TapeReading
{
    /** Two walls run the same way within this sine of their angle: half a degree. */
    private const PARALLEL = 0.0087;

    /** Walls do not get shorter than this, m. */
    private const SHORTEST = 0.05;

    /** A reading so near to what the others leave is the same: a sixteenth of an inch, m. */
    private const SAME = 0.0016;

    /**
     * @param  FloorPlan  $plan  as it was drawn
     * @param  int  $number  of the wall, from 0
     * @param  float  $length  as it was read, m
     * @param  System  $system  in which a fault is told
     * @return array{corners: list<PlanePoint>, taped: list<bool>}
     *
     * @throws InvalidPlan when the other readings leave another length, or a wall would vanish
     */
    public static function take(FloorPlan $plan, int $number, float $length, System $system): array
    {
        $walls = $plan->outline->walls();
        $count = count($walls);
        $wall = $walls[$number] ?? throw InvalidPlan::outline('wall', 'There is no such wall.');
        $taped = array_map(fn (int $i): bool => $i === $number || $plan->taped[$i], array_keys($walls));
        $by = $length - $wall->length();
        if (abs($by) <= self::SAME) {
            return ['corners' => $plan->outline->corners, 'taped' => $taped];
        }
        $along = $wall->direction();
        $isHeld = false;
        for ($step = 1; $step < $count; $step++) {
            $i = ($number + $step) % $count;
            $other = $walls[$i]->direction();
            if (abs($along->x * $other->y - $along->y * $other->x) > self::PARALLEL) {
                continue;
            }
            if ($plan->taped[$i]) {
                $isHeld = true;
            } elseif ($walls[$i]->length() - $by * $along->dot($other) >= self::SHORTEST) {
                return self::moved($plan, $number, $step, $along->scaled($by), $taped);
            }
        }
        if ($isHeld) {
            throw InvalidPlan::tape(Display::RoomLength->text($wall->length(), $system), Display::RoomLength->text(abs($by), $system), $by > 0.0);
        }
        foreach ([1, $count - 1] as $step) {
            if (! $plan->taped[($number + $step) % $count]) {
                return self::moved($plan, $step === 1 ? $number : ($number - 1 + $count) % $count, 1, $along->scaled($step === 1 ? $by : -$by), $taped);
            }
        }

        throw InvalidPlan::tape(Display::RoomLength->text($wall->length(), $system), Display::RoomLength->text(abs($by), $system), $by > 0.0);
    }

    /**
     * The corners after a wall, so many of them, moved.
     *
     * @param  PlanePoint  $by  m
     * @param  list<bool>  $taped
     * @return array{corners: list<PlanePoint>, taped: list<bool>}
     */
    private static function moved(FloorPlan $plan, int $after, int $corners, PlanePoint $by, array $taped): array
    {
        $moved = $plan->outline->corners;
        $count = count($moved);
        for ($step = 1; $step <= $corners; $step++) {
            $i = ($after + $step) % $count;
            $moved[$i] = $moved[$i]->plus($by);
        }
        $moved = array_values($moved);
        FloorPlan::drawn($moved, $plan->outline->heights);

        return ['corners' => $moved, 'taped' => $taped];
    }
}
