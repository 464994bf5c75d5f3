<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Bucket;
use Jornel\Core\Shape\Design;

/** Making a bucket with a cartridge behind a hole in its wall. */
final readonly class BucketSteps implements ShapeSteps
{
    /** Minutes until glue on plastic holds (common practice, no source). */
    private const GLUE = 3.0;

    public function __construct(private Bucket $shape)
    {
    }

    public function of(Design $design): array
    {
        $onPipe = $this->shape->isOnPipe($design);
        $sealing = Sealing::with($design->joining);
        $to = Airway::of($design)->pulls ? 'away from' : 'towards';

        return CommonSteps::list(
            CommonSteps::markFan($design),
            ...CutSteps::of($design),
            ...array_values(array_filter([
                new Step('cut-bucket', 'Mark the cartridge’s bore in the middle of the bucket’s bottom and saw one hole there. Saw another for the fan in the lid, and from its edge a slit as wide as the cord. Fix four feet under the bottom.', 'All the air enters by that one hole, from below.', 14.0, ['Hole in the bottom as wide as the bore, not wider', 'Feet firm, at least 10 cm clear'], ['bucket', 'lid', 'feet'], [PartUse::cut('bucket'), PartUse::cut('lid'), PartUse::material('bucket'), PartUse::material('feet-10cm')], tools: ['tape measure', 'saw', 'marker'], skill: 'sawing', isCutting: true),
                (new Step('plate', "Lay the plate on the cartridge’s far end and {$sealing->close('its edge')}.", 'An open end lets all the air past the media.', 3.0, ['Far end closed'], ['plate'], [PartUse::cut('plate'), PartUse::filters()], [Milestone::ArrowsChecked], wait: self::waiting($design)))->joining(1, $design->joining),
                (new Step('rim', "Stand the cartridge on the hole inside the bucket and {$sealing->close('its rim to the bottom all round')}.", 'At this rim dirty air meets clean air.', 6.0, ['Rim closed all round'], ['face-1'], [PartUse::filters(), PartUse::cut('bucket')], [Milestone::Sealed], wait: self::waiting($design)))->joining(1, $design->joining),
                CommonSteps::corners($design),
                $onPipe
                    ? new Step('fan', "Stand the fan on its length of pipe on the lid, its arrow pointing {$to} the bucket; close the gaps with the foam.", 'Thin lids tear at the screws.', 10.0, ["Fan firm, its arrow points {$to} the bucket"], ['pipe', 'fan'], [PartUse::fans(), PartUse::cut('lid'), PartUse::material('pipe-150'), PartUse::material('foam-strip')], [Milestone::FanSet], tools: ['scissors'])
                    : new Step('fan', "Screw the fan over the hole in the lid on a strip of foam, its arrow pointing {$to} the bucket.", 'Past the fan no air may go.', 8.0, ["Fan’s arrow points {$to} the bucket"], ['fan'], [PartUse::fans(), PartUse::cut('lid'), PartUse::material('short-screws'), PartUse::material('foam-strip')], [Milestone::FanSet], tools: ['screwdriver', 'drill', 'scissors'], skill: 'drilling'),
                (new Step('close', "Lay the cord in its slit, {$sealing->close('the slit and the fan’s rim')}, then press the lid on all round.", 'A bucket is round and rims are not: look at each.', 2.0, ['Slit of the cord closed', 'Lid pressed on all round'], reaches: [Milestone::Closed], after: [Milestone::FanSet, Milestone::Sealed]))->joining(3, $design->joining),
                ...CommonSteps::finish($design),
            ])),
        );
    }

    private static function waiting(Design $design): float
    {
        return $design->joining->skill === 'gluing' ? self::GLUE : 0.0;
    }
}
