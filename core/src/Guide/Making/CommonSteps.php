<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Cut\CutList;
use Jornel\Core\Shape\Collar;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Shape\Shroud;

/** Steps that most units share (common practice, no source). */
final class CommonSteps
{
    /** The very first of every unit. */
    public static function count(): Step
    {
        return new Step(
            'count',
            'Lay everything out on the table and count it against the list of parts.',
            'A part that is missing is found now, not with glue on the fingers.',
            2.0,
            ['Everything on the list is here'],
            reaches: [Milestone::KitCounted],
        );
    }

    /** @param  string  $then  what is done with it next, a whole sentence; empty for nothing */
    public static function markFan(Design $design, string $then = ''): Step
    {
        $several = $design->shape->fanCount($design) > 1;

        return new Step(
            'mark-fan',
            trim(($several ? 'Run each fan once and draw an arrow on its frame the way it blows. Pull the plug.' : 'Run the fan once and draw an arrow on its housing the way it blows. Pull the plug.')." {$then}"),
            'A fan the wrong way round moves dust the wrong way through the filters, and a printed arrow may be wrong.',
            $several ? 2.0 + 0.5 * $design->shape->fanCount($design) : 3.0,
            [$several ? 'Arrows of all fans drawn' : 'Fan’s arrow drawn', 'Unplugged'],
            uses: [PartUse::fans()],
            reaches: [Milestone::FanMarked, Milestone::Unplugged],
            tools: ['marker'],
            cautions: ['fan-electrical'],
        );
    }

    /** The fan in its place without tape. */
    public static function testFan(string $where): Step
    {
        return new Step(
            'test-fan',
            "Set the fan {$where}, without tape. Look along every edge, mark where it sits, and lift it off.",
            'What does not fit is mended in a minute now, and in half an hour once it is taped.',
            2.0,
            ['Fan covers the opening all round'],
            uses: [PartUse::fans()],
            reaches: [Milestone::Fitted],
            tools: ['marker'],
        );
    }

    /**
     * Which way the arrows on the frames point: with the flow.
     *
     * @param  string  $how  the filters are set, a whole sentence
     * @param  list<string>  $sets  parts of the scene
     * @param  string|null  $towards  what the arrows point to, within a sentence; null for into or out of the box
     */
    public static function arrows(Design $design, string $how, array $sets = ['face'], ?string $towards = null): Step
    {
        $pulls = $design->direction() === Direction::Pull;
        $towards ??= $pulls ? 'into the box' : 'out of the box';
        $isOne = $design->shape->filterCount($design) === 1 && $design->prefilter === null;
        $coarse = $design->prefilter === null ? '' : ' Each coarse one comes where the air comes first, its wire mesh to that air.';

        return new Step(
            'arrows',
            $how.($isOne ? " Its arrow points {$towards}." : " Their arrows point {$towards} and their pleats stand upright.").$coarse,
            ($pulls ? 'The fan pulls, so air must pass every filter the way its arrow points' : 'The fan pushes, so air must pass every filter the way its arrow points').($isOne ? '.' : '; upright pleats shed dust.'),
            2.0,
            [$isOne ? "Filter’s arrow points {$towards}" : "Arrows of all filters point {$towards}"],
            [...$sets, 'prefilter'],
            self::filters($design),
            [Milestone::ArrowsChecked],
        );
    }

    /** @return list<PartUse> every filter, and every coarse one in front of it */
    public static function filters(Design $design): array
    {
        return $design->prefilter === null ? [PartUse::filters()] : [PartUse::filters(), PartUse::prefilters()];
    }

    /**
     * Closing seams of the walls for good.
     *
     * @param  int  $count  seams to close
     * @param  string  $which  `every upright seam`
     */
    public static function seal(Design $design, int $count, string $which, string $reason, string $id = 'seal'): Step
    {
        return (new Step(
            $id,
            "Close {$which} with {$design->joining->with} from end to end and press it flat.",
            $reason,
            2.0,
            ['All seams pressed'],
            reaches: [Milestone::Sealed],
        ))->joining($count, $design->joining);
    }

    /** What is done about the fan’s corners; null where nothing is. */
    public static function corners(Design $design): ?Step
    {
        return match ($design->corners) {
            Corners::Open => null,
            Corners::Taped => ! $design->assemble()->fallsBack() ? null : (new Step(
                'corners',
                CutList::hasCornerPieces($design, $design->assemble())
                    ? 'With the fan flat on the bench, fix the carton triangles over its front corners, clear of the blades.'
                    : 'With the fan flat on the bench, close the corners of its front, clear of the blades.',
                'Through open corners the fan moves air that no filter has cleaned.',
                1.0,
                ['Blades clear of all four corners'],
                uses: [PartUse::fans(), ...CutList::hasCornerPieces($design, $design->assemble()) ? [PartUse::cut('corner')] : []],
                reaches: [Milestone::CornersClosed],
            ))->joining(4, $design->joining),
            Corners::Shroud => ! self::hasPanel($design, Shroud::PART) ? null : (new Step(
                'shroud',
                'Centre the shroud’s hole over the blades and fix the shroud to the fan’s front all round, clear of the guard.',
                'It stops air from falling back through the housing’s corners.',
                1.0,
                ['Guard on, blades free'],
                ['shroud'],
                [PartUse::cut('shroud')],
                after: [Milestone::FanSet],
                mends: [Mend::BladeTouches],
            ))->joining(4, $design->joining),
        };
    }

