<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Cone;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\EndCap;
use Jornel\Core\Shape\Ring;

/** Making a ring cartridge with a cone to a small fan. */
final readonly class RingSteps implements ShapeSteps
{
    public function of(Design $design): array
    {
        $printed = $design->option('cone') === 'printed';
        $volume = Ring::cone($design)->volume() + (new EndCap($design->filter->width))->volume();
        $hardware = array_map(strval(...), array_keys(array_diff_key($design->assemble()->hardware, ['print-filament' => 0, 'feet-10cm' => 0])));

        $sealing = Sealing::with($design->joining);
        $to = Airway::of($design)->pulls ? 'away from' : 'towards';

        return CommonSteps::list(
            CommonSteps::markFan($design),
            ...CutSteps::of($design),
            ...[
                $printed
                    ? new Step('print', 'Print cone and cap from their files, feet on the plate.', 'A lip of 0.3 mm play holds the cap by friction.', 10.0, ['Cap slides over the cartridge’s rim'], ['feet', 'cap'], [PartUse::material('print-filament')], [Milestone::Covered], tools: ['printer'], skill: 'printing', wait: Cone::printing($volume))
                    : (new Step('roll', "Roll the cone, {$sealing->close('its lap')}, and fix three feet under the cap.", 'A rolled cone holds its form by its lap.', 5.0, ['Lap closed'], ['feet'], [PartUse::cut('cone'), PartUse::cut('cap'), PartUse::material('feet-10cm')], [Milestone::Covered]))->joining(1, $design->joining),
                new Step('cap', $printed ? 'Press the cap on the closed end of the cartridge, feet down.' : "Lay the cap on the far end of the cartridge, {$sealing->close('its edge')}, and stand it on its feet.", 'An open end lets all the air past the media.', 2.0, ['Closed end sits all round'], $printed ? ['face-1'] : ['cap', 'face-1'], [PartUse::filters(), ...$printed ? [] : [PartUse::cut('cap')]], [Milestone::ArrowsChecked], [Milestone::Covered]),
                CommonSteps::seal($design, 2, 'cap and cone to the cartridge', 'The cartridge’s rims are soft: only joining closes them.')->setting('cone')->waitingFor(Milestone::Covered),
                SmallFanSteps::guards($design, 1),
                (new Step('fan', "Screw the fan with its guard to its plate, its arrow pointing {$to} the cartridge, and {$sealing->close('the plate’s edges to the cone')}.", 'Past the fan no air may go.', 5.0, ["Fan’s arrow points {$to} the cartridge"], ['plate', 'fan'], [PartUse::fans(), PartUse::cut('plate'), PartUse::material('fan-screws')], [Milestone::FanSet], [Milestone::Sealed], ['screwdriver'], 'wiring'))->joining(4, $design->joining),
                CommonSteps::wire($design, 1, ...$hardware),
                ...CommonSteps::finish($design),
            ],
        );
    }
}
