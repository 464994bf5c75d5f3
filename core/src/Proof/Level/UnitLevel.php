<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Level;

use Jornel\Core\Sound\Sound;

/** How loud a unit is by itself, from readings with it and without it. */
final readonly class UnitLevel
{
    /** How far a phone may be off, dB, and a level meter (common practice, no source). */
    private const PHONE = 3.0;

    private const METER = 1.5;

    /** How far a room's own field may be off from what its surfaces say, dB (assumed). */
    private const ROOM = 2.0;

    /**
     * @param  float  $on  energy mean with the unit, dBA
     * @param  float  $off  energy mean without it, dBA
     * @param  float|null  $unit  of the unit alone, dBA; null where it cannot be told from the background
     * @param  float  $distance  at which all were read, m
     */
    private function __construct(public float $on, public float $off, public ?float $unit, public float $distance)
    {
    }

    /**
     * @param  non-empty-list<float>  $on  dBA, out of the jet
     * @param  non-empty-list<float>  $off  dBA
     * @param  float  $distance  m, above 0
     */
    public static function of(array $on, array $off, float $distance): self
    {
        [$with, $without] = [self::mean($on), self::mean($off)];

        return new self($with, $without, Sound::withoutBackground($with, $without), $distance);
    }

    /**
     * From several places: each freed from the background that was read there, or else from that of all places, and
     * brought to one distance, then their energy mean. Places where the unit cannot be told are left out of it.
     *
     * @param  non-empty-list<LevelPlace>  $places
     * @return self|null at the distance of all of them, or at 1 m where they differ or hear the room; null until it was read on and off
     */
    public static function around(array $places): ?self
    {
        $on = array_merge(...array_column($places, 'on'));
        $off = array_merge(...array_column($places, 'off'));
        if ($on === [] || $off === []) {
            return null;
        }
        $distances = array_unique(array_map(fn (LevelPlace $place): float => $place->distance, $places));
        $isOpen = array_filter(array_column($places, 'roomConstant')) === [];
        $common = $isOpen && count($distances) === 1 ? $distances[0] : 1.0;
        $told = [];
        foreach ($places as $place) {
            $level = $place->on === [] ? null : Sound::withoutBackground(self::mean($place->on), self::mean($place->off === [] ? $off : $place->off));
            if ($level !== null) {
                $told[] = $place->inTheOpen($level, $common);
            }
        }

        return new self(self::mean($on), self::mean($off), $told === [] ? null : self::mean($told), $common);
    }

    /**
     * Energy mean: 10 log10(mean of 10^(L/10)).
     *
     * @param  non-empty-list<float>  $levels  dBA
     * @return float dBA
     */
    public static function mean(array $levels): float
    {
        return Sound::together($levels) - 10.0 * log10(count($levels));
    }

    /**
     * How far a level may be off: by what reads it, and by the room where its own field is heard too.
     *
     * @return float dB
     */
    public static function within(bool $isPhone, bool $hearsRoom): float
    {
        return hypot($isPhone ? self::PHONE : self::METER, $hearsRoom ? self::ROOM : 0.0);
    }

    public function canBeTold(): bool
    {
        return $this->unit !== null;
    }

    /**
     * In the open: -20 log10(r / r0).
     *
     * @param  float  $distance  m, above 0
     * @return float|null dBA; null where it cannot be told
     */
    public function at(float $distance): ?float
    {
        return $this->unit === null ? null : Sound::free($this->unit, $distance, $this->distance);
    }
}
