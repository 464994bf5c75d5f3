<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Cut\CutList;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Fixing;
use Jornel\Core\Part\Joining;
use Jornel\Core\Part\Material;
use Jornel\Core\Part\UnknownPart;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Design;

/** How many pieces of a material some units take: the one count of kit, guide, sheet and finder. */
final class Pieces
{
    /** Waste of what is cut off a roll (common practice, no source). */
    private const WASTE = 1.1;

    /** Tape that fixes a coarse filter at four places of its rim, m (assumed). */
    private const TACKS = 0.4;

    /** Passes of tape over what a joining without tape or glue cannot hold, such as a shroud. */
    private const TAPE_PASSES = 2.0;

    /** Tape that holds such things: it peels off again. */
    public const TAPE = 'painters-tape';

    /**
     * What goes along the seams, holds at places and is otherwise sold by length or by the piece, not yet in whole pieces.
     *
     * @param  int  $units  1 or more
     * @return array<string, float> m or pieces, by id of the catalogue's materials
     */
    public static function quantities(Design $design, Assembly $assembly, int $units): array
    {
        $joining = $design->joining;
        $joined = $assembly->joinedLength() * $units;
        $coarse = $design->prefilter === null ? 0.0 : self::TACKS * $design->shape->filterCount($design);
        $besides = ($assembly->fastened + $coarse + CutList::cornerJoining($design, $assembly)) * $units;
        $quantities = array_map(fn (float $length): float => $length * $units, $assembly->lengths);
        $add = function (string $id, float $quantity) use (&$quantities): void {
            if ($quantity > 0.0) {
                $quantities[$id] = ($quantities[$id] ?? 0.0) + $quantity;
            }
        };
        if ($joining->material !== null) {
            $add($joining->material, ($joined + ($joining->kind->sticks() ? $besides : 0.0)) * $joining->passes * self::WASTE);
        }
        if (! $joining->kind->sticks()) {
            $add(self::TAPE, $besides * self::TAPE_PASSES * self::WASTE);
        }
        foreach ($joined > 0.0 ? $joining->fixings : [] as $fixing) {
            $add($fixing->material, $fixing->quantity($design->shape->filterCount($design) * $units, $joined, $units));
        }

        return $quantities;
    }

    /**
     * All that some units take besides fans, filters and sheets, in whole pieces.
     *
     * @param  int  $units  1 or more
     * @return array<string, int> above zero, by id
     *
     * @throws UnknownPart
     */
    public static function besidesSheets(Design $design, Assembly $assembly, int $units, Catalogue $catalogue): array
    {
        $pieces = array_map(fn (int $count): int => $count * $units, $assembly->hardware);
        foreach (self::quantities($design, $assembly, $units) as $id => $quantity) {
            $pieces[$id] = ($pieces[$id] ?? 0) + self::whole($catalogue->material($id), $quantity);
        }

        return $pieces;
    }

    /**
     * Whole rolls, sticks, strips or pieces.
     *
     * @param  float  $quantity  m, or pieces
     */
    public static function whole(Material $material, float $quantity): int
    {
        return (int) ceil($quantity / $material->coverage - 1e-9);
    }

    /**
     * Ids of the materials that are bought for the joining of a design.
     *
     * @return list<string>
     */
    public static function ofJoining(Joining $joining): array
    {
        return array_values(array_unique(array_filter([
            $joining->material, ...array_map(fn (Fixing $fixing): string => $fixing->material, $joining->fixings), $joining->kind->sticks() ? null : self::TAPE,
        ])));
    }
}
