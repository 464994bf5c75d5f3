<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Level;

use Jornel\Core\Sound\Sound;

/** Where levels were read: with the unit, without it, and how far from it. */
final readonly class LevelPlace
{
    /**
     * @param  list<float>  $on  dBA, out of the jet
     * @param  list<float>  $off  dBA
     * @param  float  $distance  from the unit, m, above 0
     * @param  float|null  $roomConstant  of the room whose own sound is heard there with that of the unit, m2; null so
     *                                    near that it is as in the open
     */
    public function __construct(public array $on, public array $off, public float $distance, public ?float $roomConstant = null)
    {
    }

    /**
     * What a level of the unit here is at another distance in the open: by the room's direct and diffuse field where
     * its constant is known, else by -20 log10(r / r0).
     *
     * @param  float  $level  of the unit alone, here, dBA
     * @param  float  $distance  m, above 0
     * @return float dBA
     */
    public function inTheOpen(float $level, float $distance): float
    {
        return $this->roomConstant === null
            ? Sound::free($level, $distance, $this->distance)
            : Sound::free($level - Sound::inRoom(Sound::power(0.0), $this->distance, $this->roomConstant), $distance, 1.0);
    }

    /** @return float|null energy mean with the unit, dBA; null where it was not read */
    public function onMean(): ?float
    {
        return $this->on === [] ? null : UnitLevel::mean($this->on);
    }

    /** @return float|null energy mean without it, dBA; null where it was not read */
    public function offMean(): ?float
    {
        return $this->off === [] ? null : UnitLevel::mean($this->off);
    }
}
