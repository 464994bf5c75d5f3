<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Geometry\PlanePoint;

/** A hollow cone between two round openings: printed as a solid, or cut flat from sheet and rolled. */
final readonly class Cone
{
    /** Wall of a printed part, m (common practice: 1.5 to 2 mm). */
    public const WALL = 0.002;

    /** What a common printer lays down, m3/s (assumed: 12 cm3 an hour). */
    private const PRINTING = 12e-6 / 3600.0;

    /** Strip along one edge to glue it shut, m (assumed). */
    private const LAP = 0.012;

    /**
     * @param  float  $wide  inner diameter at the wide end, m
     * @param  float  $narrow  inner diameter at the narrow end, m
     * @param  float  $height  m
     */
    public function __construct(public float $wide, public float $narrow, public float $height)
    {
    }

    /**
     * Length of its side from end to end.
     *
     * @return float m
     */
    public function slant(): float
    {
        return hypot($this->height, ($this->wide - $this->narrow) / 2.0);
    }

    /**
     * Flat development: an annular sector of these inner and outer radii, m, and this angle, radians; a strip of height
     * by circumference where both ends are alike.
     *
     * @return array{inner: float, outer: float, angle: float}
     */
    public function development(): array
    {
        $grows = ($this->wide - $this->narrow) / 2.0;
        $outer = $this->slant() * ($this->wide / 2.0) / max(1e-9, $grows);

        return ['inner' => $outer - $this->slant(), 'outer' => $outer, 'angle' => M_PI * $this->wide / $outer];
    }

    /**
     * The development as a panel, with a strip to glue along one edge.
     *
     * @param  int  $steps  corners along each arc
     */
    public function panel(string $id, string $name, int $steps = 48): Panel
    {
        $flat = $this->development();
        if ($flat['outer'] > 100.0 * $this->wide) {
            return Panel::rectangle($id, $name, M_PI * $this->wide + self::LAP, $this->height);
        }
        $at = fn (float $radius, float $share): PlanePoint => (new PlanePoint($radius, 0.0))->turned($flat['angle'] * $share);
        $outer = array_map(fn (int $step): PlanePoint => $at($flat['outer'], $step / $steps), range(0, $steps));
        $inner = array_map(fn (int $step): PlanePoint => $at($flat['inner'], $step / $steps), range($steps, 0));

        return Panel::polygon($id, $name, [
            new PlanePoint($flat['inner'], -self::LAP), new PlanePoint($flat['outer'], -self::LAP),
            ...$outer, ...$inner,
        ]);
    }

    /**
     * Plastic in it when it is printed.
     *
     * @return float m3
     */
    public function volume(): float
    {
        $frustum = fn (float $a, float $b): float => M_PI * $this->height / 3.0 * ($a ** 2 + $a * $b + $b ** 2);

        return $frustum($this->wide / 2.0 + self::WALL, $this->narrow / 2.0 + self::WALL) - $frustum($this->wide / 2.0, $this->narrow / 2.0);
    }

    /** Minutes of printing by volume. */
    public static function printing(float $volume): float
    {
        return $volume / self::PRINTING / 60.0;
    }
}
