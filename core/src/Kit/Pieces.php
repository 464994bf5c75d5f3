<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\Material;
use Jornel\Core\Part\UnknownPart;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Panel;

/** How many pieces of a material some units take. */
final class Pieces
{
    /** Tape, glue or strip for a length of seam: two passes and a tenth of waste (common practice, no source). */
    private const SEAM_ALLOWANCE = 2.0 * 1.1;

    private const CARTON_FACES = 2;

    /**
     * Tape, glue or strip for the seams of some units; what rests by its weight alone takes none.
     *
     * @param  int  $units  1 or more
     * @return float m
     */
    public static function joiningLength(Assembly $assembly, int $units): float
    {
        return $assembly->joinedLength() * $units * self::SEAM_ALLOWANCE;
    }

    /**
     * Rolls, sticks or strips for a length.
     *
     * @param  float  $length  m
     */
    public static function ofJoining(Material $material, float $length): int
    {
        return (int) ceil($length / $material->coverage - 1e-9);
    }

    /**
     * What else some units take, by id: pieces, and what is sold by length in whole lengths.
     *
     * @param  int  $units  1 or more
     * @return array<string, int> above zero
     *
     * @throws UnknownPart
     */
    public static function ofHardware(Assembly $assembly, int $units, Catalogue $catalogue): array
    {
        $pieces = array_map(fn (int $count): int => $count * $units, $assembly->hardware);
        foreach ($assembly->lengths as $id => $length) {
            $pieces[$id] = ($pieces[$id] ?? 0) + self::ofJoining($catalogue->material($id), $length * $units);
        }

        return $pieces;
    }

    /**
     * Sheets to buy, by id. Panels of carton come out of the fans' cartons first; what does not go in there, and panels of
     * another sheet, are cut from bought sheets. Those cut out of something that is bought as hardware are counted there.
     *
     * @param  int  $units  1 or more
     * @return array<string, int> above zero
     *
     * @throws UnknownPart
     */
    public static function ofSheets(Fan $fan, Assembly $assembly, int $units, Catalogue $catalogue): array
    {
        $panels = [];
        foreach ($assembly->panels as $panel) {
            $isThere = $panel->sheet === Panel::FAN_CARTON || isset($assembly->hardware[$panel->sheet]);
            for ($unit = 0; $unit < $units && ! $isThere; $unit++) {
                $panels[$panel->sheet][] = [$panel->width, $panel->height];
            }
        }
        $sheets = [];
        foreach ($panels as $sheet => $sizes) {
            $material = $catalogue->material((string) $sheet);
            $isCarton = $sheet === Panel::CARTON && $fan->carton !== null && ! $assembly->usesFanCarton();
            // A sheet that does not tell its size takes the largest panel.
            $size = $material->size ?? [max(array_column($sizes, 0)), max(array_column($sizes, 1))];
            $count = Cutting::sheets($sizes, $size, ...($isCarton ? [self::CARTON_FACES * $units, [$fan->carton->width, $fan->carton->height]] : []));
            if ($count > 0) {
                $sheets[(string) $sheet] = $count;
            }
        }

        return $sheets;
    }
}
