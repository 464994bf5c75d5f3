<?php

declare(strict_types=1);

namespace Jornel\Core\CutFile;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Geometry\Polygon;

/** The surface of a solid as triangles whose corners run anticlockwise seen from outside, mm. */
final readonly class Mesh
{
    /** Corners of a round one. */
    public const STEPS = 96;

    /** @param  list<array{array{float, float, float}, array{float, float, float}, array{float, float, float}}>  $triangles */
    private function __construct(public array $triangles)
    {
    }

    /**
     * A profile turned round the upright axis.
     *
     * @param  non-empty-list<array{float, float}>  $profile  distance from the axis and height, mm, anticlockwise with the axis on its left
     */
    public static function turned(array $profile): self
    {
        $triangles = [];
        $count = count($profile);
        for ($step = 0; $step < self::STEPS; $step++) {
            foreach ($profile as $i => $from) {
                $to = $profile[($i + 1) % $count];
                [$a, $b, $c, $d] = [self::at($from, $step), self::at($from, $step + 1), self::at($to, $step + 1), self::at($to, $step)];
                // What lies on the axis is a point, not an edge.
                if ($from[0] > 0.0) {
                    $triangles[] = [$a, $b, $to[0] > 0.0 ? $c : $d];
                }
                if ($to[0] > 0.0) {
                    $triangles[] = [$a, $c, $d];
                }
            }
        }

        return new self($triangles);
    }

    /**
     * @param  array{float, float}  $point  distance from the axis and height
     * @return array{float, float, float}
     */
    private static function at(array $point, int $step): array
    {
        $turn = 2.0 * M_PI * ($step % self::STEPS) / self::STEPS;

        return [$point[0] * cos($turn), $point[0] * sin($turn), $point[1]];
    }

    /**
     * An outline drawn up.
     *
     * @param  non-empty-list<array{float, float}>  $outline  mm, anticlockwise
     */
    public static function drawnUp(array $outline, float $height): self
    {
        $polygon = new Polygon(PlanePoint::list($outline));
        $triangles = [];
        foreach ($polygon->triangles() as [$a, $b, $c]) {
            $triangles[] = [[...$outline[$a], $height], [...$outline[$b], $height], [...$outline[$c], $height]];
            $triangles[] = [[...$outline[$c], 0.0], [...$outline[$b], 0.0], [...$outline[$a], 0.0]];
        }
        $count = count($outline);
        foreach ($outline as $i => $from) {
            $to = $outline[($i + 1) % $count];
            $triangles[] = [[...$from, 0.0], [...$to, 0.0], [...$to, $height]];
            $triangles[] = [[...$from, 0.0], [...$to, $height], [...$from, $height]];
        }

        return new self($triangles);
    }

    /**
     * By the divergence theorem.
     *
     * @return float mm3, above zero where all triangles face outwards
     */
    public function volume(): float
    {
        $volume = 0.0;
        foreach ($this->triangles as [[$ax, $ay, $az], [$bx, $by, $bz], [$cx, $cy, $cz]]) {
            $volume += ($ax * ($by * $cz - $bz * $cy) + $ay * ($bz * $cx - $bx * $cz) + $az * ($bx * $cy - $by * $cx)) / 6.0;
        }

        return $volume;
    }

    /** As a stereolithography file in ASCII, mm. */
    public function stl(string $name): string
    {
        $name = (string) preg_replace('/[^a-z0-9-]/', '-', strtolower($name));
        $lines = "solid {$name}\n";
        foreach ($this->triangles as [$a, $b, $c]) {
            [$u, $v] = [[$b[0] - $a[0], $b[1] - $a[1], $b[2] - $a[2]], [$c[0] - $a[0], $c[1] - $a[1], $c[2] - $a[2]]];
            $normal = [$u[1] * $v[2] - $u[2] * $v[1], $u[2] * $v[0] - $u[0] * $v[2], $u[0] * $v[1] - $u[1] * $v[0]];
            $size = max(1e-12, sqrt($normal[0] ** 2 + $normal[1] ** 2 + $normal[2] ** 2));
            $lines .= sprintf("facet normal %.6f %.6f %.6f\nouter loop\n", $normal[0] / $size + 0.0, $normal[1] / $size + 0.0, $normal[2] / $size + 0.0);
            foreach ([$a, $b, $c] as [$x, $y, $z]) {
                $lines .= sprintf("vertex %.6f %.6f %.6f\n", round($x, 6) + 0.0, round($y, 6) + 0.0, round($z, 6) + 0.0);
            }
            $lines .= "endloop\nendfacet\n";
        }

        return $lines."endsolid {$name}\n";
    }
}
