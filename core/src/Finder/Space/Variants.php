<?php

declare(strict_types=1);

namespace Jornel\Core\Finder\Space;

use Jornel\Core\Cut\CutList;
use Jornel\Core\Cut\CutPart;
use Jornel\Core\Guide\Work;
use Jornel\Core\Kit\CartonAtHand;
use Jornel\Core\Kit\KitOrder;
use Jornel\Core\Kit\Pieces;
use Jornel\Core\Kit\SheetsToBuy;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Joining;
use Jornel\Core\Part\Material;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Footing;
use Jornel\Core\Shape\Size;
use Jornel\Core\Shape\SmallFanWiring;
use LogicException;

/** The ways of making one family’s corners and seams, as it stands. They leak and take the same whatever the media of its filters. */
final class Variants
{
    private ?Variant $ideal = null;

    private ?Work $leastWork = null;

    private ?float $leastMinutes = null;

    /** @var array<string, Size> by corners */
    private array $sizes = [];

    /** @var array<string, Design> by corners */
    private array $made = [];

    /** @var non-empty-list<Variant>|null */
    private ?array $all = null;

    /** @var array<string, list<array{Material, int}>> by number of units and voltage */
    private array $hardware = [];

    /** @var array<string, list<list<array{Material, int}>>> by number of units and voltage; by place */
    private array $takes = [];

    /** @var array<string, array<string, int>> pieces by variant, number of units and voltage; by id */
    private array $besides = [];

    /** @var array<string, array<string, int>> by corners and number of units; by id */
    private array $leastSheets = [];

    /** @var array<string, array<string, int>> by corners, number of units and cartons; by id */
    private array $sheets = [];

    /** @var array<string, array<string, int>> by corners, number of units and filter; by id */
    private array $sheetsOf = [];

    /** @var array<string, list<CutPart>> by corners and number of units */
    private array $parts = [];

    private readonly Design $design;

    /** @param  string|null  $stand  what it stands on; null where that is not chosen */
    public function __construct(private readonly DesignFamily $family, private readonly Catalogue $catalogue, public readonly ?string $stand)
    {
        $this->design = $stand === null || $stand === Footing::ALONE ? $family->design : $family->design->choosing(Footing::OPTION, $stand);
    }

    /** Made one way of some media. */
    public function design(Variant $variant, Filter $filter): Design
    {
        return $this->design->with(filter: $filter)->made($variant->corners, $variant->joining);
    }

    /** @return non-empty-list<Variant> always in the same order */
    public function all(): array
    {
        return $this->all ??= $this->listed();
    }

    /** An imagined way that is in nothing worse than any of them. */
    public function ideal(): Variant
    {
        return $this->ideal ??= $this->best();
    }

    /** Open corners take the least, whatever the joining. */
    public function leastWork(): Work
    {
        return $this->leastWork ??= Work::of($this->made(Corners::Open));
    }

    /** Of open corners with the quickest joining. */
    public function leastMinutes(): float
    {
        return $this->leastMinutes ??= min(array_map($this->leastWork()->minutesWith(...), $this->family->joinings));
    }

    /** Open corners take the least room. */
    public function leastSize(): Size
    {
        return $this->size(Corners::Open);
    }

    /**
     * What some units take besides fans, filters, sheets and joining at least, whatever their corners.
     *
     * @param  int  $speed  at which they run
     * @return list<array{Material, int}> with pieces
     */
    public function hardware(int $units, int $speed): array
    {
        return $this->hardware["{$units} {$this->voltage($speed)}"] ??= $this->lines($this->leastHardware($units, $speed));
    }

    /**
     * What some units take besides fans and filters, of each way; of sheets the least that it can be.
     *
     * @param  int  $speed  at which they run
     * @return list<list<array{Material, int}>> with pieces
     */
    public function takes(int $units, int $speed): array
    {
        return $this->takes["{$units} {$this->voltage($speed)}"] ??= array_map(
            fn (Variant $variant): array => $this->lines(self::sum($this->besides($variant, $units, $speed), $this->leastSheets($variant, $units))), $this->all(),
        );
    }

    /**
     * What some units take besides fans and filters, made one way of some media.
     *
     * @param  int  $speed  at which they run
     * @return list<array{Material, int}> with pieces
     */
    public function taken(Variant $variant, Filter $filter, int $units, int $speed): array
    {
        return $this->lines(self::sum($this->besides($variant, $units, $speed), $this->sheets($variant, $filter, $units)));
    }

    /** @return array<string, int> pieces by id */
    private function besides(Variant $variant, int $units, int $speed): array
    {
        return $this->besides["{$variant->code} {$units} {$this->voltage($speed)}"] ??= Pieces::besidesSheets(
            $this->design->made($variant->corners, $variant->joining), $this->fed($variant->assembly, $speed), $units, $this->catalogue,
        );
    }

