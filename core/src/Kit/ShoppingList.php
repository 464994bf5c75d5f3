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
use Jornel\Core\Shape\Seam;

/** What to buy for some units of one design, in whole packs. */
final readonly class ShoppingList
{
    /** Tape, glue or strip for a length of seam: two passes and a tenth of waste (common practice, no source). */
    private const SEAM_ALLOWANCE = 2.0 * 1.1;

    private const CARTON_FACES = 2;

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
        $fans = $design->shape->fanCount($design) * $units;
        $filters = $design->shape->filterCount($design) * $units;

        return new self([
            new ShoppingLine('fan', $design->fan->name, $fans, PackMix::cheapest(self::packs($design->fan->packs), $fans), ''),
            new ShoppingLine('filter', $design->filter->name, $filters, PackMix::cheapest(self::packs($design->filter->packs), $filters), ''),
            ...($design->prefilter === null ? [] : [
                new ShoppingLine('prefilter', $design->prefilter->name, $filters, PackMix::cheapest(self::packs($design->prefilter->packs), $filters), 'In front of each filter.'),
            ]),
            ...self::joining($design, $assembly, $units, $catalogue),
            ...self::sheets($design, $assembly, $units, $catalogue),
            ...self::hardware($assembly, $units, $catalogue),
        ]);
    }

    /**
     * Ids of the materials that a kit may have to buy besides the parts chosen.
     *
     * @return list<string>
     */
    public static function materials(Design $design, Assembly $assembly): array
    {
        return array_values(array_unique([
            ...($design->joining->material === null ? [] : [$design->joining->material]),
            ...array_map(fn (Panel $panel): string => $panel->sheet, $assembly->panels),
            ...array_map(strval(...), array_keys($assembly->hardware)),
        ]));
    }

    public function firstCost(): BigDecimal
    {
        return self::sum($this->lines);
    }

    /** One change of all filters, in whole packs. */
    public function changeCost(): BigDecimal
    {
        return self::sum(array_values(array_filter($this->lines, fn (ShoppingLine $line): bool => in_array($line->kind, ['filter', 'prefilter'], true))));
    }

    /** @param  list<ShoppingLine>  $lines */
    private static function sum(array $lines): BigDecimal
    {
        return array_reduce($lines, fn (BigDecimal $sum, ShoppingLine $line): BigDecimal => $sum->plus($line->packs->price), BigDecimal::zero())->toScale(2);
    }

    /**
     * What rests by its weight alone takes no tape.
     *
     * @return list<ShoppingLine>
     */
    private static function joining(Design $design, Assembly $assembly, int $units, Catalogue $catalogue): array
    {
        $seams = array_sum(array_map(fn (Seam $seam): float => $seam->gap === null ? $seam->length : 0.0, $assembly->seams));
        if ($design->joining->material === null || $seams <= 0.0) {
            return [];
        }
        $material = $catalogue->material($design->joining->material);
        $length = $seams * $units * self::SEAM_ALLOWANCE;
        $pieces = (int) ceil($length / $material->coverage - 1e-9);

        return [self::line('joining', $material, $pieces, sprintf(
            'For %s (%s): the seams twice over and a tenth to spare.',
            Display::RoomLength->text($length, System::Imperial), Display::RoomLength->text($length, System::Metric),
        ))];
    }

    /**
     * Panels of carton come out of the fans' cartons first; what does not go in there, and panels of another sheet, are cut
     * from bought sheets. Those cut out of something that is bought as hardware are counted there.
     *
     * @return list<ShoppingLine>
     */
    private static function sheets(Design $design, Assembly $assembly, int $units, Catalogue $catalogue): array
    {
        $fan = $design->fan;
        $panels = [];
        foreach ($assembly->panels as $panel) {
            for ($unit = 0; $unit < $units && ! isset($assembly->hardware[$panel->sheet]); $unit++) {
                $panels[$panel->sheet][] = [$panel->width, $panel->height];
            }
        }
        $lines = [];
        foreach ($panels as $sheet => $sizes) {
            $material = $catalogue->material((string) $sheet);
            $isCarton = $sheet === Panel::CARTON && $fan->cartonWidth !== null && $fan->cartonHeight !== null;
            // A sheet that does not tell its size takes the largest panel.
            $size = $material->size() ?? [max(array_column($sizes, 0)), max(array_column($sizes, 1))];
            $count = Cutting::sheets($sizes, $size, ...($isCarton ? [self::CARTON_FACES * $units, [$fan->cartonWidth, $fan->cartonHeight]] : []));
            if ($count > 0) {
                $lines[] = self::line('sheet', $material, $count, $sheet === Panel::CARTON
                    ? 'For the panels that the fan’s carton is too small for; any clean carton of the size will do.'
                    : 'The panels laid out in rows.');
            }
        }

        return $lines;
    }

    /** @return list<ShoppingLine> */
    private static function hardware(Assembly $assembly, int $units, Catalogue $catalogue): array
    {
        $lines = [];
        foreach ($assembly->hardware as $id => $count) {
            $lines[] = self::line('hardware', $catalogue->material((string) $id), $count * $units, '');
        }

        return $lines;
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
