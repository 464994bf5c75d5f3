<?php

declare(strict_types=1);

namespace Jornel\Core\Cut;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Nest\Grain;
use Jornel\Core\Nest\StockSheet;
use Jornel\Core\Shape\Panel;

/**
 * A carton unfolded: four walls in a row, a flap half as deep as the carton above and below each, its flutes upright. A part
 * lies within one panel, never across a fold.
 */
final readonly class CartonBlank
{
    /** Kept clear on each side of a fold, m (assumed): creased board bends there. */
    public const CREASE = 0.003;

    /**
     * @param  float  $width  of its two large walls, m
     * @param  float  $height  of all walls, m
     * @param  float  $depth  from one large wall to the other, m
     */
    public function __construct(public float $width, public float $height, public float $depth)
    {
    }

    /**
     * Areas between its folds that rectangles may be cut from, their flutes upright.
     *
     * @param  float  $kerf  m
     * @return list<array{float, float}> width and height, m
     */
    public function clearAreas(float $kerf): array
    {
        $fold = self::CREASE + $kerf;
        $areas = [];
        // The outer walls have one fold and a free edge, the inner ones two folds; flaps have one fold below or above.
        foreach ([[$this->width, 1], [$this->depth, 2], [$this->width, 2], [$this->depth, 1]] as [$width, $folds]) {
            foreach ([$this->height - 2.0 * $fold, $this->depth / 2.0 - $fold, $this->depth / 2.0 - $fold] as $height) {
                if ($width - $folds * $fold > 0.0 && $height > 0.0) {
                    $areas[] = [$width - $folds * $fold, $height];
                }
            }
        }

        return $areas;
    }

    /** @return float length of the blank without the strip that it was glued with, m */
    public function long(): float
    {
        return 2.0 * ($this->width + $this->depth);
    }

    /** @return float m */
    public function high(): float
    {
        return $this->height + $this->depth;
    }

    /**
     * Upright and lying folds.
     *
     * @return list<array{PlanePoint, PlanePoint}>
     */
    public function folds(): array
    {
        $folds = [];
        foreach ($this->uprights() as $x) {
            $folds[] = [new PlanePoint($x, $this->depth / 2.0), new PlanePoint($x, $this->depth / 2.0 + $this->height)];
        }
        foreach ([$this->depth / 2.0, $this->depth / 2.0 + $this->height] as $y) {
            $folds[] = [new PlanePoint(0.0, $y), new PlanePoint($this->long(), $y)];
        }

        return $folds;
    }

    /**
     * As a sheet to cut from.
     *
     * @param  int  $count  of them
     * @param  bool  $withFlaps  whether parts may be cut from the flaps
     * @param  int  $printed  large walls whose print is kept: 0 to 2
     */
    public function sheet(string $id, int $count, bool $withFlaps = true, int $printed = 0, string $material = Panel::CARTON): StockSheet
    {
        $zones = [];
        $flap = $this->depth / 2.0;
        foreach (array_slice([0.0, $this->width + $this->depth], 0, $printed) as $x) {
            $zones[] = self::box($x, $flap, $x + $this->width, $flap + $this->height);
        }
        // Between two flaps the blank is slit, so the fold is kept clear over its whole height.
        foreach ($this->uprights() as $x) {
            $zones[] = self::box($x - self::CREASE, 0.0, $x + self::CREASE, $this->high());
        }
        foreach ($withFlaps ? [$flap, $flap + $this->height] : [] as $y) {
            $zones[] = self::box(0.0, $y - self::CREASE, $this->long(), $y + self::CREASE);
        }
        foreach ($withFlaps ? [] : [[0.0, $flap], [$flap + $this->height, $this->high()]] as [$from, $to]) {
            $zones[] = self::box(0.0, $from, $this->long(), $to);
        }

        return new StockSheet($id, $this->long(), $this->high(), $count, Grain::Across, $zones, $material);
    }

    /** @return list<float> where the upright folds are, m */
    private function uprights(): array
    {
        return [$this->width, $this->width + $this->depth, 2.0 * $this->width + $this->depth];
    }

    /** @return non-empty-list<PlanePoint> */
    private static function box(float $left, float $low, float $right, float $high): array
    {
        return [new PlanePoint($left, $low), new PlanePoint($right, $low), new PlanePoint($right, $high), new PlanePoint($left, $high)];
    }
}
