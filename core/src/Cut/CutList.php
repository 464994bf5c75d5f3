<?php

declare(strict_types=1);

namespace Jornel\Core\Cut;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Panel;

/** All parts that are cut for some units of a design, labelled A, B, ... in the order in which they are needed. */
final class CutList
{
    /**
     * @param  int  $units  1 or more
     * @param  string  $before  put before each label
     * @return list<CutPart>
     */
    public static function of(Design $design, Assembly $assembly, int $units = 1, string $before = ''): array
    {
        $alike = [];
        foreach ([...$assembly->panels, ...self::cornerPieces($design), ...$assembly->cutOuts] as $panel) {
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

    /**
     * Triangles of carton over the front corners of a square fan, each as far as the blades.
     *
     * @return list<Panel>
     */
    private static function cornerPieces(Design $design): array
    {
        $body = $design->fan->body;
        $leg = $body->side - $body->bladeCircle / M_SQRT2;
        if ($design->corners !== Corners::Taped || $body->isRound() || $leg <= 0.0 || $design->fan->handling->holePitch !== null) {
            return [];
        }
        $triangle = Panel::polygon('corner', 'Corner piece', PlanePoint::list([[0.0, 0.0], [$leg, 0.0], [0.0, $leg]]));

        return array_fill(0, 4, $triangle);
    }
}
