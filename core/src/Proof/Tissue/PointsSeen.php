<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Tissue;

use Jornel\Core\Drawing\Camera;
use Jornel\Core\Scene\Scene;

/** Where the points of a tissue test lie on a drawing of the unit. */
final class PointsSeen
{
    /** How far behind the middle a point must lie to be on the far side, m. */
    private const BEHIND = 0.01;

    /**
     * @param  list<TissuePoint>  $points
     * @return list<array{id: string, x: float, y: float, behind: bool}> mm on the drawing; those that are drawn
     */
    public static function of(Scene $scene, array $points, Camera $camera): array
    {
        [$low, $high] = $scene->reach();
        $middle = $low->towards($high, 0.5);
        $seen = [];
        foreach ($points as $point) {
            if ($point->at !== null) {
                $at = $camera->see($point->at);
                $seen[] = ['id' => $point->id, 'x' => $at->x, 'y' => $at->y, 'behind' => $point->at->minus($middle)->dot($camera->towardsViewer) < -self::BEHIND];
            }
        }

        return $seen;
    }
}
