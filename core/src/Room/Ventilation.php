<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\PerBin;

/**
 * Outdoor air and central air of a room, whatever brings them.
 *
 * Infiltration Qi by cracks and an unbalanced exhaust Qu combine to sqrt(Qi2 + Qu2) (quadrature, usual practice), or to
 * Qi + Qu when reckoned cautiously; a filtered supply Qs makes the total sqrt(Qi2 + Qs2), of which Qs has passed its
 * filter. Where both supply and exhaust run, only what one has over the other is unbalanced.
 */
final readonly class Ventilation
{
    /** Outdoor air changes by cracks, 1/h: ordinary building (assumed; tight 0.2, leaky 1.0). */
    public const ORDINARY = 0.5;

    public const TIGHT = 0.2;

    public const LEAKY = 1.0;

    /** Share of outdoor particles that comes through the cracks (PTEAM, 1996, from memory). */
    public const PENETRATION = 1.0;

    /**
     * @param  float  $infiltration  by cracks, 1/h, zero or more
     * @param  float  $exhaust  unbalanced, m3/s
     * @param  float  $supply  filtered outdoor air that is blown in, m3/s
     * @param  PerBin  $supplyEfficiency  of its filter, 0 to 1
     * @param  float  $balanced  outdoor air that a building brings in and takes out, m3/s
     * @param  PerBin  $balancedEfficiency  of its filter, 0 to 1
     * @param  float  $recirculated  room air that central air passes through its filter, m3/s
     * @param  PerBin  $recirculatedEfficiency  of its filter, 0 to 1
     * @param  float  $penetration  of the shell, 0 to 1
     */
    public function __construct(
        public float $infiltration = self::ORDINARY,
        public float $exhaust = 0.0,
        public float $supply = 0.0,
        public PerBin $supplyEfficiency = new PerBin(0.0, 0.0, 0.0),
        public float $balanced = 0.0,
        public PerBin $balancedEfficiency = new PerBin(0.0, 0.0, 0.0),
        public float $recirculated = 0.0,
        public PerBin $recirculatedEfficiency = new PerBin(0.0, 0.0, 0.0),
        public float $penetration = self::PENETRATION,
        public Reckoning $reckoning = Reckoning::Quadrature,
    ) {
    }

    /**
     * The same with outdoor air blown in besides.
     *
     * @param  float  $flow  m3/s, zero or more
     * @param  PerBin  $caught  of it by filters, as the flow that would have carried it, m3/s
     */
    public function withSupply(float $flow, PerBin $caught): self
    {
        $all = $this->supply + $flow;

        return new self(
            $this->infiltration, $this->exhaust, $all,
            $all > 0.0 ? $this->supplyEfficiency->scaled($this->supply)->plus($caught)->scaled(1.0 / $all) : $this->supplyEfficiency,
            $this->balanced, $this->balancedEfficiency, $this->recirculated, $this->recirculatedEfficiency, $this->penetration, $this->reckoning,
        );
    }

    /**
     * Outdoor air that comes through the shell and passes no filter.
     *
     * @param  float  $volume  of the room, m3
     * @return float m3/s
     */
    public function unfiltered(float $volume): float
    {
        $cracks = $this->infiltration * $volume / 3600.0;
        $surplus = $this->supply - $this->exhaust;
        if ($surplus > 0.0) {
            return hypot($cracks, $surplus) - $surplus;
        }

        return $this->reckoning === Reckoning::Cautious ? $cracks - $surplus : hypot($cracks, $surplus);
    }

    /**
     * All outdoor air.
     *
     * @param  float  $volume  of the room, m3
     * @return float m3/s
     */
    public function outdoor(float $volume): float
    {
        return $this->unfiltered($volume) + $this->supply + $this->balanced;
    }

    /**
     * What comes in of each bin for each unit of concentration outdoors.
     *
     * @param  float  $volume  of the room, m3
     * @return PerBin m3/s
     */
    public function inflow(float $volume): PerBin
    {
        return PerBin::same($this->unfiltered($volume) * $this->penetration)
            ->plus($this->supplyEfficiency->map(fn (float $caught): float => (1.0 - $caught) * $this->supply))
            ->plus($this->balancedEfficiency->map(fn (float $caught): float => (1.0 - $caught) * $this->balanced));
    }

    /**
     * Clean air that central air makes of room air, by bin.
     *
     * @return PerBin m3/s
     */
    public function recirculatedClean(): PerBin
    {
        return $this->recirculatedEfficiency->scaled($this->recirculated);
    }

    /**
     * What the building itself counts towards air changes and clean air per person: fixed outdoor air, supply, and what
     * a good central filter cleans. Cracks do not count.
     *
     * @return PerBin m3/s
     */
    public function counted(): PerBin
    {
        return PerBin::same($this->supply + $this->balanced)->plus($this->recirculatedClean());
    }
}
