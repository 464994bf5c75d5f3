<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;

/** What must be known of a room to say what it needs and how its air clears; null where it is not known. */
interface Space
{
    /** @return float m3 */
    public function volume(): float;

    /** @return float|null m2 */
    public function floorArea(): ?float;

    /** @return float|null m */
    public function ceiling(): ?float;

    public function people(): ?int;

    public function occupancy(): ?Occupancy;

    public function pollutant(): Pollutant;

    public function ventilation(): Ventilation;

    /** @return PerBin particles settling by themselves, 1/h */
    public function deposition(): PerBin;

    /** @return float share of a unit's clean air that mixes with all of the room, above 0 */
    public function mixing(): float;

    /**
     * Between which the mixing lies: from 0.6 to 1 (assumed) until a decay test in the room gives its own.
     *
     * @return array{float, float}
     */
    public function mixingRange(): array;

    /** @return float|null concentration outdoors, ug/m3 */
    public function outdoor(): ?float;

    /** @return float what is set free in the room, ug/s */
    public function source(): float;
}
