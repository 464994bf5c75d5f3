<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Air\Pollutant;
use Jornel\Core\Cut\CutHole;
use Jornel\Core\Cut\CutPart;
use Jornel\Core\Cut\CutPlan;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\Schema\FindForms;
use Jornel\Core\Document\Schema\Form;
use Jornel\Core\Document\Schema\KitForms;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Kit\Kit;
use Jornel\Core\Kit\KitCost;
use Jornel\Core\Kit\PackMix;
use Jornel\Core\Kit\ShoppingLine;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Kit\Substitute;
use Jornel\Core\Nest\FilledSheet;
use Jornel\Core\Nest\Placement;
use Jornel\Core\Part\Record;
use Jornel\Core\Quantity\Dimension;

/** What to buy and what to cut for some units, or how some parts lie on sheets. */
final readonly class KitDocument implements Document
{
    /** Digits after the point of a millimetre, far below what a knife or a machine knows. */
    private const DIGITS = 6;

    /** Parts up to which it is told what one more unit would add. */
    private const FEW = 60;

    private function __construct(private Record $record, private DataFiles $data, public CutPlan $plan, public ?Kit $kit)
    {
    }

    public static function kind(): string
    {
        return 'kit';
    }

    public static function form(): Form
    {
        return Form::about('Units to make, or parts to cut; sheets at hand, what can be bought, what is in stock')
            ->list('units', KitForms::order(), '', 1, KitForms::MOST_ROWS)
            ->list('cuts', KitForms::cut(), 'In place of units: parts one by one', 1, KitForms::MOST_ROWS)
            ->list('sheets', KitForms::sheet(), 'At hand, in the order in which they are to be used; the cartons of the fans where not given', 0, KitForms::MOST_ROWS)
            ->list('bought', KitForms::bought(), 'Sheets of the catalogue that the units need where not given', 0, KitForms::MOST_ROWS)
            ->quantity('kerf', Dimension::Length, 'Between any two parts, 3 mm where not given', ['minimum' => 0])
            ->quantity('margin', Dimension::Length, 'To the edge of a sheet, 0 where not given', ['minimum' => 0])
            ->list('stock', FindForms::stock(), 'Available pieces, not reserved for anything else', 0)
            ->object('economy', FindForms::economy())
            ->list('pinned', KitForms::pinned(), 'Parts laid down by hand', 0, KitForms::MOST_ROWS)
            ->oneWay([['units'], ['cuts']])
            ->notTogether('units', 'cuts');
    }

    public static function answer(Record $document, DataFiles $data): array
    {
        return self::read($document, $data)->told();
    }

    public static function read(Record $document, DataFiles $data): self
    {
        $reader = new KitReader($document, $data);
        $orders = $reader->orders();
        $catalogue = $data->catalogue();
        if ($orders === []) {
            $parts = $reader->cuts();
            $terms = $reader->terms($parts);

            return new self($document, $data, CutPlan::of($parts, [...$terms->sheets, ...($terms->bought ?? [])], $terms->kerf, $terms->margin, $terms->pinned), null);
        }
        $parts = KitReader::within(Kit::parts($orders), 'units');
        $kit = Kit::of($orders, $catalogue, $reader->terms($parts), StockReader::read($document, $catalogue));

        return new self($document, $data, $kit->plan, $kit);
    }

    /** @return array<string, mixed> */
    public function told(): array
    {
        $list = $this->kit?->list;
        $lines = $list === null ? $this->sheetLines() : $this->lines($list);

        return [
            'lines' => $lines,
            'total' => $list === null ? array_sum(array_column($lines, 'price')) : $list->firstCost()->toFloat(),
            'per_change' => $list?->changeCost()->toFloat() ?? 0.0,
            'cuts' => array_map(self::cut(...), $this->plan->parts),
            'sheets' => array_map($this->sheet(...), $this->plan->layout->sheets),
            'used_share' => $this->plan->layout->usedShare(),
            'unplaced' => array_map(fn (array $one): array => ['label' => $one[0]->label, 'count' => $one[1], 'reason' => $this->plan->why($one[0])], $this->plan->unplaced()),
            'sheets_lower_bound' => $this->plan->bound,
            'kerf_mm' => self::mm($this->plan->kerf), 'margin_mm' => self::mm($this->plan->margin),
        ] + ($this->kit === null ? [] : ['cost' => $this->cost($this->kit), 'one_more' => $this->oneMore($this->kit), 'substitutes' => $this->substitutes($this->kit)]);
    }

    /** @return list<array<string, mixed>> */
    private function lines(ShoppingList $list): array
    {
        $changes = $this->kit === null ? [] : KitCost::of($this->kit, EconomyReader::read($this->record->childOr('economy')))->changes;

        return array_map(fn (ShoppingLine $line): array => [
            'part' => $line->part, 'name' => $line->name, 'kind' => $line->kind->value,
            'needed' => $line->needed, 'from_stock' => $line->fromStock,
            'packs' => self::packs($line->packs),
            'left' => $line->packs->leftOver,
            'price' => $line->packs->price->toFloat(),
            'note' => $line->note,
            'changes' => $changes[$line->part] ?? 0.0,
        ], $list->lines);
    }

    /** @return array<string, mixed> */
    public static function cut(CutPart $part): array
    {
        return [
            'label' => $part->label, 'name' => $part->name, 'count' => $part->count, 'material' => $part->material,
            'outline_mm' => array_map(self::point(...), $part->outline),
            'holes_mm' => array_map(fn (CutHole $hole): array => $hole->middle === null
                ? array_map(self::point(...), $hole->corners())
                : ['x' => self::mm($hole->middle->x), 'y' => self::mm($hole->middle->y), 'radius' => self::mm($hole->radius)], $part->holes),
            'may_rotate' => $part->mayTurn,
            'cut_into' => $part->isCutInto,
            'folds_mm' => array_map(fn (array $fold): array => array_map(self::point(...), $fold), $part->folds),
            'tolerance_mm' => self::mm($part->tolerance),
        ];
    }

    /** @return array<string, mixed> */
    private function sheet(FilledSheet $sheet): array
    {
        $offcut = CutPlan::offcut($sheet);

        return [
            'sheet' => $sheet->sheet->id, 'number' => $sheet->number, 'bought' => $sheet->sheet->isBought(),
            'width_mm' => self::mm($sheet->sheet->width), 'height_mm' => self::mm($sheet->sheet->height),
            'placed' => array_map(function (Placement $one): array {
                [$x, $y] = $one->origin();

                return ['label' => $this->plan->partOf($one)->label, 'x_mm' => self::mm($x), 'y_mm' => self::mm($y), 'rotation_deg' => $one->pose->degrees];
            }, $sheet->placed),
            'used_share' => $sheet->usedShare(),
            'offcut_mm' => $offcut === null ? null : array_map(self::mm(...), $offcut),
        ];
    }

    /**
     * Sheets that are bought for parts without units.
     *
     * @return list<array<string, mixed>>
     */
    private function sheetLines(): array
    {
        $lines = [];
        $materials = $this->data->catalogue()->materials;
        foreach ($this->plan->bought() as $id => $count) {
            $price = array_values(array_filter($this->plan->sheets, fn ($sheet): bool => $sheet->id === $id && $sheet->isBought()))[0]->price;
            $mix = isset($materials[$id]) && $materials[$id]->packs !== [] ? PackMix::cheapest($materials[$id]->packs, $count) : null;
            $lines[] = [
                'part' => $id, 'needed' => $count, 'from_stock' => 0,
                'packs' => $mix === null ? [['size' => 1, 'count' => $count, 'price' => $price / 100.0]] : self::packs($mix),
                'left' => $mix->leftOver ?? 0, 'price' => $mix?->price->toFloat() ?? $count * $price / 100.0,
            ];
        }

        return $lines;
    }

    /** @return array<string, mixed> */
    private function cost(Kit $kit): array
    {
        $all = KitCost::of($kit, EconomyReader::read($this->record->childOr('economy')));
        $cost = $all->cost;

        return [
            'first' => $cost->first->toFloat(), 'change' => $cost->change->toFloat(), 'changes' => $cost->economy->changes, 'years' => $cost->economy->years,
            'energy_kwh' => $cost->energy, 'energy' => $cost->energyCost->toFloat(), 'total' => $cost->total->toFloat(), 'per_year' => $cost->perYear()->toFloat(),
            'per_clean_air_m3_s' => RoomAnswer::byPollutant($this->data->pollutants(), fn (Pollutant $pollutant): ?float => $all->perCleanAir($pollutant)),
        ];
    }

    /**
     * What one more unit of each would add to the bill.
     *
     * @return list<array<string, mixed>>
     */
    private function oneMore(Kit $kit): array
    {
        if (array_sum(array_map(fn (CutPart $part): int => $part->count, $this->plan->parts)) > self::FEW) {
            return [];
        }

        return array_map(fn (int $number): array => ['unit' => $number, 'price' => $kit->oneMore($number)->toFloat()], array_keys($kit->orders));
    }

    /** @return list<array<string, mixed>> */
    private function substitutes(Kit $kit): array
    {
        $found = [];
        foreach ($kit->orders as $number => $order) {
            foreach (Substitute::all($order, $this->data->catalogue()) as $one) {
                $found[] = ['unit' => $number, 'part' => $order->design->filter->id, 'instead' => $one->filter->id, 'clean_air_share' => $one->share, 'price' => $one->price->toFloat(), 'price_now' => $one->priceNow->toFloat()];
            }
        }

        return $found;
    }

    /** @return list<array{size: int, count: int, price: float}> price of one pack */
    private static function packs(PackMix $mix): array
    {
        return array_map(fn (array $one): array => ['size' => $one['pack']->count, 'count' => $one['times'], 'price' => $one['pack']->price->toFloat()], $mix->packs);
    }

    /** @return array{float, float} */
    private static function point(PlanePoint $at): array
    {
        return [self::mm($at->x), self::mm($at->y)];
    }

    private static function mm(float $metres): float
    {
        return round(1000.0 * $metres, self::DIGITS) + 0.0;
    }
}
