<?php

declare(strict_types=1);

namespace Jornel\Core\Cut;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Panel;
use Jornel\Core\Shape\Shroud;

/** All parts that are cut for some units of a design, labelled A, B, ... in the order in which they are needed. */
final class CutList
{
    private const CORNERS = 4;

    /** Tape over a corner that needs no piece, on each of its two sides, m (assumed). */
    private const LEAST_CORNER = 0.1;

    /**
     * @param  int  $units  1 or more
     * @param  string  $before  put before each label
     * @return list<CutPart>
     */
    public static function of(Design $design, Assembly $assembly, int $units = 1, string $before = ''): array
    {
        $alike = [];
        foreach ([...$assembly->panels, ...self::cornerPieces($design, $assembly), ...$assembly->cutOuts] as $panel) {
            $isCutInto = $panel->sheet === Panel::FAN_CARTON || isset($assembly->hardware[$panel->sheet]) || in_array($panel, $assembly->cutOuts, true);
            $key = self::alike($panel);
            $alike[$key] = [$panel, ($alike[$key][1] ?? 0) + 1, $isCutInto];
        }
        $parts = [];
        foreach (array_values($alike) as $number => [$panel, $count, $isCutInto]) {
            $parts[] = CutPart::of($before.self::letter($number), $panel, $count * $units, $isCutInto);
        }

        return $parts;
    }

    /** The same for panels that are cut alike and share a label. */
    public static function alike(Panel $panel): string
    {
        return sprintf('%s %s %.5f %.5f %s', $panel->id, $panel->name, $panel->width, $panel->height, $panel->sheet);
    }

    /** A, B, ..., Z, AA, AB, ... */
    public static function letter(int $number): string
    {
        return ($number >= 26 ? chr(64 + intdiv($number, 26)) : '').chr(65 + $number % 26);
    }

    /** Whether triangles of carton close the front corners of a fan: of a square one, through which air would fall back. */
    public static function hasCornerPieces(Design $design, Assembly $assembly): bool
    {
        return $design->corners === Corners::Taped && self::leg($design) > 0.0 && $design->fan->handling->holePitch === null && $assembly->fallsBack();
    }

    /**
     * Each of them as far as the blades.
     *
     * @return list<Panel>
     */
    private static function cornerPieces(Design $design, Assembly $assembly): array
    {
        if (! self::hasCornerPieces($design, $assembly)) {
            return [];
        }
        $leg = self::leg($design);

        return array_fill(0, self::CORNERS, Panel::polygon('corner', 'Corner piece', PlanePoint::list([[0.0, 0.0], [$leg, 0.0], [0.0, $leg]])));
    }

    /**
     * Joining that fixes what lies over the corners of a fan: the edge of its shroud, or those of the corner pieces.
     *
     * @return float m, of one unit
     */
    public static function cornerJoining(Design $design, Assembly $assembly): float
    {
        if ($design->corners === Corners::Taped) {
            return ! $assembly->fallsBack() ? 0.0 : self::CORNERS * 2.0 * max(self::leg($design), self::LEAST_CORNER);
        }

        return array_sum(array_map(fn (Panel $panel): float => $panel->id === Shroud::PART ? 2.0 * ($panel->width + $panel->height) : 0.0, $assembly->panels));
    }

    /** @return float of a corner that the blades leave free, m; 0 of a round housing */
    private static function leg(Design $design): float
    {
        $body = $design->fan->body;

        return $body->isRound() ? 0.0 : $body->side - $body->bladeCircle / M_SQRT2;
    }
}