    private static function hasPanel(Design $design, string $id): bool
    {
        foreach ($design->assemble()->panels as $panel) {
            if ($panel->id === $id) {
                return true;
            }
        }

        return false;
    }

    /**
     * Closing what lies round a fan that is smaller than its filter; null where there is no collar.
     *
     * @param  string  $onto  what it is laid on, within a sentence
     */
    public static function collar(?Collar $collar, Design $design, string $onto): ?Step
    {
        return $collar === null ? null : (new Step(
            'collar',
            "Lay the collar on {$onto} and close it all round with {$design->joining->with}; its hole comes in line with the blades.",
            'The fan is smaller than the filter: past its housing it would draw air that no filter has cleaned.',
            3.0,
            ['Hole and blades in line'],
            [Collar::PART],
            [PartUse::cut(Collar::PART)],
        ))->joining(4, $design->joining);
    }

    /** What small fans on direct current are wired with. */
    public static function wire(int $fans, string ...$hardware): Step
    {
        return new Step(
            'wire',
            $fans === 1
                ? 'Plug the fan into the supply and tie its cable away from the blades.'
                : sprintf('Join the cables of all %d fans; count sockets, add up the amperes, and hold them against the supply. Tie the cables away from the blades.', $fans),
            'An overloaded supply runs hot.',
            2.0 + 1.0 * $fans,
            [...$fans === 1 ? [] : ['Sum of the fans’ amperes below the supply’s'], 'Cables tied away from the blades'],
            uses: array_map(fn (string $id): PartUse => PartUse::material($id), array_values(array_filter($hardware, fn (string $id): bool => $id !== 'grille' && $id !== 'bungee'))),
            reaches: [Milestone::Wired],
            after: [Milestone::FanSet, Milestone::Unplugged],
            tools: ['cable ties'],
            skill: 'wiring',
            cautions: ['low-voltage'],
        );
    }

    /** Before anything turns. */
    public static function look(): Step
    {
        return new Step(
            'look',
            'With the plug still out, turn the blades by hand and lead the cord clear of them. See that every guard is on.',
            'What touches the blades is found by hand, not by ear.',
            1.0,
            ['Blades free', 'Cord clear, guards on'],
            reaches: [Milestone::BladesFree],
        );
    }

    /** @param  string  $stand  how it is stood first, a whole sentence; empty for nothing */
    public static function power(string $stand = ''): Step
    {
        return new Step('power', trim("{$stand} Plug in and run on high; listen for clicks or rubbing."), 'Something may touch the blades.', 1.0, ['No clicking, no smell'], reaches: [Milestone::FirstRun], cautions: ['fan-electrical']);
    }

    public static function tissue(Design $design): Step
    {
        [$at, $seam, $filter] = $design->direction() === Direction::Pull ? ['drawn in', 'draws', 'draws'] : ['blown out', 'blows', 'blows'];

        return new Step(
            'tissue',
            'Hold a strip of tissue along every seam and corner, then in front of each filter.',
            "At a seam it must hang still; at a filter it must be {$at}.",
            4.0,
            ["No seam {$seam}", "Every filter {$filter}"],
            reaches: [Milestone::TissueTested],
            tools: ['tissue'],
            isCheck: true,
        );
    }

    public static function patch(Design $design): Step
    {
        return new Step(
            'patch',
            $design->direction() === Direction::Pull ? 'Patch what draws, and hold the tissue there again.' : 'Patch what blows, and hold the tissue there again.',
            'A gap as wide as a pencil line all round loses as much as a hole as large as a hand.',
            2.0,
            ['Tissue hangs still at every patch'],
            uses: [PartUse::joining()],
            reaches: [Milestone::Patched],
            tools: ['tissue'],
        );
    }

    public static function label(): Step
    {
        return new Step(
            'label',
            'Label the unit: its number, date, filters, speed, and when the filters are due.',
            'Whoever looks after it must know when the filters went in.',
            2.0,
            ['Label on'],
            reaches: [Milestone::Labelled],
            tools: ['marker'],
        );
    }

    /**
     * The usual end of every build.
     *
     * @param  string  $stand  how it is stood first, a whole sentence; empty for nothing
     * @return non-empty-list<Step>
     */
    public static function finish(Design $design, string $stand = ''): array
    {
        return [self::look(), self::power($stand), self::tissue($design), self::patch($design), self::label()];
    }

    /**
     * Steps of a unit, those that do not apply left out; not yet in order.
     *
     * @return non-empty-list<Step>
     */
    public static function list(?Step ...$steps): array
    {
        return [self::count(), ...array_values(array_filter($steps))];
    }
}
