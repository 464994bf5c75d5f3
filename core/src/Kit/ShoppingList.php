<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Cut\CutList;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Material;
use Jornel\Core\Part\UnknownPart;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Money;
use Jornel\Core\Quantity\System;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Panel;
use LogicException;

/** What to buy for some units of one design, in whole packs. */
final readonly class ShoppingList
{
    /** @param  non-empty-list<ShoppingLine>  $lines the fan first, then the filters */
    private function __construct(public array $lines)
    {
    }

    /**
     * @param  int  $units  1 or more
     * @param  Stock|null  $stock  that is taken from before anything is bought
     *
     * @throws UnknownPart
     */
    public static function for(Design $design, Assembly $assembly, int $units, Catalogue $catalogue, ?Stock $stock = null): self
    {
        $order = new KitOrder($design, $units);

        return self::together([$order], $catalogue, SheetsToBuy::of(CutList::of($design, $assembly, $units), CartonAtHand::all([$order]), $catalogue), $stock);
    }

    /**
     * One list for several builds: each part once, so that packs, rolls and lengths are shared among them.
     *
     * @param  non-empty-list<KitOrder>  $orders
     * @param  array<string, int>  $sheets  that are bought, by id
     *
     * @throws UnknownPart
     */
    public static function together(array $orders, Catalogue $catalogue, array $sheets, ?Stock $stock = null): self
    {
        $parts = $pieces = $kinds = $quantities = [];
        $take = function (LineKind $kind, Fan|Filter|Material $part, int $count) use (&$parts, &$pieces, &$kinds): void {
            $parts[$part->id] = $part;
            $kinds[$part->id] ??= $kind;
            $pieces[$part->id] = ($pieces[$part->id] ?? 0) + $count;
        };
        foreach ($orders as $order) {
            $take(LineKind::Fan, $order->design->fan, $order->fans());
            $take(LineKind::Filter, $order->design->filter, $order->filters());
            if ($order->design->prefilter !== null) {
                $take(LineKind::Prefilter, $order->design->prefilter, $order->filters());
            }
            foreach ($order->assembly->hardware as $id => $count) {
                $take(LineKind::Hardware, $catalogue->material($id), $count * $order->units);
            }
            $joining = Pieces::ofJoining($order->design->joining);
            foreach (Pieces::quantities($order->design, $order->assembly, $order->units) as $id => $quantity) {
                $quantities[$id] = ($quantities[$id] ?? 0.0) + $quantity;
                $kinds[$id] ??= in_array($id, $joining, true) ? LineKind::Joining : LineKind::Hardware;
            }
        }
        $notes = [];
        foreach ($quantities as $id => $quantity) {
            $material = $catalogue->material($id);
            $take($kinds[$id], $material, Pieces::whole($material, $quantity));
            if ($material->coverage !== 1.0) {
                $notes[$id] = self::lengthNote($quantity);
            }
        }
        foreach ($sheets as $id => $count) {
            $take(LineKind::Sheet, $catalogue->material($id), $count);
            $notes[$id] = $id === Panel::CARTON
                ? 'For the panels that the cartons at hand are too small for; any clean carton of the size will do.'
                : 'As laid out in the cut plan.';
        }
        $order = array_column(LineKind::cases(), 'value');
        uksort($parts, fn (string|int $one, string|int $other): int => array_search($kinds[$one]->value, $order, true) <=> array_search($kinds[$other]->value, $order, true));
        $lines = [];
        foreach ($parts as $id => $part) {
            $lines[] = ShoppingLine::of($kinds[$id], $part, $pieces[$id], $notes[$id] ?? '');
        }
        $list = new self($lines === [] ? throw new LogicException('A kit of nothing.') : $lines);

        return $stock === null || $stock->isEmpty() ? $list : $list->takingFrom($stock);
    }

    /** The same kit with as much of it from stock as there is; two lines of one part do not take the same piece. */
    public function takingFrom(Stock $stock): self
    {
        $lines = [];
        foreach ($this->lines as $line) {
            $lines[] = $taken = $line->takingFrom($stock);
            $stock = $stock->less($taken->part, $taken->fromStock);
        }

        return new self($lines);
    }

    /**
     * Ids of the materials that a kit may have to buy besides the parts chosen.
     *
     * @return list<string>
     */
    public static function materials(Design $design, Assembly $assembly): array
    {
        return array_values(array_unique([
            ...Pieces::ofJoining($design->joining),
            ...array_diff(array_map(fn (Panel $panel): string => $panel->sheet, $assembly->panels), [Panel::FAN_CARTON]),
            ...array_map(strval(...), array_keys($assembly->hardware + $assembly->lengths)),
        ]));
    }

    /** What is bought for it, in whole packs. */
    public function firstCost(): Money
    {
        return self::sum(array_map(fn (ShoppingLine $line): PackMix => $line->packs, $this->lines));
    }

    /** One change of all filters, in whole packs; those are bought. */
    public function changeCost(): Money
    {
        return self::sum(array_map(
            fn (ShoppingLine $line): PackMix => $line->allBought(),
            array_values(array_filter($this->lines, fn (ShoppingLine $line): bool => $line->kind->isChanged())),
        ));
    }

    /** @param  list<PackMix>  $packs */
    private static function sum(array $packs): Money
    {
        return Money::sum(...array_map(fn (PackMix $packs): Money => $packs->price, $packs));
    }

    private static function lengthNote(float $length): string
    {
        return sprintf(
            'For %s (%s) with a tenth to spare.',
            Display::RoomLength->text($length, System::Imperial), Display::RoomLength->text($length, System::Metric),
        );
    }
}
