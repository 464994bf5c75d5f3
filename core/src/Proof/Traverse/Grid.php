<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Traverse;

/** Where a meter is held over an outlet, so that the plain mean of all readings is that of the air. */
enum Grid: string
{
    case LogTchebycheff = 'log-tchebycheff';
    case LogLinear = 'log-linear';
    case EqualArea = 'equal-area';

    /** Shares of a side by number of points across it. Source: ISO 3966 and ASHRAE Standard 111. */
    private const ACROSS_SIDE = [
        5 => [0.074, 0.288, 0.500, 0.712, 0.926],
        6 => [0.061, 0.235, 0.437, 0.563, 0.765, 0.939],
        7 => [0.053, 0.203, 0.366, 0.500, 0.634, 0.797, 0.947],
    ];

    /** Shares of a diameter by number of points along it. Source: ISO 3966 and ASHRAE Standard 111; but for 6, from memory. */
    private const LINEAR_ALONG = [
        4 => [0.043, 0.290, 0.710, 0.957],
        6 => [0.032, 0.135, 0.321, 0.679, 0.865, 0.968],
        8 => [0.021, 0.117, 0.184, 0.345, 0.655, 0.816, 0.883, 0.979],
        10 => [0.019, 0.077, 0.153, 0.217, 0.361, 0.639, 0.783, 0.847, 0.923, 0.981],
    ];

    /** The same by the method of Tchebycheff. Source: ISO 3966 (from memory). */
    private const TCHEBYCHEFF_ALONG = [
        6 => [0.032, 0.137, 0.312, 0.688, 0.863, 0.968],
        8 => [0.024, 0.100, 0.194, 0.334, 0.666, 0.806, 0.900, 0.976],
        10 => [0.019, 0.076, 0.155, 0.215, 0.357, 0.643, 0.785, 0.845, 0.924, 0.981],
    ];

    /** Most points across a side or along a diameter. */
    public const MOST = 20;

    /**
     * Numbers of points that it is made for across a side, or along a diameter.
     *
     * @return list<int>
     */
    public function counts(bool $isRound): array
    {
        return match (true) {
            $this === self::EqualArea => $isRound ? range(2, self::MOST, 2) : range(1, self::MOST),
            $isRound => array_keys($this === self::LogLinear ? self::LINEAR_ALONG : self::TCHEBYCHEFF_ALONG),
            $this === self::LogTchebycheff => array_keys(self::ACROSS_SIDE),
            default => [],
        };
    }

    /**
     * @param  int  $count  one of those of {@see self::counts}
     * @return list<float> shares of the side, or of the diameter, from one end
     */
    public function shares(int $count, bool $isRound): array
    {
        if ($this !== self::EqualArea) {
            return match (true) {
                ! $isRound => self::ACROSS_SIDE[$count] ?? [],
                $this === self::LogLinear => self::LINEAR_ALONG[$count] ?? [],
                default => self::TCHEBYCHEFF_ALONG[$count] ?? [],
            };
        }
        if (! $isRound) {
            return array_map(fn (int $i): float => ($i + 0.5) / $count, range(0, $count - 1));
        }
        // Rings of the same area, each read at the circle that halves it.
        $rings = intdiv($count, 2);
        $radii = array_map(fn (int $i): float => sqrt((2 * $i - 1) / $count), range(1, max(1, $rings)));

        return [...array_map(fn (float $radius): float => (1.0 - $radius) / 2.0, array_reverse($radii)), ...array_map(fn (float $radius): float => (1.0 + $radius) / 2.0, $radii)];
    }
}
