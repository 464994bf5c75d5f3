<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Caution\Caution;
use Jornel\Core\Caution\Facts;
use Jornel\Core\Guide\BuildSheet;
use Jornel\Core\Guide\Work;
use Jornel\Core\Kit\FilterLife;
use Jornel\Core\Kit\RunningCost;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Room\Room;
use Jornel\Core\Room\Target\Target;
use Jornel\Core\Room\Target\Targets;
use Jornel\Core\Room\Target\UnknownTarget;
use Jornel\Core\Shape\Design;

/** Goal against result for one room: what every rule asks, what all that stands there gives, and what is missing. */
final readonly class Ledger
{
    /**
     * @param  list<Target>  $rules  every one, and the goal if it is one of one's own
     * @param  float  $asks  clean air that the goal asks for, m3/s
     * @param  ShoppingList|null  $shopping  for the units of the design
     * @param  RunningCost|null  $own  of the units of the design
     * @param  RunningCost|null  $cost  of all that stands there
     * @param  list<Caution>  $cautions
     * @param  list<Placement>  $beside  what stands there besides the units of the design
     * @param  RoomResult|null  $standing  what that comes to where nothing is on the bench
     */
    private function __construct(
        public Room $room,
        private array $rules,
        public Target $goal,
        public float $asks,
        public ?UnitLedger $unit,
        public ?ShoppingList $shopping,
        public ?RunningCost $own,
        public ?RunningCost $cost,
        public array $cautions,
        public array $beside = [],
        public ?RoomResult $standing = null,
    ) {
    }

    /**
     * A room and its goal, before anything is built.
     *
     * @throws UnknownTarget when the goal says nothing about this room
     */
    public static function ofRoom(Room $room, Target $goal, Targets $targets): self
    {
        $all = [...$targets->all, $goal->id() => $goal];

        return new self(
            $room, array_values($all), $goal,
            $goal->asks($room) ?? throw UnknownTarget::saysNothing($goal->name()),
            null, null, null, null, [],
        );
    }

    /**
     * What every rule asks, the goal last if it is one of one's own.
     *
     * @return list<TargetAsk>
     */
    public function targets(): array
    {
        return array_map(fn (Target $target): TargetAsk => TargetAsk::of($target, $this->room, $this->unit?->line()->output ?? $this->standing?->output), $this->rules);
    }

    /** @return float|null what units give for the goal, m3/s; null where there are none */
    public function judged(): ?float
    {
        return $this->unit?->line()->judged() ?? $this->standing?->gets;
    }

    /** The sheet to build from. */
    public function sheet(): ?BuildSheet
    {
        return $this->unit === null || $this->shopping === null
            ? null
            : BuildSheet::of($this->unit->design, $this->unit->assembly, $this->unit->units, $this->shopping, $this->cautions);
    }

    /**
     * The same with what stands there, nothing being on the bench.
     *
     * @param  list<Placement>  $placements
     */
    public function standing(array $placements, Setting $setting): self
    {
        return $placements === [] ? $this : new self(
            $this->room, $this->rules, $this->goal, $this->asks, null, null, null, null, [], $placements, RoomResult::of($this->room, $this->goal, $placements, $setting),
        );
    }

    /**
     * The same with some units of a design, and whatever else stands there.
     *
     * @param  int  $units  1 or more
     * @param  string|null  $speed  name of the speed to judge; null for the fastest that keeps to the noise limit
     * @param  list<Placement>  $beside  what else stands there
     * @param  int  $at  how many of those stand before the units in the order of the room
     *
     * @throws \Jornel\Core\Shape\DoesNotFit
     */
    public function with(Design $design, int $units, ?string $speed, Catalogue $catalogue, Setting $setting, array $beside = [], int $at = 0): self
    {
        $design = $this->inItsWindow($design);
        $unit = UnitLedger::of($design, $this->room, $this->goal, $units, $speed, $setting, $beside, $at);
        $performance = $unit->line()->performance;
        $runs = $design->running($performance->speed->name);
        $shopping = ShoppingList::for($runs, $runs->assemble(), $units, $catalogue);
        $work = Work::of($design);
        $own = RunningCost::of($shopping, $units * $performance->watts, $setting->economy, FilterLife::in($this->room->pollutant)->changes($performance->cleanAir, $design, $setting->economy));

        return new self(
            $this->room, $this->rules, $this->goal, $unit->asks(), $unit, $shopping, $own,
            array_reduce($beside, fn (RunningCost $sum, Placement $one): RunningCost => $sum->plus($one->cost), $own),
            $setting->cautions->for(Facts::of($this->room, $this->room->hasFuelBurning, $design, $unit->assembly, $performance, $unit->measurements, $work->tools(), $work->skills())), $beside,
        );
    }

    /** What is set in a window takes the opening of the room's own. */
    private function inItsWindow(Design $design): Design
    {
        return $design->shape->needsWindow() && $design->window === null ? $design->inWindow($this->room->plan->window()) : $design;
    }
}
