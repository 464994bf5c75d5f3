<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\DuctBox;

/** Making a box of filters under an inline fan. */
final readonly class DuctBoxSteps implements ShapeSteps
{
    public function __construct(private DuctBox $shape)
    {
    }

    public function of(Design $design): array
    {
        $joining = $design->joining;
        [$sealing, $way] = [Sealing::with($joining), Airway::of($design)];
        $hasDuct = $design->number('duct-metres') > 0;
        $isRefilled = $design->option('canister') === 'refilled';

        return CommonSteps::list(
            CommonSteps::markFan($design),
            ...CutSteps::of($design),
            ...BoxSteps::walls($design),
            ...array_values(array_filter([
                $design->number('faces') === 5 ? BoxSteps::fifth($design) : BoxSteps::base($design),
                (new Step('flange', "Screw the flange to the top panel over its hole and {$sealing->close('its rim')}.", 'An inline fan pulls harder than a box fan: the rim of its flange leaks first.', 6.0, ['Flange tight'], uses: [PartUse::cut('top'), PartUse::material(DuctBox::flange($design)), PartUse::material('short-screws')], reaches: [Milestone::Covered], tools: ['screwdriver', 'knife'], skill: 'drilling'))->joining(1, $joining),
                (new Step('top', "Lay the top on the walls and {$sealing->close('its four edges')}.", 'Each open seam is a bypass.', 2.0, ['Top closed all round'], ['top'], [PartUse::cut('top')], [Milestone::Topped], [Milestone::Covered, Milestone::Sealed, Milestone::Closed], mends: [Mend::FrameWillNotGoIn]))->joining(4, $joining),
                new Step('fan', "Set the fan on the flange, its arrow pointing {$way->fan()}, and close its clamp.", 'The wrong way round it blows against the arrows of the filters.', 4.0, ["Fan’s arrow points {$way->fan()}"], ['fan'], [PartUse::fans(), PartUse::material('duct-clamp')], [Milestone::FanSet], [Milestone::Topped], ['screwdriver']),
                $isRefilled ? new Step('fill', 'Outdoors, empty the canister and fill it with the new carbon, shaking it down as you go.', 'A hollow in the carbon lets air past it.', 10.0, ['Full to the rim, nothing moves when shaken'], uses: [PartUse::material('carbon-loose')], reaches: [Milestone::Filled], tools: ['screwdriver'], cautions: ['carbon-dust']) : null,
                $this->shape->hasCanister($design) ? new Step('canister', 'Outdoors, let the fan blow through the canister until no dust comes. Pull the plug, then clamp it on the fan and close its joint with foil tape.', 'Loose carbon dust comes out on the first start.', 6.0, ['No more dust', 'Unplugged'], ['canister'], [...$isRefilled ? [] : [PartUse::material('carbon-canister')], PartUse::material('foil-tape')], [Milestone::Canister], [Milestone::FanSet, Milestone::Filled], ['screwdriver'], cautions: ['carbon-dust']) : null,
                $hasDuct ? new Step('duct', 'Draw the duct straight, clamp both ends, close them with foil tape and tie it up.', 'A sagging duct takes flow.', 10.0, ['Duct straight, both ends closed'], ['duct'], [PartUse::material('lined-duct'), PartUse::material('foil-tape')], after: [Milestone::FanSet, Milestone::Canister], tools: ['screwdriver', 'knife']) : null,
                ...CommonSteps::finish($design),
            ])),
        );
    }
}
