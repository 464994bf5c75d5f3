<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Drawer;
use Jornel\Core\Shape\Panel;

/** Making a drawer (common practice, no source). */
final readonly class DrawerSteps implements ShapeSteps
{
    public function __construct(private Drawer $shape)
    {
    }

    public function of(Design $design): array
    {
        return CommonSteps::list(
            new Step('Saw all boards to the sizes on this sheet.', 'Cut in one go, parts that are alike come out alike.', 30.0, null, [], ['tape measure', 'saw', 'square', 'marker'], 'sawing'),
            new Step('Glue and screw two identical flat face frames.', 'The filter seals against their faces: a twisted frame leaks at two corners.', 25.0, 'Both frames lie flat on each other', ['frame'], ['square', 'clamps', 'screwdriver'], 'sawing'),
            new Step('Screw the sides of the box to the front frame and the stops into it.', 'The stops keep the filters in line with the opening.', 20.0, null, ['box-lying', 'box-upright', 'stop'], ['drill', 'screwdriver'], 'sawing'),
            new Step('Hinge the back frame to the box with a thin spacer at the latch side, then set the latch rod so that it pulls.', 'Hinged over a spacer it closes tight for years.', 20.0, 'Closes without a gap', ['frame-2', 'rod'], ['drill', 'screwdriver'], 'drilling'),
            $this->shape->hasPedestal($design)
                ? new Step('Screw a plate with a captive nut to each side of the box at its centre of mass, and hang it in the fork of the pedestal with a rough washer on each pivot.', 'Hung at its centre of mass it stays as it is tilted; with its foot drilled the pedestal also hangs from a ceiling.', 25.0, 'Stays at any tilt', ['plate', 'arm', 'foot'], ['drill', 'wrench'], 'drilling')
                : new Step('Fix the tilting foot under the box, or two rated hooks to hang it by.', 'It then stands at the bench or hangs from the ceiling.', 15.0, null, ['foot'], ['drill'], 'drilling'),
            CommonSteps::fanDirection('Fit it on the front frame.'),
            $design->fan->handling->hasRearGrille ? new Step('Unplug the fan and take its rear grille off; nobody reaches in from here on.', 'The frame lies flat on the housing only without it.', 5.0, 'Unplugged', [], ['screwdriver']) : null,
            CommonSteps::cut($design, ...array_map(fn (Panel $panel): string => $panel->id, $this->shape->boards($design))),
            PanelSteps::collar($this->shape->collar($design), $design),
            new Step('Screw the fan to the front frame with screws short enough to keep clear of the blades.', 'A long screw stops a blade.', 8.0, 'Blades free', ['fan'], ['screwdriver'], 'drilling'),
            CommonSteps::corners($design),
            CommonSteps::arrows($design, 'Slide the filters in with the wire-mesh side to the incoming air.')->setting('prefilter'),
            ...CommonSteps::finish($design),
        );
    }
}
