<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Cone;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\EndCap;
use Jornel\Core\Shape\Ring;

/** Making a ring cartridge (common practice, no source). */
final readonly class RingSteps implements ShapeSteps
{
    public function of(Design $design): array
    {
        $printed = $design->option('cone') === 'printed';
        $volume = Ring::cone($design)->volume() + (new EndCap($design->filter->width))->volume();

        return CommonSteps::list(
            $printed
                ? new Step(sprintf('Print cone and cap; about %.0f minutes of printing by their volume.', Cone::printing($volume)), 'A lip of 0.3 mm play holds the cap by friction.', 10.0, null, ['feet'], ['printer'], 'printing')
                : new Step('Cut the cone’s development, roll it, and glue its lap.', 'A rolled cone holds its form by its lap.', 15.0, 'Lap closed', ['feet'], ['tape measure', 'knife', 'marker', 'glue gun'], 'cutting'),
            new Step('Press the cap on the closed end of the cartridge, feet down.', 'An open end lets all the air past the media.', 2.0, 'Cap sits all round', ['cap', 'face-1']),
            CommonSteps::join($design, 2, 'cap and cone to the cartridge', 'The cartridge’s rims are soft: only joining closes them.', 'cone'),
            new Step('Screw the guard to the fan and the fan to the cone, blowing away from the cartridge.', 'It draws through the media and blows up.', 6.0, 'Fan’s arrow points away', ['plate', 'fan'], ['screwdriver'], 'wiring'),
            ...CommonSteps::finish($design),
        );
    }
}
