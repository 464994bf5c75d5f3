<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Propagation;
use Jornel\Core\Airflow\RatedOutput;
use Jornel\Core\Airflow\UncertainOutput;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Kit\FilterLife;
use Jornel\Core\Kit\RunningCost;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Part\BoughtPurifier;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Room\Purifiers;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Size;

/** Purifiers alike that stand in a room and run: so many units of one design at one speed, or so many that were bought. */
final readonly class Placement
{
    /**
     * @param  string  $name  in words
     * @param  string|null  $speed  of a design's fan; null for what was bought
     * @param  UncertainOutput  $output  of one
     * @param  float  $level  of one at 1 m, dBA; not a number where it is not known
     * @param  float  $watts  of one, W
     * @param  float  $footprint  floor of one, m2
     * @param  RunningCost  $cost  of all of them
     * @param  Design|null  $design  null for what was bought
     */
    private function __construct(
        public string $name,
        public int $count,
        public ?string $speed,
        public UncertainOutput $output,
        public float $level,
        public float $watts,
        public float $footprint,
        public RunningCost $cost,
        public ?Design $design = null,
        public ?BoughtPurifier $bought = null,
    ) {
    }

    /** @return float clean air of all of them for a room's pollutant, m3/s */
    public function cleanAir(Pollutant $pollutant): float
    {
        return $this->count * $pollutant->weigh($this->output->told->clean);
    }

    /** @return float of all of them, W */
    public function power(): float
    {
        return $this->count * $this->watts;
    }

    /**
     * @param  int  $count  1 or more
     * @param  string|null  $speed  name of a speed; null for the fastest
     *
     * @throws \Jornel\Core\Shape\DoesNotFit
     */
    public static function ofUnits(Design $design, int $count, ?string $speed, Catalogue $catalogue, Setting $setting): self
    {
        $assembly = $design->assemble();
        $unit = Unit::of($design, $assembly, $setting->air);
        $chosen = count($unit->speeds) - 1;
        foreach ($unit->speeds as $number => $one) {
            $chosen = $one->name === $speed ? $number : $chosen;
        }
        $performance = $unit->performances()[$chosen];

        return new self(
            $design->shape->name(), $count, $performance->speed->name,
            Propagation::through($unit, $chosen, $setting->tolerances)->output(), $performance->level, $performance->watts,
            Size::of($design)->footprint(),
            RunningCost::of(
                ShoppingList::for($runs = $design->running($performance->speed->name), $runs->assemble(), $count, $catalogue), $count * $performance->watts, $setting->economy,
                FilterLife::inSmoke()->changes($performance->cleanAir, $design, $setting->economy),
            ),
            $design,
        );
    }

    /** @param  int  $count  1 or more */
    public static function ofBought(BoughtPurifier $purifier, int $count, Setting $setting): self
    {
        return new self(
            $purifier->name, $count, null, RatedOutput::of($purifier, $setting->tolerances), $purifier->level ?? NAN, $purifier->watts ?? 0.0,
            $purifier->size === null ? 0.0 : $purifier->size[0] * $purifier->size[1],
            RunningCost::ofBought($purifier, $count, $setting->economy), bought: $purifier,
        );
    }

    /**
     * Several placements as purifiers of a room, in their order.
     *
     * @param  list<self>  $placements
     */
    public static function together(array $placements): Purifiers
    {
        return array_reduce($placements, fn (Purifiers $all, self $one): Purifiers => $all->and($one->output, $one->count, $one->level, $one->watts), Purifiers::none());
    }
}
