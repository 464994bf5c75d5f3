<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\FanMount;
use Jornel\Core\Shape\Layout;

/** Making a box of four filter walls with a fan on top: taped, or glued corner by corner. */
final class BoxSteps
{
    /** Minutes of work at a corner besides its bead: all four together as long as tacking and pressing tape. */
    private const CORNER = 1.75;

    /** Minutes until a bead of hot glue holds (common practice, no source). */
    private const BEAD = 1.0;

    /** @return non-empty-list<Step> */
    public static function of(Design $design, Step $base, FanMount $mount): array
    {
        return CommonSteps::list(
            CommonSteps::markFan($design),
            ...CutSteps::of($design),
            ...self::walls($design),
            ...[CommonSteps::testFan(MountSteps::where($mount)), $base, ...MountSteps::of($mount, $design), ...CommonSteps::finish($design)],
        );
    }

    /**
     * Four walls from the first filter on the bench to closed corners.
     *
     * @return non-empty-list<Step>
     */
    public static function walls(Design $design): array
    {
        $rows = max(1, $design->number('per-side'));
        $isGlued = self::isGlued($design);
        $arrows = CommonSteps::arrows($design, $rows > 1 ? 'Lay the filters on the bench in pairs.' : 'Lay the filters on the bench.', $isGlued ? [] : ['face']);
        $pairs = $rows === 1 ? [] : [(new Step(
            'pairs',
            ucfirst(Sealing::with($design->joining)->close('the lying seam of each pair')).', flat on the bench.',
            'Two half as high make one wall; lying down they come out flat.',
            2.0,
            ['Each pair flat'],
            reaches: [Milestone::Paired],
            after: [Milestone::ArrowsChecked],
        ))->joining(4 * ($rows - 1), $design->joining)];

        return [$arrows, ...$pairs, ...($isGlued ? self::glued($design) : self::taped($design))];
    }

    /** @return non-empty-list<Step> */
    private static function taped(Design $design): array
    {
        $with = Sealing::with($design->joining)->fixWith();

        return [
            (new Step(
                'tack',
                self::isBetween($design)
                    ? "Stand two filters between the other two and tack the corners with {$with}: a hand’s width above and below."
                    : "Stand the filters up as a pinwheel, each overlapping the next, and tack the corners with {$with}: a hand’s width above and below.",
                self::isBetween($design)
                    ? 'Begun one way, it must go on that way: mixed corners leave a gap.'
                    : 'Alternating them two and two makes a rectangle that a square fan does not cover.',
                5.0,
                [self::isBetween($design) ? 'Two filters stand between the other two' : 'Every filter overlaps the next on the same side'],
                uses: [PartUse::joining(), ...CommonSteps::tape($design)],
                reaches: [Milestone::Standing],
            )),
            self::square('Measure both diagonals across the top and push the longer one until they are equal.'),
            CommonSteps::seal($design, 4, 'every upright seam', 'Each open seam is a bypass.')->waitingFor(Milestone::Closed),
        ];
    }

