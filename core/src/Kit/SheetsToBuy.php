<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Cut\CutPart;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\UnknownPart;
use Jornel\Core\Shape\Panel;

/**
 * Sheets that are bought for the parts of some units, where cartons of fans and filters are cut up first. The finder, the
 * evaluation and the kit buy by this one count.
 */
final class SheetsToBuy
{
    /**
     * @param  list<CutPart>  $parts  of all units
     * @param  array<CartonAtHand>  $cartons
     * @return array<string, int> above zero, by id
     *
     * @throws UnknownPart
     */
    public static function of(array $parts, array $cartons, Catalogue $catalogue): array
    {
        return self::counted($parts, $cartons, $catalogue, Cutting::sheets(...));
    }

    /**
     * The least that it can be, found more quickly.
     *
     * @param  list<CutPart>  $parts
     * @param  array<CartonAtHand>  $cartons
     * @return array<string, int> above zero, by id
     *
     * @throws UnknownPart
     */
    public static function atLeast(array $parts, array $cartons, Catalogue $catalogue): array
    {
        // What goes on one of them goes on any.
        return self::counted($parts, array_map(fn (CartonAtHand $carton): CartonAtHand => $carton->alone(), $cartons), $catalogue, Cutting::atLeast(...));
    }

    /**
     * @param  list<CutPart>  $parts
     * @param  array<CartonAtHand>  $cartons
     * @param  callable(list<CutPiece>, array{float, float}, list<array{float, float}>): int  $count
     * @return array<string, int>
     */
    private static function counted(array $parts, array $cartons, Catalogue $catalogue, callable $count): array
    {
        $byMaterial = [];
        foreach ($parts as $part) {
            if (! $part->isCutInto) {
                $byMaterial[$part->material][] = $part;
            }
        }
        $sheets = [];
        foreach ($byMaterial as $id => $own) {
            $pieces = CutPiece::all($own);
            $sheet = Kit::sheet($catalogue->material((string) $id), $own);
            $free = [];
            foreach ($id === Panel::CARTON ? $cartons : [] as $carton) {
                array_push($free, ...array_merge(...array_fill(0, max(1, $carton->count), $carton->blank->clearAreas(Cutting::KERF))));
            }
            $needed = $count($pieces, [$sheet->width, $sheet->height], $free);
            if ($needed > 0) {
                $sheets[(string) $id] = $needed;
            }
        }

        return $sheets;
    }
}
