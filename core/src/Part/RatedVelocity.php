<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\UnitOfMeasure;

/** The face velocity above which dust is driven through a filter whose maker states none (all figures assumed). */
final class RatedVelocity
{
    /** Of plain media up to 1 in deep, m/s. */
    private const PLAIN = 1.5;

    /** Of densely pleated or deeper media, m/s. */
    private const DENSE = 2.5;

    /** Of a small face, m/s. */
    private const SMALL = 1.0;

    /** Face below which a panel counts as small, m2: half a square foot. */
    private const SMALL_FACE = 0.04645;

    /** Pleats to the foot from which media up to 1 in deep count as dense. */
    private const DENSE_PLEATS = 14.0;

    /**
     * @return float m/s
     *
     * @throws BadRecord
     */
    public static function usual(Record $filter): float
    {
        [$width, $height, $depth] = [$filter->figure('width', 0.0)->si, $filter->figure('height', 0.0)->si, $filter->figure('depth', 0.0)->si];

        return match (true) {
            $width * $height < self::SMALL_FACE => self::SMALL,
            $depth > UnitOfMeasure::Inch->toSi(1.0), $filter->number('pleats_per_foot', 0.0)->si >= self::DENSE_PLEATS => self::DENSE,
            default => self::PLAIN,
        };
    }
}