    /**
     * Corner by corner, always on the same side and turning the same way.
     *
     * @return non-empty-list<Step>
     */
    private static function glued(Design $design): array
    {
        $pulls = Airway::of($design)->pulls;
        // The faces of a wall lie one above the other, numbered four by four.
        $walls = fn (int ...$walls): array => array_merge(...array_map(
            fn (int $row): array => array_map(fn (int $wall): string => 'face-'.(4 * $row + $wall), array_values($walls)),
            range(0, max(1, $design->number('per-side')) - 1),
        ));

        return [
            self::corner(
                $design,
                'glue-1',
                $pulls
                    ? 'Lay the first filter flat, its arrow up. Stand the next on the bench at its right, its arrow to the left. Glue the edge, press for a minute, run a bead along the seam; let it hold for a minute.'
                    : 'Lay the first filter flat, its arrow down. Stand the next on the bench at its right, its arrow to the right. Glue the edge, press for a minute, run a bead along the seam; let it hold for a minute.',
                'The bead fills what the edge leaves open.',
                $pulls ? 'First arrow up, the next to the left' : 'First arrow down, the next to the right',
                $walls(1, 2),
                Milestone::FirstCorner,
                Milestone::ArrowsChecked,
            ),
            self::corner(
                $design,
                'glue-2',
                'Turn the box clockwise by a quarter. Glue the next filter on at the right, press for a minute, run the bead, let it hold.',
                'Always the same side and the same turn: else it will not close square.',
                'Turned clockwise, glued on the right',
                $walls(3),
                Milestone::SecondCorner,
                Milestone::FirstCorner,
            ),
            self::corner(
                $design,
                'glue-3',
                'Turn clockwise again and glue the last filter on at the right in the same way.',
                'Always the same side and the same turn: else it will not close square.',
                'Turned clockwise, glued on the right',
                $walls(4),
                Milestone::Standing,
                Milestone::SecondCorner,
            ),
            self::square('Close the last corner dry. Measure both diagonals across the top and push the longer one until they are equal.'),
            self::corner(
                $design,
                'glue-4',
                'Glue the last corner, press for a minute, run the bead; then run a bead over whatever still shows light.',
                'Each open seam is a bypass.',
                'All seams pressed',
                [],
                Milestone::Sealed,
            ),
        ];
    }

    /** @param  list<string>  $sets  parts of the scene */
    private static function corner(Design $design, string $id, string $action, string $reason, string $hold, array $sets, Milestone $reaches, ?Milestone $after = null): Step
    {
        return (new Step(
            $id, $action, $reason, self::CORNER, [$hold], $sets, reaches: [$reaches], after: $after === null ? [] : [$after], wait: self::BEAD, mends: [Mend::NotSquare],
        ))->joining(1, $design->joining);
    }

    private static function square(string $action): Step
    {
        return new Step('square', $action, 'A box out of square leaves gaps under fan and base.', 2.0, ['Diagonals equal within 1/8 in (3 mm)'], reaches: [Milestone::Square], tools: ['tape measure']);
    }

    /** Closing the box below with a sheet, while it lies on top. */
    public static function base(Design $design): Step
    {
        return (new Step(
            'base',
            'Turn the box upside down, lay the base on and '.Sealing::with($design->joining)->close('its edges to all four walls').' while it lies on top; then turn the box over.',
            'An open base is the longest leak there is, and taping is easier from above.',
            2.0,
            ['Base closed all round'],
            ['base'],
            [PartUse::cut('base')],
            [Milestone::Closed],
            self::isGlued($design) ? [Milestone::Sealed] : [],
        ))->joining(4, $design->joining);
    }

    /** A filter under the others, on feet. */
    public static function fifth(Design $design): Step
    {
        return (new Step(
            'fifth',
            'Turn the box upside down. Lay the fifth filter on, its arrow '.(Airway::of($design)->pulls ? 'into the box' : 'out of the box').', '.Sealing::with($design->joining)->close('all four edges').', and fix four feet of at least 10 cm under its frame; then turn the box over.',
            'Air must reach the fifth filter from below; on a carpet or without feet it does nothing.',
            5.0,
            ['Feet firm, at least 10 cm clear'],
            ['face-5', 'feet'],
            [PartUse::filters(1), ...$design->prefilter === null ? [] : [PartUse::prefilters(1)], PartUse::material('feet-10cm')],
            [Milestone::Closed],
            self::isGlued($design) ? [Milestone::Sealed] : [],
            mends: [Mend::ReversedArrow],
        ))->joining(4, $design->joining);
    }

    /** Glued, the corners close before the base; taped, the base holds the walls while their corners are taped. */
    private static function isGlued(Design $design): bool
    {
        return $design->joining->skill === 'gluing';
    }

    private static function isBetween(Design $design): bool
    {
        return Layout::tryFrom($design->option('layout')) === Layout::TwoBetweenTwo;
    }
}
