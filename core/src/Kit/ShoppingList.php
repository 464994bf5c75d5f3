<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Brick\Math\BigDecimal;
use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Material;
use Jornel\Core\Part\Pack;
use Jornel\Core\Part\UnknownPart;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\System;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Panel;

/** What to buy for some units of one design, in whole packs. */
final readonly class ShoppingList
{
    /** Tape, glue or strip for a length of seam: two passes and a tenth of waste (common practice, no source). */
    private const SEAM_ALLOWANCE = 2.0 * 1.1;

    /** Filter changes that two years are compared with (common practice, no source). */
    private const CHANGES_IN_TWO_YEARS = 4;

    private const CARTON_FACES = 2;

    private const BOARD = 'board-24x36';

    private const FEET = 'feet-10cm';

    /** @param  non-empty-list<ShoppingLine>  $lines the fan first, then the filters */
    private function __construct(public array $lines)
    {
    }

    /**
     * @param  int  $units  1 or more
     *
     * @throws UnknownPart
     */
    public static function for(Design $design, Assembly $assembly, int $units, Catalogue $catalogue): self
    {
        $filters = $design->shape->filterCount() * $units;

        return new self(array_values(array_filter([
            new ShoppingLine('fan', $design->fan->name, $units, PackMix::cheapest(self::packs($design->fan->packs), $units), ''),
            new ShoppingLine('filter', $design->filter->name, $filters, PackMix::cheapest(self::packs($design->filter->packs), $filters), ''),
            self::joining($design, $assembly, $units, $catalogue),
            self::sheets($design, $assembly, $units, $catalogue),
            self::feet($design, $units, $catalogue),
        ])));
    }

    /**
     * Ids of the materials that a kit may have to buy besides the parts chosen.
     *
     * @return list<string>
     */
    public static function materials(Design $design): array
    {
        return $design->joining->material === null ? [self::BOARD, self::FEET] : [$design->joining->material, self::BOARD, self::FEET];
    }

    public function firstCost(): BigDecimal
    {
        return array_reduce($this->lines, fn (BigDecimal $sum, ShoppingLine $line): BigDecimal => $sum->plus($line->packs->price), BigDecimal::zero())->toScale(2);
    }

    /** One change of all filters. */
    public function changeCost(): BigDecimal
    {
        foreach ($this->lines as $line) {
            if ($line->kind === 'filter') {
                return $line->packs->price;
            }
        }

        return BigDecimal::zero()->toScale(2);
    }

    /** First cost and four changes of filters; without energy. */
    public function twoYearCost(): BigDecimal
    {
        return $this->firstCost()->plus($this->changeCost()->multipliedBy(self::CHANGES_IN_TWO_YEARS))->toScale(2);
    }

    private static function joining(Design $design, Assembly $assembly, int $units, Catalogue $catalogue): ?ShoppingLine
    {
        if ($design->joining->material === null) {
            return null;
        }
        $material = $catalogue->material($design->joining->material);
        $length = $assembly->seamLength() * $units * self::SEAM_ALLOWANCE;
        $pieces = (int) ceil($length / $material->coverage - 1e-9);

        return self::line('joining', $material, $pieces, sprintf(
            'For %s (%s): the seams twice over and a tenth to spare.',
            Display::RoomLength->text($length, System::Imperial), Display::RoomLength->text($length, System::Metric),
        ));
    }

    /** Panels come out of the fan's carton first; what does not fit there needs a bought sheet each. */
    private static function sheets(Design $design, Assembly $assembly, int $units, Catalogue $catalogue): ?ShoppingLine
    {
        $fan = $design->fan;
        $fromCarton = count(array_filter($assembly->panels, fn (Panel $panel): bool => $fan->cartonWidth !== null && $fan->cartonHeight !== null
            && $panel->width <= $fan->cartonWidth && $panel->height <= $fan->cartonHeight));
        $missing = count($assembly->panels) - min(self::CARTON_FACES, $fromCarton);
        if ($missing === 0) {
            return null;
        }

        return self::line('sheet', $catalogue->material(self::BOARD), $missing * $units, 'For the panels that the fan’s carton is too small for; any clean carton of the size will do.');
    }

    private static function feet(Design $design, int $units, Catalogue $catalogue): ?ShoppingLine
    {
        return $design->shape->id() === 'raised-cube'
            ? self::line('feet', $catalogue->material(self::FEET), 4 * $units, 'At least 10 cm high.')
            : null;
    }

    private static function line(string $kind, Material $material, int $pieces, string $note): ShoppingLine
    {
        return new ShoppingLine($kind, $material->name, $pieces, PackMix::cheapest(self::packs($material->packs), $pieces), $note);
    }

    /**
     * @param  list<Pack>  $packs
     * @return non-empty-list<Pack>
     */
    private static function packs(array $packs): array
    {
        return $packs === [] ? throw BadRecord::missing('packs') : $packs;
    }
}