    /** @return array<string, int> sheets by id, at least: without the cartons of filters, which hang on their packs */
    private function leastSheets(Variant $variant, int $units): array
    {
        return $this->leastSheets["{$variant->corners->value} {$units}"] ??= SheetsToBuy::atLeast($this->parts($variant, $units), CartonAtHand::possible($this->made($variant->corners), $units), $this->catalogue);
    }

    /** @return array<string, int> sheets by id */
    private function sheets(Variant $variant, Filter $filter, int $units): array
    {
        return $this->sheetsOf["{$variant->corners->value} {$units} {$filter->id}"] ??= $this->sheetsFor($variant, $filter, $units);
    }

    /** @return array<string, int> media whose packs come in the same cartons take the same sheets */
    private function sheetsFor(Variant $variant, Filter $filter, int $units): array
    {
        $cartons = CartonAtHand::all([new KitOrder($this->made($variant->corners)->with(filter: $filter), $units)]);
        $key = implode(' ', array_map(fn (string $id, CartonAtHand $carton): string => CartonAtHand::isOfFan($id) ? '' : sprintf('%.4f×%d', $carton->blank->depth, $carton->count), array_keys($cartons), $cartons));

        return $this->sheets["{$variant->corners->value} {$units} {$key}"] ??= SheetsToBuy::of($this->parts($variant, $units), $cartons, $this->catalogue);
    }

    /** @return list<CutPart> */
    private function parts(Variant $variant, int $units): array
    {
        return $this->parts["{$variant->corners->value} {$units}"] ??= CutList::of($this->made($variant->corners), $variant->assembly, $units);
    }

    /**
     * @param  array<string, int>  $one
     * @param  array<string, int>  $other
     * @return array<string, int>
     */
    private static function sum(array $one, array $other): array
    {
        foreach ($other as $id => $count) {
            $one[$id] = ($one[$id] ?? 0) + $count;
        }

        return $one;
    }

    /** What the fans are fed with at a speed: speeds that are fed alike take the same. */
    public function voltage(int $speed): string
    {
        return (string) $this->design->fan->speeds[$speed]->volts;
    }

    /** @return array<string, int> */
    private function leastHardware(int $units, int $speed): array
    {
        $assembly = $this->fed($this->design->assemble(), $speed);
        $pieces = array_map(fn (int $count): int => $count * $units, $assembly->hardware);
        foreach ($assembly->lengths as $id => $length) {
            $pieces[$id] = ($pieces[$id] ?? 0) + Pieces::whole($this->catalogue->material($id), $length * $units);
        }

        return $pieces;
    }

    /** With the supply that gives a speed. */
    private function fed(Assembly $assembly, int $speed): Assembly
    {
        $fan = $this->design->fan;

        return $fan->volts === null ? $assembly : $assembly->withHardware(
            array_filter($assembly->hardware, fn (string|int $id): bool => ! SmallFanWiring::isSupply((string) $id), ARRAY_FILTER_USE_KEY)
            + SmallFanWiring::supply($this->design->shape->fanCount($this->design), $fan, $fan->speeds[$speed]->name),
        );
    }

    /**
     * @param  array<string, int>  $pieces  by id
     * @return list<array{Material, int}>
     */
    private function lines(array $pieces): array
    {
        return array_map(fn (string|int $id, int $count): array => [$this->catalogue->material((string) $id), $count], array_keys($pieces), array_values($pieces));
    }

    private function best(): Variant
    {
        $first = $this->all()[0];
        $leak = min(array_map(fn (Variant $one): float => $one->leakArea, $this->all()));
        $minutes = min(array_map(fn (Variant $one): float => $one->minutes, $this->all()));

        return new Variant($first->corners, $first->joining, $leak, $first->work, $this->size(Corners::Open), $first->assembly, '', $minutes);
    }

    /** @return non-empty-list<Variant> */
    private function listed(): array
    {
        $all = [];
        foreach ($this->family->corners as $corners) {
            $assembly = $this->made($corners)->assemble();
            $work = $corners === Corners::Open ? $this->leastWork() : Work::of($this->made($corners));
            $size = $this->size($corners);
            [$open, $joined] = [$assembly->openArea(), $assembly->joinedLength()];
            foreach ($this->family->joinings as $joining) {
                $all[] = new Variant($corners, $joining, $open + $joined * $joining->residualGap, $work->joinedWith($joining), $size, $assembly, "{$corners->value}|{$joining->id}");
            }
        }

        return $all === [] ? throw new LogicException('a family has a way of making it') : $all;
    }

    private function size(Corners $corners): Size
    {
        return $this->sizes[$corners->value] ??= Size::of($this->made($corners));
    }

    private function made(Corners $corners): Design
    {
        return $corners === $this->design->corners ? $this->design : $this->made[$corners->value] ??= $this->design->made($corners, $this->design->joining);
    }
}
