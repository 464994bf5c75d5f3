<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Closure;
use Jornel\Core\Cut\CartonBlank;
use Jornel\Core\Cut\CutList;
use Jornel\Core\Cut\CutPart;
use Jornel\Core\Cut\CutPlan;
use Jornel\Core\Nest\Grain;
use Jornel\Core\Nest\PinnedBadly;
use Jornel\Core\Nest\StockSheet;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Material;
use Jornel\Core\Part\UnknownPart;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Money;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\Texts;
use Jornel\Core\Shape\Panel;

/** All that is bought and cut for some builds: the shopping list, and the parts laid out on sheets. */
final readonly class Kit
{
    /** Between two parts where nothing else is told: the width of a saw's cut, and more than a knife takes, m (assumed). */
    public const KERF = Cutting::KERF;

    /** Materials with a grain or with flutes; their sheets are described with these along their width. */
    private const WITH_GRAIN = [Panel::CARTON, 'corrugated-plastic-48x96', 'plywood-24x48', 'plywood-half-inch-24x48', 'rod-8mm'];

    /** @param  non-empty-list<KitOrder>  $orders */
    private function __construct(
        public array $orders,
        public CutPlan $plan,
        public ShoppingList $list,
        private Catalogue $catalogue,
        private CutTerms $terms,
        private ?Stock $stock,
    ) {
    }

    /**
     * @param  non-empty-list<KitOrder>  $orders
     * @param  Closure(float): void|null  $meanwhile  told how far it is, 0 to 1; what it throws ends the work
     *
     * @throws PinnedBadly
     * @throws UnknownPart
     */
    public static function of(array $orders, Catalogue $catalogue, CutTerms $terms = new CutTerms, ?Stock $stock = null, ?Closure $meanwhile = null): self
    {
        $parts = self::parts($orders);
        $sheets = [...$terms->atHand($orders), ...($terms->bought ?? self::sheetsToBuy($parts, $catalogue))];
        $plan = CutPlan::of($parts, $sheets, $terms->kerf, $terms->margin, $terms->pinned, $meanwhile, $terms->isStrict);

        $bought = $plan->bought();
        // Where nothing was chosen by hand a kit costs what the finder said: a plan that saves a sheet leaves it to spare.
        foreach ($terms->areUsual() ? SheetsToBuy::of($parts, CartonAtHand::all($orders), $catalogue) : [] as $id => $count) {
            $bought[$id] = max($bought[$id] ?? 0, $count);
        }

        return new self($orders, $plan, ShoppingList::together($orders, $catalogue, $bought, $stock), $catalogue, $terms, $stock);
    }

    /**
     * What one more unit of an order would add to the bill: packs that are opened have pieces left, and sheets have room.
     *
     * @param  int  $number  of the order, from 0
     */
    public function oneMore(int $number = 0): Money
    {
        $orders = array_map(fn (KitOrder $order, int $at): KitOrder => $at === $number ? new KitOrder($order->design, $order->units + 1) : $order, $this->orders, array_keys($this->orders));
        $more = self::of($orders, $this->catalogue, $this->terms->lenient(), $this->stock)->list->firstCost()->hundredths;

        return Money::ofHundredths(max(0, $more - $this->list->firstCost()->hundredths));
    }

    /**
     * All parts that are cut for some builds.
     *
     * @param  non-empty-list<KitOrder>  $orders
     * @return list<CutPart>
     */
    public static function parts(array $orders): array
    {
        return array_merge(...array_map(
            fn (KitOrder $order, int $number): array => CutList::of($order->design, $order->assembly, $order->units, count($orders) === 1 ? '' : (string) ($number + 1)),
            $orders, array_keys($orders),
        ));
    }

    /**
     * The cartons that the fans and the filters come in, unfolded; not those that a build makes a part of.
     *
     * @param  non-empty-list<KitOrder>  $orders
     * @param  bool  $withFlaps  whether parts may be cut from their flaps
     * @param  int  $printed  large walls of each whose print is kept
     * @return list<StockSheet>
     */
    public static function cartons(array $orders, bool $withFlaps = true, int $printed = 0): array
    {
        return array_values(array_map(fn (CartonAtHand $carton): StockSheet => $carton->blank->sheet($carton->id, $carton->count, $withFlaps, $printed), CartonAtHand::all($orders)));
    }

    /** Which parts come out of the fans' cartons, and how large its walls must be for that; null where none do. */
    public function cartonTold(): ?Sentence
    {
        $names = [];
        [$width, $height] = [0.0, 0.0];
        foreach ($this->plan->layout->sheets as $sheet) {
            foreach (CartonAtHand::isOfFan($sheet->sheet->id) ? $sheet->placed : [] as $placed) {
                $part = $this->plan->partOf($placed);
                $names[$part->label] = $names === [] ? $part->name : Texts::within($part->name);
                [$width, $height] = [max($width, $placed->pose->width), max($height, $placed->pose->height)];
            }
        }
        $last = array_pop($names);

        return $last === null ? null : Texts::of('cut')->say(
            $names === [] ? 'from-carton-one' : 'from-carton', parts: $names === [] ? $last : implode(', ', $names)." and {$last}",
            width: [Display::PartLength, $width + $this->plan->margin + CartonBlank::CREASE + $this->plan->kerf], height: [Display::PartLength, $height + 2.0 * (CartonBlank::CREASE + $this->plan->kerf)],
        );
    }

    /**
     * Sheets of the catalogue that parts are cut from.
     *
     * @param  list<CutPart>  $parts
     * @return list<StockSheet>
     *
     * @throws UnknownPart
     */
    public static function sheetsToBuy(array $parts, Catalogue $catalogue): array
    {
        $sheets = [];
        foreach ($parts as $part) {
            if (! $part->isCutInto) {
                $sheets[$part->material] ??= self::sheet($catalogue->material($part->material), $parts);
            }
        }

        return array_values($sheets);
    }

    /**
     * A material of the catalogue as sheets to buy; one that does not tell its size takes the largest part.
     *
     * @param  list<CutPart>  $parts
     */
    public static function sheet(Material $material, array $parts): StockSheet
    {
        $own = array_filter($parts, fn (CutPart $part): bool => $part->material === $material->id);
        $largest = fn (string $side): float => array_reduce($own, fn (float $most, CutPart $part): float => max($most, $side === 'width' ? $part->width() : $part->height()), 0.0);
        [$width, $height] = $material->size ?? [$largest('width'), $largest('height')];
        $price = $material->packs === [] ? 0 : min(array_map(fn ($pack): int => intdiv($pack->price->hundredths, max(1, $pack->count)), $material->packs));

        return new StockSheet($material->id, max($width, $height), min($width, $height), null, in_array($material->id, self::WITH_GRAIN, true) ? Grain::Along : Grain::None, [], $material->id, $price);
    }
}
