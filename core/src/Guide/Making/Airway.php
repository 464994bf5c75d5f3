<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;

/** Which way arrows point: pulling, those of the filters into the unit and that of the fan out of it; pushing, the other way. */
final readonly class Airway
{
    private function __construct(public bool $pulls)
    {
    }

    public static function of(Design $design): self
    {
        return new self($design->direction() === Direction::Pull);
    }

    /** Where the arrows of filters point that are not yet a box. */
    public function filters(): string
    {
        return $this->pulls ? 'into what will be the box' : 'out of what will be the box';
    }

    /** Where the arrow of a fan points that sits on a box. */
    public function fan(): string
    {
        return $this->pulls ? 'out of the box' : 'into the box';
    }

    /** Where the arrow of a filter points that lies on a fan. */
    public function filterOnFan(): string
    {
        return $this->pulls ? 'towards the fan' : 'away from the fan';
    }

    /** Where the arrow of a fan points that has a filter on it. */
    public function fanOnFilter(): string
    {
        return $this->pulls ? 'away from the filter' : 'towards the filter';
    }

    /** How a fan that is to take its filter lies on the bench. */
    public function fanLies(): string
    {
        return $this->pulls ? 'face down' : 'on its back';
    }

    /** The side of the fan that the filter lies on. */
    public function filterSide(): string
    {
        return $this->pulls ? 'back' : 'front';
    }

    /** How small fans blow that are screwed to a panel. */
    public function small(): string
    {
        return $this->pulls ? 'outwards' : 'inwards';
    }

    /** Where a coarse filter goes, which the air meets first. */
    public function coarse(): string
    {
        return $this->pulls ? 'outside' : 'inside';
    }
}
