<?php

declare(strict_types=1);

namespace Jornel\Core\Plan;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\System;

/**
 * Rooms joined into a building by their doors: where a door of one leads to another that has a door leading back, the
 * two walls are laid against each other with the doors facing.
 */
final readonly class JoinedRooms
{
    /** Thickness of a wall between two rooms, m (assumed). */
    public const WALL = 0.16;

    /** Doors that face each other more nearly than this are the same, m. */
    private const MEETS = 0.15;

    /**
     * @param  array<LaidRoom>  $rooms  by key, the first as it was drawn
     * @param  list<array{string, string, float}>  $apart  two rooms whose further doors do not meet, and by how much, m
     * @param  list<array{string, string}>  $over  two rooms of which one would lie over the other
     */
    private function __construct(public array $rooms, public array $apart, public array $over)
    {
    }

    /**
     * Where the plans of the rooms do not go together.
     *
     * @param  array<string>  $names  of rooms, by key
     * @return list<string> whole sentences
     */
    public function faults(array $names): array
    {
        return [
            ...array_map(fn (array $fault): string => sprintf(
                'The doors between %s and %s stand %s apart (%s): measure where they are again.',
                $names[$fault[0]], $names[$fault[1]], Display::RoomLength->text($fault[2], System::Metric), Display::RoomLength->text($fault[2], System::Imperial),
            ), $this->apart),
            ...array_map(fn (array $fault): string => sprintf(
                '%s and %s would lie over each other: one of their doors is drawn in the wrong wall or place.',
                $names[$fault[0]], $names[$fault[1]],
            ), $this->over),
        ];
    }

    /**
     * Buildings, each of the rooms that hang together.
     *
     * @param  array<FloorPlan>  $plans  by key
     * @return list<self> in the order of their first rooms
     */
    public static function of(array $plans): array
    {
        $buildings = [];
        $left = $plans;
        while ($left !== []) {
            $laid = [];
            $apart = [];
            $key = array_key_first($left);
            $open = [[(string) $key, new LaidRoom($left[$key], 0.0, new PlanePoint(0.0, 0.0))]];
            while ($open !== []) {
                [$key, $room] = array_shift($open);
                if (isset($laid[$key])) {
                    continue;
                }
                $laid[$key] = $room;
                unset($left[$key]);
                foreach (self::neighbours($plans, $key) as $other => $pairs) {
                    if (isset($laid[$other])) {
                        $worst = max(array_map(fn (array $pair): float => self::distance($room, $laid[$other], $pair), $pairs));
                        if ($worst > self::MEETS) {
                            $apart[] = [$key, (string) $other, $worst];
                        }
                    } else {
                        $open[] = [(string) $other, self::against($room, $plans[$other], $pairs[0])];
                    }
                }
            }
            $buildings[] = new self($laid, $apart, self::overlaps($laid));
        }

        return $buildings;
    }

    /**
     * Doors that lead to a room which has none leading back.
     *
     * @param  array<FloorPlan>  $plans  by key
     * @param  array<string>  $names  of rooms, by key
     * @return list<string> whole sentences
     */
    public static function unanswered(array $plans, array $names): array
    {
        $found = [];
        foreach ($plans as $key => $plan) {
            foreach ($plan->all(FurnishingKind::Door) as $door) {
                if (isset($plans[$door->leadsTo]) && count(self::doors($plans[$door->leadsTo], (string) $key)) < count(self::doors($plan, $door->leadsTo))) {
                    $found["{$key} {$door->leadsTo}"] = sprintf('A door of %s leads to %s, which has none leading back: put it into its plan.', $names[$key], $names[$door->leadsTo]);
                }
            }
        }

        return array_values($found);
    }

    /**
     * The rectangle that the whole just goes into.
     *
     * @return array{float, float, float, float} left, front, right, back, m
     */
    public function frame(): array
    {
        $xs = $ys = [];
        foreach ($this->rooms as $laid) {
            foreach ($laid->plan->outline->corners as $corner) {
                $at = $laid->at($corner);
                [$xs[], $ys[]] = [$at->x, $at->y];
            }
        }

        return [min($xs ?: [0.0]), min($ys ?: [0.0]), max($xs ?: [0.0]), max($ys ?: [0.0])];
    }

    /** @return float m2 */
    public function area(): float
    {
        return array_sum(array_map(fn (LaidRoom $room): float => $room->plan->area(), $this->rooms));
    }

    /** @return float m3 */
    public function volume(): float
    {
        return array_sum(array_map(fn (LaidRoom $room): float => $room->plan->volume(), $this->rooms));
    }

    /**
     * Rooms that one leads to and that lead back, with the pairs of doors.
     *
     * @param  array<FloorPlan>  $plans
     * @return array<non-empty-list<array{Furnishing, Furnishing}>>
     */
    private static function neighbours(array $plans, string $key): array
    {
        $found = [];
        foreach ($plans[$key]->all(FurnishingKind::Door) as $door) {
            $other = $door->leadsTo;
            if ($other === $key || ! isset($plans[$other]) || isset($found[$other])) {
                continue;
            }
            $pairs = array_map(null, self::doors($plans[$key], $other), self::doors($plans[$other], $key));
            $whole = array_values(array_filter($pairs, fn (array $pair): bool => isset($pair[0], $pair[1])));
            if ($whole !== []) {
                /** @var non-empty-list<array{Furnishing, Furnishing}> $whole */
                $found[$other] = $whole;
            }
        }

        return $found;
    }

    /** @return list<Furnishing> */
    private static function doors(FloorPlan $plan, string $leadsTo): array
    {
        return array_values(array_filter($plan->all(FurnishingKind::Door), fn (Furnishing $door): bool => $door->leadsTo === $leadsTo));
    }

    /** @param  array{Furnishing, Furnishing}  $doors  of the room that lies already, and of the one to be laid */
    private static function against(LaidRoom $room, FloorPlan $plan, array $doors): LaidRoom
    {
        [$here, $there] = $doors;
        $turn = $here->turn + $room->turn + M_PI - $there->turn;

        return new LaidRoom($plan, $turn, self::facing($room, $here)->minus($there->middle()->turned($turn)));
    }

    /** Where the other room’s door is, beyond the wall. */
    private static function facing(LaidRoom $room, Furnishing $door): PlanePoint
    {
        return $room->at($door->middle())->plus((new PlanePoint(self::WALL, 0.0))->turned($door->turn + $room->turn - M_PI_2));
    }

    /** @param  array{Furnishing, Furnishing}  $doors */
    private static function distance(LaidRoom $room, LaidRoom $other, array $doors): float
    {
        return self::facing($room, $doors[0])->distanceTo($other->at($doors[1]->middle()));
    }

    /**
     * @param  array<LaidRoom>  $laid
     * @return list<array{string, string}>
     */
    private static function overlaps(array $laid): array
    {
        $found = [];
        $keys = array_map(strval(...), array_keys($laid));
        foreach ($keys as $i => $one) {
            foreach (array_slice($keys, $i + 1) as $other) {
                if ($laid[$one]->liesOver($laid[$other])) {
                    $found[] = [$one, $other];
                }
            }
        }

        return $found;
    }
}
