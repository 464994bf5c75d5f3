<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Drawer;

/** Making a wooden drawer behind a fan. */
final readonly class DrawerSteps implements ShapeSteps
{
    public function __construct(private Drawer $shape)
    {
    }

    public function of(Design $design): array
    {
        $isPedestal = $this->shape->hasPedestal($design);
        $isWhole = $design->option('frames') === 'whole';
        [$sealing, $way] = [Sealing::with($design->joining), Airway::of($design)];

        return CommonSteps::list(
            CommonSteps::markFan($design),
            ...CutSteps::of($design),
            ...array_values(array_filter([
                new Step('frames', $isWhole ? 'Lay the two face frames on each other and plane or sand them until they are identical and flat.' : 'Screw the strips together into two identical flat face frames.', 'The filter seals against their faces: a twisted frame leaks at two corners.', $isWhole ? 10.0 : 25.0, ['Both frames lie flat on each other'], ['frame'], [PartUse::cut('frame'), ...$isWhole ? [] : [PartUse::material('pocket-screws')]], [Milestone::Framed], tools: $isWhole ? ['square'] : ['square', 'clamps', 'screwdriver'], skill: 'sawing'),
                new Step('box', 'Screw the sides of the box to the front frame. Lay a filter on it in the middle of the opening, push two stops against each of its four sides and screw them down.', 'The stops hold the filter’s rim over the edge of the opening all round.', 20.0, ['Box square: diagonals equal within 1/8 in (3 mm)'], ['box-lying', 'box-upright', 'stop'], [PartUse::cut('frame'), PartUse::cut('box-lying'), PartUse::cut('box-upright'), PartUse::cut('stop'), PartUse::material('pocket-screws')], [Milestone::Square], [Milestone::Framed], ['drill', 'screwdriver', 'tape measure'], 'sawing'),
                new Step('hinge', 'Hinge the back frame to the box with a thin spacer at the latch side, put the knob on, then set the latch rod so that it pulls.', 'Hinged over a spacer it closes tight for years.', 20.0, ['Closes without a gap'], ['frame-2', 'rod'], [PartUse::cut('frame'), PartUse::cut('rod'), PartUse::material('hinges'), PartUse::material('knobs')], [Milestone::Closed], [Milestone::Square], ['drill', 'screwdriver'], 'drilling', mends: [Mend::Gap]),
                $isPedestal
                    ? new Step('pedestal', 'Screw a plate with a captive nut to each side of the box at its centre of mass, and hang it in the fork of the pedestal with a rough washer on each pivot.', 'Hung at its centre of mass it stays as it is tilted; with its foot drilled the pedestal also hangs from a ceiling.', 25.0, ['Stays at any tilt'], ['plate', 'arm', 'foot'], [PartUse::cut('plate'), PartUse::cut('arm'), PartUse::cut('foot'), PartUse::material('t-nuts'), PartUse::material('bolts-washers'), PartUse::material('rough-washers')], after: [Milestone::FanSet], tools: ['drill', 'wrench'], skill: 'drilling', cautions: ['hanging'])
                    : new Step('foot', 'Fix the tilting foot under the box.', 'It then stands at the bench as it is tilted.', 15.0, ['Stands firm at any tilt'], ['foot'], [PartUse::material('tilting-foot')], after: [Milestone::FanSet], tools: ['drill'], skill: 'drilling'),
                CommonSteps::testFan('on the front frame'),
                $design->fan->handling->hasRearGrille ? new Step('grille', 'With the plug out, take the fan’s rear grille off. Nobody reaches in from here on.', 'The frame lies flat on the housing only without it.', 5.0, ['Unplugged', 'Children away from the open blades'], uses: [PartUse::fans()], reaches: [Milestone::GrilleOff], tools: ['screwdriver'], cautions: ['rear-grille']) : null,
                CommonSteps::collar($this->shape->collar($design), $design, 'the front frame')?->reaching(Milestone::Covered)->waitingFor(Milestone::Square),
                CommonSteps::corners($design),
                (new Step('fan', "Screw the fan to the front frame with the short screws, which keep clear of the blades, its arrow pointing {$way->fanOnFilter()}, and {$sealing->close('its rim')}.", 'A long screw stops a blade.', 5.0, ['Screws clear of the blades', "Fan’s arrow points {$way->fanOnFilter()}"], ['fan'], [PartUse::fans(), PartUse::material('short-screws')], [Milestone::FanSet], [Milestone::GrilleOff, Milestone::Covered, Milestone::Fitted, Milestone::Square], ['screwdriver'], 'drilling', mends: [Mend::BladeTouches]))->joining(1, $design->joining),
                CommonSteps::arrows($design, $design->prefilter === null ? 'Slide the filter in between its stops.' : 'Slide the filters in between their stops.', ['face'], $way->filterOnFan())->waitingFor(Milestone::FanSet, Milestone::Closed),
                new Step('latch', 'Close the back frame and latch it.', 'The filter seals by the pull of the latch alone.', 1.0, ['Frame lies on the filter all round'], uses: [PartUse::cut('frame')], after: [Milestone::ArrowsChecked], mends: [Mend::FrameWillNotGoIn, Mend::Gap]),
                ...CommonSteps::finish($design),
            ])),
        );
    }
}
