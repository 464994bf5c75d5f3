<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Guide\Making\Step;
use Jornel\Core\Guide\Steps;
use Jornel\Core\Guide\Work;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Hole;
use Jornel\Core\Shape\Measurements;
use Jornel\Core\Shape\Panel;
use Jornel\Core\Shape\Seam;

/** What a shape made of its parts is: size, faces, seams, panels, mass, work. */
final class DesignAnswer
{
    /** @return array<string, mixed> */
    public static function of(Design $design): array
    {
        $assembly = $design->assemble();
        $size = Measurements::of($design);
        $work = Work::of($design);

        return [
            'shape' => $design->shape->id(),
            'direction' => $design->direction()->value,
            'fans' => $design->shape->fanCount($design),
            'filters' => $design->shape->filterCount($design),
            'width_m' => $size->width, 'depth_m' => $size->depth, 'height_m' => $size->height,
            'footprint_m2' => $size->footprint,
            'mass_kg' => $size->mass,
            'tipping_degrees' => $size->tipping,
            'net_area_m2' => $assembly->netArea(),
            'throttle' => $assembly->throttle,
            'seams' => array_map(fn (Seam $seam): array => ['name' => $seam->name, 'length_m' => $seam->length, 'count' => $seam->count, 'gap_m' => $seam->gap ?? $design->joining->residualGap], $assembly->seams),
            'panels' => array_map(self::panel(...), $assembly->panels),
            'work_min' => $work->minutes, 'tools' => $work->tools(), 'skills' => $work->skills(),
            'steps' => array_map(fn (Step $step): string => $step->action, Steps::of($design)),
            'remarks' => $assembly->remarks,
        ];
    }

    /** @return array<string, mixed> */
    private static function panel(Panel $panel): array
    {
        return [
            'id' => $panel->id, 'name' => $panel->name, 'width_m' => $panel->width, 'height_m' => $panel->height,
            'outline_m' => array_map(fn (PlanePoint $corner): array => $corner->toArray(), $panel->outline),
            'holes' => array_map(fn (Hole $hole): array => ['x_m' => $hole->x, 'y_m' => $hole->y, 'width_m' => $hole->width, 'height_m' => $hole->height, 'round' => $hole->isRound], $panel->holes),
        ];
    }
}
