<?php

declare(strict_types=1);

namespace Jornel\Core\Scene;

use Closure;

/** Round hollow things that stand upright, as convex sectors: a ring cartridge, a pipe, a cone, a lid with a hole. */
final class Tube
{
    private const SECTORS = 20;

    /**
     * @param  Point  $foot  middle of the lower end
     * @param  array{float, float}  $lower  inner and outer radius there, m
     * @param  array{float, float}  $upper  inner and outer radius at the upper end, m
     * @param  float  $height  m
     * @param  bool  $isPleated  whether its outside is media
     * @return non-empty-list<Solid>
     */
    public static function of(string $part, string $material, Point $foot, array $lower, array $upper, float $height, bool $isPleated = false): array
    {
        return self::sectors($part, $material, $foot, $lower, $upper, $height, $isPleated, 0.0, 1.0, self::SECTORS);
    }

    /**
     * A wall that is open on one side.
     *
     * @param  array{float, float}  $radii  inner and outer, m
     * @param  float  $from  where it begins, turns anticlockwise from x
     * @param  float  $to  where it ends, the same, above its beginning
     * @return non-empty-list<Solid>
     */
    public static function arc(string $part, string $material, Point $foot, array $radii, float $height, float $from, float $to): array
    {
        return self::sectors($part, $material, $foot, $radii, $radii, $height, false, $from, $to, max(1, (int) round(self::SECTORS * ($to - $from))));
    }

    /**
     * A full round plate.
     *
     * @param  list<Mark>|(Closure(): list<Mark>)  $marks  on its upper side
     */
    public static function disc(string $part, string $material, Point $foot, float $radius, float $height, array|Closure $marks = []): Solid
    {
        $outline = array_map(fn (int $step): Point => self::at($foot, $radius, $step / self::SECTORS), range(0, self::SECTORS - 1));

        return Solid::prism($part, $material, $outline, new Point(0.0, 0.0, $height), $marks);
    }

    /**
     * @param  array{float, float}  $lower
     * @param  array{float, float}  $upper
     * @param  int  $count  of the sectors, 1 or more
     * @return non-empty-list<Solid>
     */
    private static function sectors(string $part, string $material, Point $foot, array $lower, array $upper, float $height, bool $isPleated, float $from, float $to, int $count): array
    {
        $at = fn (int $sector): float => $from + ($to - $from) * $sector / $count;

        return array_map(
            fn (int $sector): Solid => self::sector($part, $material, $foot, $lower, $upper, $height, $at($sector), $at($sector + 1), $isPleated),
            range(0, $count - 1),
        );
    }

    /**
     * @param  array{float, float}  $lower
     * @param  array{float, float}  $upper
     */
    private static function sector(string $part, string $material, Point $foot, array $lower, array $upper, float $height, float $from, float $to, bool $isPleated): Solid
    {
        $head = $foot->plus(new Point(0.0, 0.0, $height));
        [$a, $b, $c, $d] = [self::at($foot, $lower[0], $from), self::at($foot, $lower[1], $from), self::at($foot, $lower[1], $to), self::at($foot, $lower[0], $to)];
        [$e, $f, $g, $h] = [self::at($head, $upper[0], $from), self::at($head, $upper[1], $from), self::at($head, $upper[1], $to), self::at($head, $upper[0], $to)];

        return Solid::of($part, $material, [
            new SolidFace([$a, $d, $c, $b]),
            new SolidFace([$e, $f, $g, $h]),
            new SolidFace([$b, $c, $g, $f], $isPleated ? fn (): array => self::pleats($b, $c, $g, $f) : []),
            new SolidFace([$d, $a, $e, $h]),
            new SolidFace([$a, $b, $f, $e]),
            new SolidFace([$c, $d, $h, $g]),
        ]);
    }

    /** @return list<Mark> */
    private static function pleats(Point $b, Point $c, Point $g, Point $f): array
    {
        return [
            new Mark('media', [$b, $c, $g, $f], true),
            ...array_map(fn (float $share): Mark => new Mark('pleat', [$b->towards($c, $share), $f->towards($g, $share)], false), [0.2, 0.4, 0.6, 0.8]),
        ];
    }

    private static function at(Point $middle, float $radius, float $turn): Point
    {
        return $middle->plus(new Point($radius * cos(2.0 * M_PI * $turn), $radius * sin(2.0 * M_PI * $turn), 0.0));
    }
}
