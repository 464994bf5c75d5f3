<?php

declare(strict_types=1);

namespace Jornel\Core\Scene;

use Jornel\Core\Part\Filter;

/** A framed filter standing on a line at any angle, its depth to the right of the way along it, seen from above. */
final class StandingFilter
{
    /**
     * @param  Point  $from  where its inner lower edge begins
     * @param  Point  $to  where it ends
     * @param  float  $depth  m
     * @param  float  $height  m
     */
    public static function on(string $id, Filter $filter, Point $from, Point $to, float $depth, float $height): Solid
    {
        $along = $to->minus($from);
        $width = sqrt($along->dot($along));
        $out = new Point($along->y / $width * $depth, -$along->x / $width * $depth, 0.0);
        [$a, $b] = [$from->plus($out), $to->plus($out)];
        $up = new Point(0.0, 0.0, $height);
        $marks = FilterMarks::on($filter, new Frame($a, $along->scaled(1.0 / $width), new Point(0.0, 0.0, 1.0)), $width, $height);
        $side = fn (Point $p, Point $q): SolidFace => new SolidFace([$p, $q, $q->plus($up), $p->plus($up)]);

        return Solid::of($id, 'filter', [
            new SolidFace([$a, $b, $b->plus($up), $a->plus($up)], $marks), $side($b, $to), $side($to, $from), $side($from, $a),
            new SolidFace([$a->plus($up), $b->plus($up), $to->plus($up), $from->plus($up)]),
            new SolidFace([$from, $to, $b, $a]),
        ]);
    }
}
