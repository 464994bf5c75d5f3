<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/**
 * Points of a fan brought to what a curve needs: pressure falling strictly with flow, from shut-off to free flow.
 *
 * A stall hump is cut to the branch that falls to the right of it. An end that is missing is the nearest two points
 * drawn on in a straight line (assumed).
 */
final readonly class FallingBranch
{
    /**
     * @param  non-empty-list<array{float, float}>  $points  flow m3/s, pressure Pa, by rising flow
     * @param  list<string>  $notes  what was left out or estimated
     */
    private function __construct(public array $points, public array $notes)
    {
    }

    /**
     * @param  list<array{float, float}>  $points  flow m3/s, pressure Pa, in any order
     * @param  string  $path  where they stand, for a fault
     *
     * @throws BadRecord when no branch of at least two points falls
     */
    public static function of(array $points, string $path): self
    {
        usort($points, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $branch = self::falling($points, $path);
        $notes = [];
        if (count($branch) < count($points)) {
            $notes[] = sprintf('The curve stalls below %.4g m3/s: only its falling branch is used.', $branch[0][0]);
        }
        if ($branch[0][0] > 0.0) {
            array_unshift($branch, [0.0, self::onward($branch[1], $branch[0], 0.0)]);
            $notes[] = 'Its shut-off pressure is estimated from the nearest points (assumed).';
        }
        $last = count($branch) - 1;
        if ($branch[$last][1] > 0.0) {
            $branch[] = [self::onward(array_reverse($branch[$last - 1]), array_reverse($branch[$last]), 0.0), 0.0];
            $notes[] = 'Its free flow is estimated from the nearest points (assumed).';
        }

        return new self($branch, $notes);
    }

    /**
     * The longest run of points at the right-hand end along which pressure falls.
     *
     * @param  list<array{float, float}>  $points  by rising flow
     * @return non-empty-list<array{float, float}>
     */
    private static function falling(array $points, string $path): array
    {
        $start = count($points) - 1;
        while ($start > 0 && $points[$start - 1][1] > $points[$start][1]) {
            $start--;
        }
        for ($i = 1, $count = count($points); $i < $count; $i++) {
            if ($points[$i][0] <= $points[$i - 1][0]) {
                throw BadRecord::notACurve($path, 'two points have the same flow');
            }
        }
        $branch = array_slice($points, max(0, $start));

        return count($branch) < 2 ? throw BadRecord::notACurve($path, 'at least two points with falling pressure are needed') : $branch;
    }

    /**
     * Second coordinate at a first one, on the straight line through two points.
     *
     * @param  array<int, float>  $from
     * @param  array<int, float>  $to
     */
    private static function onward(array $from, array $to, float $at): float
    {
        return $to[1] + ($to[1] - $from[1]) / ($to[0] - $from[0]) * ($at - $to[0]);
    }
}
