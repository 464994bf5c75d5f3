<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Cut\CutList;
use Jornel\Core\Kit\Pieces;
use Jornel\Core\Part\JoiningKind;
use Jornel\Core\Shape\Collar;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Shape\Footing;
use Jornel\Core\Shape\KnobAccess;
use Jornel\Core\Shape\Shroud;
use Jornel\Core\Shape\SmallFanWiring;

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
        $way = Airway::of($design);
        $towards ??= $way->filters();
        $isOne = $design->shape->filterCount($design) === 1 && $design->prefilter === null;
        $coarse = $design->prefilter === null ? '' : ' Fix a coarse one to each with '.Sealing::with($design->joining)->fixWith()." at its rim, on the side that will be {$way->coarse()}, where the air meets it first.";

        return new Step(
            'arrows',
            $how.($isOne ? " Its arrow points {$towards}." : " Their arrows point {$towards} and their pleats stand upright.").$coarse,
            ($way->pulls ? 'The fan pulls' : 'The fan pushes').', so air must pass every filter the way its arrow points; the wire mesh lies on the side that the arrow points to.'.($isOne ? '' : ' Upright pleats shed dust.'),
            2.0 + ($design->prefilter === null ? 0.0 : 1.0 * $design->shape->filterCount($design)),
            [$isOne ? "Filter’s arrow points {$towards}" : "Arrows of all filters point {$towards}", ...$design->prefilter === null ? [] : ['Coarse filters fixed all round']],
            [...$sets, 'prefilter'],
            [...self::filters($design), ...$design->prefilter === null || $design->joining->kind->sticks() ? [] : [PartUse::material(Pieces::TAPE)]],
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
        $sealing = Sealing::with($design->joining);

        return (new Step(
            $id,
            $sealing->sentence($which),
            $reason.$sealing->gap(),
            2.0,
            [$sealing->hold()],
            reaches: [Milestone::Sealed],
        ))->joining($count, $design->joining);
    }

    /** What is done about the fan’s corners; null where nothing is. */
    public static function corners(Design $design): ?Step
    {
        $with = Sealing::with($design->joining)->fixWith();
        $side = Airway::of($design)->pulls ? 'front' : 'outer side';
        $knob = KnobAccess::of($design) !== KnobAccess::CutOut ? '' : ($design->hasShroud() ? ' The knob comes through its cut-out.' : ' Cut the one over the knob round it.');

        return match ($design->corners) {
            Corners::Open => null,
            Corners::Taped => ! $design->assemble()->fallsBack() ? null : (new Step(
                'corners',
                CutList::hasCornerPieces($design, $design->assemble())
                    ? "With the fan flat on the bench, fix the carton triangles over its front corners with {$with}, clear of the blades.{$knob}"
                    : "With the fan flat on the bench, close the corners of its front with {$with}, clear of the blades.{$knob}",
                'Through open corners the fan moves air that no filter has cleaned.',
                1.0,
                ['Blades clear of all four corners'],
                uses: [PartUse::fans(), ...CutList::hasCornerPieces($design, $design->assemble()) ? [PartUse::cut('corner')] : [], ...self::tape($design)],
                reaches: [Milestone::CornersClosed],
            ))->joining(4, $design->joining),
            Corners::Shroud => ! self::hasPanel($design, Shroud::PART) ? null : (new Step(
                'shroud',
                "Centre the shroud’s hole over the blades and fix the shroud to the fan’s {$side} all round with {$with}, clear of the guard.{$knob}",
                'It stops air from falling back through the housing’s corners.',
                1.0,
                ['Guard on, blades free', ...KnobAccess::of($design) === KnobAccess::CutOut ? ['Knob turns in its cut-out'] : []],
                ['shroud'],
                [PartUse::cut('shroud'), ...self::tape($design)],
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
        if ($collar === null) {
            return null;
        }
        $sealing = Sealing::with($design->joining);
        $frame = $collar->hasFrame ? "Tape the four strips of the stand-off frame to a square, stand it on {$onto} and fix it all round. " : '';

        return (new Step(
            'collar',
            $frame.'Lay the collar on '.($collar->hasFrame ? 'the frame' : $onto)." and {$sealing->close('all its edges')}; its hole comes in line with the blades.",
            'The fan is smaller than the filter: past its housing it would draw air that no filter has cleaned.'.($collar->hasFrame ? ' The frame lets the air spread to the whole face.' : ''),
            $collar->hasFrame ? 10.0 : 3.0,
            ['Hole and blades in line', ...$collar->hasFrame ? ['Frame square'] : []],
            [Collar::PART, ...$collar->hasFrame ? [Collar::FRAME_PART] : []],
            [PartUse::cut(Collar::PART), ...$collar->hasFrame ? [PartUse::cut(Collar::FRAME_PART)] : []],
        ))->joining($collar->hasFrame ? 12 : 4, $design->joining);
    }

    /** @return list<PartUse> tape that fixes sheets where the joining does not stick */
    public static function tape(Design $design): array
    {
        return $design->joining->kind->sticks() ? [] : [PartUse::material(Pieces::TAPE)];
    }

    /**
     * What a unit takes besides what its shape does: what it stands on, a knob that will be closed in, a foot in the way, a
     * bare motor.
     *
     * @return list<Step>
     */
    public static function besides(Design $design): array
    {
        return array_values(array_filter([self::bareMotor($design), self::footOff($design), self::setSpeed($design), self::footing($design)]));
    }

    private static function bareMotor(Design $design): ?Step
    {
        return ! $design->fan->hasBareMotor() ? null : new Step(
            'motor', 'Have a qualified person close the motor’s terminals in a box, earth its frame and fit a cord with a fused plug. Keep fingers and cords from its shaft.', 'A bare motor on the mains has live parts that a finger reaches.', 15.0,
            ['Terminals closed, frame earthed'], uses: [PartUse::fans()], reaches: [Milestone::KitCounted], skill: 'wiring', cautions: ['fan-electrical'],
        );
    }

    private static function footOff(Design $design): ?Step
    {
        $hangs = $design->option('fan-seat') === 'hanging';

        return ! $design->fan->handling->hasFoot || $hangs ? null : new Step(
            'foot-off', 'With the plug out, take the foot off the fan.', 'It would keep the fan from lying flat.', 3.0, ['Plug out before the foot came off'],
            uses: [PartUse::fans()], reaches: [Milestone::StandOff], after: [Milestone::FanMarked, Milestone::Unplugged], tools: ['screwdriver'],
        );
    }

    private static function setSpeed(Design $design): ?Step
    {
        $speed = $design->speed === null ? 'the speed it shall run at' : "speed {$design->speed}";

        return KnobAccess::of($design) !== KnobAccess::SetFirst ? null : new Step(
            'speed', "Set the fan to {$speed} now: its knob will be closed in, and the unit is switched at the plug.", 'To change it later the unit must be opened.', 1.0, ['Speed set'], uses: [PartUse::fans()], reaches: [Milestone::SpeedSet], after: [Milestone::Unplugged],
        );
    }

    private static function footing(Design $design): ?Step
    {
        $way = $design->shape->tipsSideways() ? 'from side to side' : 'from front to back';
        $with = Sealing::with($design->joining)->fixWith();
        [$action, $reason, $hold, $uses, $minutes] = match ($design->option(Footing::OPTION)) {
            'feet' => [
                "Fold each foot in three and hold it so with {$with}. Fix one across under each side of the unit, {$way}, so that a hand’s width stands out at both ends.",
                'Without them it tips over.', 'Both feet stand out a hand’s width (10 cm) at both ends', [PartUse::cut(Footing::PART), ...self::tape($design)], 6.0,
            ],
            'boards' => [
                "Fix a wooden board across under each side of the unit with {$with}, {$way}, so that a hand’s width stands out at both ends.",
                'Without them it tips over.', 'Both boards stand out a hand’s width (10 cm) at both ends', [PartUse::material('foot-boards'), ...self::tape($design)], 4.0,
            ],
            'tied' => ['Tie it at two places to something that does not move, no face covered.', 'By itself it tips over.', 'It does not move when it is pushed', [PartUse::material('cord')], 3.0],
            'leans' => ['Lean its frame, not a face, on something heavy; a hand’s width stays free before every face.', 'By itself it tips over.', 'Leans firmly, faces free', [], 1.0],
            default => ['', '', '', [], 0.0],
        };

        return $action === '' ? null : new Step('footing', $action, $reason, $minutes, [$hold], [Footing::PART], $uses, after: [Milestone::FanSet, Milestone::Sealed, Milestone::Closed], skill: $uses === [] ? null : 'taping');
    }

    /** What small fans on direct current are wired with. */
    public static function wire(Design $design, int $fans, string ...$hardware): Step
    {
        $volts = $design->fan->speed($design->speed)->volts ?? $design->fan->volts ?? 12.0;
        $at = sprintf(' at %g V', $volts);
        $amperes = SmallFanWiring::amperes($fans, $design->fan, $design->speed);

        return new Step(
            'wire',
            $fans === 1
                ? "Plug the fan into the supply{$at}. Tie its cable away from the blades, lead it out through its hole and close the hole round it with tape."
                : sprintf('Join the cables of all %d fans: together they draw %.1f A%s. Hold that against the supply. Tie the cables away from the blades, lead the cable out through its hole and close the hole round it with tape.', $fans, $amperes, $at),
            'An overloaded supply runs hot.',
            2.0 + 1.0 * $fans,
            [...$fans === 1 ? [] : ['Sum of the fans’ amperes below the supply’s'], 'Cables tied away from the blades', 'Cable hole closed'],
            uses: array_map(fn (string $id): PartUse => PartUse::material($id), array_values(array_filter($hardware, fn (string $id): bool => SmallFanWiring::isSupply($id) || str_starts_with($id, 'fan-hub') || str_starts_with($id, 'fan-splitter')))),
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
            'With the plug still out, turn the blades with a pencil through the guard and lead the cord clear of them. See that every guard is on.',
            'What touches the blades is found before they run.',
            1.0,
            ['Blades free', 'Cord clear, guards on'],
            reaches: [Milestone::BladesFree],
        );
    }

    /** @param  string  $stand  how it is stood first, a whole sentence; empty for nothing */
    public static function power(string $stand = '', bool $isHeldBySuction = false): Step
    {
        $look = $isHeldBySuction ? ' Hold the filter on until it draws, and look along its edges; it falls off when the fan stops.' : '';

        return new Step('power', trim("{$stand} Plug in and run it; listen for clicks or rubbing.{$look}"), 'Something may touch the blades.', 1.0, ['No clicking, no smell', ...$isHeldBySuction ? ['Filter held flat all round while it runs'] : []], reaches: [Milestone::FirstRun], cautions: ['fan-electrical']);
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
            uses: [PartUse::joining(), ...self::tape($design)],
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
        return [self::look(), self::power($stand, $design->joining->kind === JoiningKind::Suction), self::tissue($design), self::patch($design), self::label()];
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
