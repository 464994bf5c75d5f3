<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Bucket;
use Jornel\Core\Shape\Design;

/** Making a bucket (common practice, no source). */
final readonly class BucketSteps implements ShapeSteps
{
    public function __construct(private Bucket $shape)
    {
    }

    public function of(Design $design): array
    {
        return CommonSteps::list(
            new Step('Mark the cartridge’s bore on the bucket’s wall and cut one hole there; cut another for the fan in the lid.', 'All the air enters by that one hole.', 12.0, null, ['bucket', 'lid'], ['tape measure', 'saw', 'marker'], 'sawing'),
            CommonSteps::cut($design),
            new Step('Glue the plate over the cartridge’s far end.', 'An open end lets all the air past the media.', 4.0, 'Far end closed', ['plate'], ['glue gun'], 'gluing'),
            new Step('Lay the cartridge behind the hole from inside and glue its rim to the edge all round.', 'At this rim dirty air meets clean air.', 8.0, 'Rim glued all round', ['face-1'], ['glue gun'], 'gluing'),
            $this->shape->isOnPipe($design)
                ? new Step('Stand the fan on its length of pipe where the lid takes no screws; close the gaps with foam sheet.', 'Thin lids tear at the screws.', 10.0, 'Fan firm', ['pipe', 'fan'], ['saw', 'scissors'], 'sawing')
                : new Step('Screw the fan over the hole in the lid on a strip of foam, blowing outwards.', 'It draws through the cartridge and blows up.', 8.0, 'Fan’s arrow points away', ['fan'], ['screwdriver', 'drill', 'scissors'], 'drilling'),
            CommonSteps::join($design, 4, 'the fan’s rim and the hole of the cord', 'A bucket is round and rims are not: look at each.'),
            CommonSteps::corners($design),
            ...CommonSteps::finish($design),
        );
    }
}
