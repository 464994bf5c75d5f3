<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Airflow\Performance;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\Texts;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\FaceReach;
use Jornel\Core\Shape\FilterFace;
use Jornel\Core\Shape\KnobAccess;
use Jornel\Core\Shape\SuctionHold;

/** What an experienced builder sees wrong in a unit itself, whatever room it is for: the bench and evaluations share it. */
final class AsBuilt
{
    /** @return list<Finding> */
    public static function findings(Design $design, Assembly $assembly, Performance $performance): array
    {
        return array_values(array_filter([
            self::suction($design, $performance),
            self::deadCorners($assembly),
            self::knob($design),
            self::needlessSheet($design),
        ]));
    }

    private static function suction(Design $design, Performance $performance): ?Finding
    {
        $hold = SuctionHold::of($design, $performance->balance->pressure);

        return $hold === null ? null : Finding::warning(
            'suction',
            $hold->pull <= 0.0 ? self::say('suction.blows-off') : self::say(
                'suction', pull: [Display::Mass, $hold->pull / SuctionHold::GRAVITY], weight: [Display::Mass, $hold->weight / SuctionHold::GRAVITY], chance: [Display::Chance, $hold->chance],
            ),
            self::say('suction.mend'),
        );
    }

    private static function deadCorners(Assembly $assembly): ?Finding
    {
        $works = min(array_map(fn (FilterFace $face): float => $face->workingShare, $assembly->faces));

        return $works >= FaceReach::ENOUGH ? null : Finding::warning('dead corners', self::say('dead-corners', share: [Display::Share, $works]), self::say('dead-corners.mend'));
    }

    private static function knob(Design $design): ?Finding
    {
        return KnobAccess::of($design) !== KnobAccess::SetFirst ? null : Finding::warning('knob', self::say('knob'), self::say('knob.mend'));
    }

    private static function needlessSheet(Design $design): ?Finding
    {
        $isNeedless = $design->corners->areNeedless($design->made(Corners::Open, $design->joining));

        return $isNeedless ? Finding::warning('corners', self::say('needless-sheet'), self::say('needless-sheet.mend')) : null;
    }

    /** @param  array{Display, float}|string|int  ...$gaps */
    private static function say(string $key, array|string|int ...$gaps): Sentence
    {
        return Texts::of('verdict')->say($key, ...$gaps);
    }
}
