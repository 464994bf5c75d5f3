<?php

declare(strict_types=1);

namespace Jornel\Core\Drawing;

use Jornel\Core\Plan\FloorPlan;
use Jornel\Core\Plan\Furnishing;
use Jornel\Core\Plan\FurnishingKind;

/** A room seen from straight above, in the signs that plans use. */
final readonly class RoomPlan
{
    /**
     * @param  list<Stroke>  $floor  floor, then walls
     * @param  list<list<Stroke>>  $signs  of each furnishing
     * @param  list<Stroke>  $units  where units stand that were not placed by hand
     */
    private function __construct(public array $floor, public array $signs, public array $units)
    {
    }

    /**
     * @param  int  $units  0 or more
     * @param  array{float, float}|null  $foot  sides of one unit, m; null for the usual
     */
    public static function of(FloorPlan $plan, int $units = 0, ?array $foot = null, PlanSheet $sheet = new PlanSheet): self
    {
        $walls = $plan->outline->walls();
        $count = count($walls);
        $floor = [$sheet->stroke('floor', 'plan-floor', $plan->outline->corners, true)];
        foreach ($walls as $i => $wall) {
            $floor[] = $sheet->stroke("wall-{$i}", 'plan-wall', [
                $wall->from,
                $wall->outerCorner($wall->from, $walls[($i + $count - 1) % $count], RoomScene::WALL),
                $wall->outerCorner($wall->to, $walls[($i + 1) % $count], RoomScene::WALL),
                $wall->to,
            ], true);
        }
        $drawn = fn (Furnishing $one): Furnishing => $foot !== null && $one->kind === FurnishingKind::Unit ? new Furnishing($one->kind, $one->x, $one->y, $foot[0], $foot[1], $one->height) : $one;
        $spread = array_slice($plan->units($units), count($plan->all(FurnishingKind::Unit)));

        return new self(
            $floor,
            array_map(fn (Furnishing $one, int $i): array => PlanSign::of($drawn($one), "furnishing-{$i}", $sheet), $plan->furnishings, array_keys($plan->furnishings)),
            array_merge([], ...array_map(fn (Furnishing $one): array => PlanSign::of($drawn($one), 'unit', $sheet), $spread)),
        );
    }

    /** @return list<Stroke> */
    public function all(): array
    {
        return [...$this->floor, ...array_merge([], ...$this->signs), ...$this->units];
    }
}
