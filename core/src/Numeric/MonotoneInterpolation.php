<?php

declare(strict_types=1);

namespace Jornel\Core\Numeric;

/**
 * Piecewise cubic through points that neither overshoots nor turns back between them.
 *
 * Method: Fritsch and Butland, "A method for constructing local monotone piecewise cubic interpolants", SIAM Journal on
 * Scientific and Statistical Computing 5 (1984): weighted harmonic means of the neighbouring slopes; three-point
 * shape-preserving slopes at the ends, as in Moler, "Numerical Computing with MATLAB" (2004), chapter 3.
 */
final readonly class MonotoneInterpolation
{
    /**
     * @param  non-empty-list<float>  $x  strictly rising
     * @param  non-empty-list<float>  $y
     * @param  non-empty-list<float>  $slopes
     */
    private function __construct(private array $x, private array $y, private array $slopes)
    {
    }

    /**
     * @param  list<array{float, float}>  $points  at least two, x strictly rising
     *
     * @throws UnorderedPoints
     */
    public static function through(array $points): self
    {
        if (count($points) < 2) {
            throw UnorderedPoints::tooFew(count($points));
        }
        $x = array_map(fn (array $point): float => $point[0], $points);
        $y = array_map(fn (array $point): float => $point[1], $points);
        $widths = array_map(function (int $i) use ($x): float {
            $width = $x[$i] - $x[$i - 1];

            return $width > 0.0 ? $width : throw UnorderedPoints::at($i, $x[$i - 1], $x[$i]);
        }, range(1, count($points) - 1));
        $rises = array_map(fn (float $width, int $i): float => ($y[$i + 1] - $y[$i]) / $width, $widths, array_keys($widths));

        return new self($x, $y, self::slopes($widths, $rises));
    }

    /** Value at x; beyond the ends the value of the end. */
    public function at(float $x): float
    {
        $last = count($this->x) - 1;
        if ($x <= $this->x[0]) {
            return $this->y[0];
        }
        if ($x >= $this->x[$last]) {
            return $this->y[$last];
        }

        return $this->within($this->segment($x), $x);
    }

    /**
     * Where a falling interpolant takes a value: the inverse, found within its one segment.
     *
     * @param  float  $y  between the values of the ends; beyond them the end is given
     */
    public function whereFalling(float $y): float
    {
        $last = count($this->y) - 1;
        if ($y >= $this->y[0]) {
            return $this->x[0];
        }
        if ($y <= $this->y[$last]) {
            return $this->x[$last];
        }
        $low = 0;
        $high = $last;
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            $this->y[$middle] >= $y ? $low = $middle : $high = $middle;
        }

        return BracketedRoot::find(fn (float $x): float => $this->within($low, $x) - $y, $this->x[$low], $this->x[$high]);
    }

    private function segment(float $x): int
    {
        $low = 0;
        $high = count($this->x) - 1;
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            $this->x[$middle] <= $x ? $low = $middle : $high = $middle;
        }

        return $low;
    }

    private function within(int $i, float $x): float
    {
        $width = $this->x[$i + 1] - $this->x[$i];
        $t = ($x - $this->x[$i]) / $width;
        $rest = 1.0 - $t;

        return $rest * $rest * (1.0 + 2.0 * $t) * $this->y[$i] + $t * $t * (3.0 - 2.0 * $t) * $this->y[$i + 1]
            + $width * $t * $rest * ($rest * $this->slopes[$i] - $t * $this->slopes[$i + 1]);
    }

    /**
     * @param  non-empty-list<float>  $widths
     * @param  non-empty-list<float>  $rises
     * @return non-empty-list<float>
     */
    private static function slopes(array $widths, array $rises): array
    {
        $last = count($rises) - 1;
        if ($last === 0) {
            return [$rises[0], $rises[0]];
        }
        $slopes = [self::end($widths[0], $widths[1], $rises[0], $rises[1])];
        for ($i = 1; $i <= $last; $i++) {
            if ($rises[$i - 1] * $rises[$i] <= 0.0) {
                $slopes[] = 0.0;

                continue;
            }
            $before = 2.0 * $widths[$i] + $widths[$i - 1];
            $after = $widths[$i] + 2.0 * $widths[$i - 1];
            $slopes[] = ($before + $after) / ($before / $rises[$i - 1] + $after / $rises[$i]);
        }
        $slopes[] = self::end($widths[$last], $widths[$last - 1], $rises[$last], $rises[$last - 1]);

        return $slopes;
    }

    private static function end(float $width, float $next, float $rise, float $nextRise): float
    {
        $slope = ((2.0 * $width + $next) * $rise - $width * $nextRise) / ($width + $next);

        return match (true) {
            $slope * $rise <= 0.0 => 0.0,
            $rise * $nextRise <= 0.0 && abs($slope) > 3.0 * abs($rise) => 3.0 * $rise,
            default => $slope,
        };
    }
}
