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

        return CommonSteps::list(
            CommonSteps::markFan($design),
            ...CutSteps::of($design),
            ...array_values(array_filter([
                new Step('cut-bucket', 'Mark the cartridge’s bore on the bucket’s wall and saw one hole there; saw another for the fan in the lid, and one for the cord.', 'All the air enters by that one hole.', 12.0, ['Hole in the wall as wide as the bore, not wider'], ['bucket', 'lid'], [PartUse::cut('bucket'), PartUse::cut('lid'), PartUse::material('bucket')], tools: ['tape measure', 'saw', 'marker'], skill: 'sawing', isCutting: true),
                (new Step('plate', "Close the plate over the cartridge’s far end with {$design->joining->with}.", 'An open end lets all the air past the media.', 3.0, ['Far end closed'], ['plate'], [PartUse::cut('plate'), PartUse::filters()], [Milestone::ArrowsChecked], wait: self::waiting($design)))->joining(1, $design->joining),
                (new Step('rim', "Set the cartridge behind the hole from inside and close its rim to the edge all round with {$design->joining->with}.", 'At this rim dirty air meets clean air.', 6.0, ['Rim closed all round'], ['face-1'], [PartUse::filters(), PartUse::cut('bucket')], [Milestone::Sealed], wait: self::waiting($design)))->joining(1, $design->joining),
                CommonSteps::corners($design),
                $onPipe
                    ? new Step('fan', 'Stand the fan on its length of pipe where the lid takes no screws; close the gaps with the foam.', 'Thin lids tear at the screws.', 10.0, ['Fan firm, its arrow points away'], ['pipe', 'fan'], [PartUse::fans(), PartUse::cut('lid'), PartUse::material('foam-strip')], [Milestone::FanSet], tools: ['saw', 'scissors'], skill: 'sawing')
                    : new Step('fan', 'Screw the fan over the hole in the lid on a strip of foam, blowing outwards.', 'It draws through the cartridge and blows up.', 8.0, ['Fan’s arrow points away'], ['fan'], [PartUse::fans(), PartUse::cut('lid'), PartUse::material('foam-strip')], [Milestone::FanSet], tools: ['screwdriver', 'drill', 'scissors'], skill: 'drilling'),
                (new Step('close', "Close the fan’s rim and the hole of the cord with {$design->joining->with}, then press the lid on all round.", 'A bucket is round and rims are not: look at each.', 2.0, ['Cord hole closed', 'Lid pressed on all round'], reaches: [Milestone::Closed], after: [Milestone::FanSet, Milestone::Sealed]))->joining(3, $design->joining),
                ...CommonSteps::finish($design),
            ])),
        );
    }

    private static function waiting(Design $design): float
    {
        return $design->joining->skill === 'gluing' ? self::GLUE : 0.0;
    }
}
