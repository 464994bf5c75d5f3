<?php

declare(strict_types=1);

namespace Jornel\Core\Nest;

use Jornel\Core\Geometry\PlanePoint;

/**
 * A part turned as it lies, moved so that its extent begins at 0, 0; taken apart into convex pieces and into boxes, both of
 * which cover it.
 */
final class Pose
{
    private const SAME = 1e-7;

    /** Of the largest box within a part: what lies there is covered by boxes a little larger than it is. */
    private const MOST = 0.8;

    /** @var array<string, list<Space>> what its holes leave, by kerf and smallest part */
    public array $waste = [];

    /**
     * @param  int  $degrees  anticlockwise about its own origin
     * @param  float  $width  of its extent, m
     * @param  float  $height  m
     * @param  float  $left  from its own origin to its extent, m
     * @param  float  $low  m
     * @param  bool  $isBox  whether it fills its extent, holes not counted
     * @param  non-empty-list<array{float, float}>  $hull  corners that reach farthest
     * @param  non-empty-list<non-empty-list<array{float, float}>>  $convex  pieces that cover it, holes filled
     * @param  list<array{float, float, float, float}>  $boxes  that cover it, holes filled: left, low, right, high
     * @param  list<non-empty-list<array{float, float}>>  $pockets  its holes
     * @param  array{float, float}  $within  width and height of most of the largest box in it; 0 where it is not convex
     */
    private function __construct(
        public readonly int $degrees,
        public readonly float $width,
        public readonly float $height,
        public readonly float $left,
        public readonly float $low,
        public readonly bool $isBox,
        public readonly array $hull,
        public readonly array $convex,
        public readonly array $boxes,
        public readonly array $pockets,
        public readonly array $within,
    ) {
    }

    /**
     * @param  non-empty-list<PlanePoint>  $outline
     * @param  list<non-empty-list<PlanePoint>>  $holes
     */
    public static function of(array $outline, array $holes, int $degrees): self
    {
        $corners = array_map(fn (PlanePoint $at): array => self::turned($at, $degrees), $outline);
        [$left, $low] = [min(array_column($corners, 0)), min(array_column($corners, 1))];
        $corners = self::moved($corners, -$left, -$low);
        [$width, $height] = [max(array_column($corners, 0)), max(array_column($corners, 1))];
        $isBox = self::fills($corners, $width, $height);
        $convex = $isBox ? [[[0.0, 0.0], [$width, 0.0], [$width, $height], [0.0, $height]]] : ConvexCover::of($corners);

        return new self(
            $degrees, $width, $height, $left, $low, $isBox,
            $isBox ? $convex[0] : ConvexCover::hull($corners),
            array_map(fn (array $piece): array => ConvexCover::coarser($piece), $convex),
            $isBox ? [[0.0, 0.0, $width, $height]] : ConvexCover::boxes($convex),
            array_map(fn (array $hole): array => self::moved(array_map(fn (PlanePoint $at): array => self::turned($at, $degrees), $hole), -$left, -$low), $holes),
            count($convex) === 1 ? self::largestWithin($convex[0]) : [0.0, 0.0],
        );
    }

    /**
     * @param  non-empty-list<array{float, float}>  $corners
     * @return array{float, float}
     */
    private static function largestWithin(array $corners): array
    {
        $largest = [0.0, 0.0];
        foreach (ConvexCover::inner($corners) as [$left, $low, $right, $high]) {
            if (($right - $left) * ($high - $low) > $largest[0] * $largest[1]) {
                $largest = [$right - $left, $high - $low];
            }
        }

        return [self::MOST * $largest[0], self::MOST * $largest[1]];
    }

    /** Written out, so that two ways of lying that look alike are told to be one. */
    public function form(): string
    {
        $form = array_map(fn (array $at): string => sprintf('%.6f %.6f', $at[0], $at[1]), array_merge($this->hull, ...$this->convex, ...$this->pockets));
        sort($form);

        return implode(';', $form);
    }

    public function isSquare(): bool
    {
        return abs($this->width - $this->height) < self::SAME;
    }

    /**
     * @param  non-empty-list<array{float, float}>  $corners
     * @return non-empty-list<array{float, float}>
     */
    private static function moved(array $corners, float $x, float $y): array
    {
        return array_map(fn (array $at): array => [$at[0] + $x, $at[1] + $y], $corners);
    }

    /** @return array{float, float} */
    private static function turned(PlanePoint $at, int $degrees): array
    {
        return match ($degrees) {
            0 => [$at->x, $at->y],
            90 => [-$at->y, $at->x],
            180 => [-$at->x, -$at->y],
            270 => [$at->y, -$at->x],
            default => $at->turned(deg2rad($degrees))->toArray(),
        };
    }

    /** @param  non-empty-list<array{float, float}>  $corners */
    private static function fills(array $corners, float $width, float $height): bool
    {
        foreach ($corners as [$x, $y]) {
            $onSide = $x < self::SAME || $x > $width - self::SAME;
            $onEnd = $y < self::SAME || $y > $height - self::SAME;
            if (! $onSide || ! $onEnd) {
                return false;
            }
        }

        return count($corners) === 4;
    }
}
