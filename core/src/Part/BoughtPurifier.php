<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\Money;
use Jornel\Core\Quantity\Provenance;

/** A purifier as a shop sells it, by what its maker says of it. */
final readonly class BoughtPurifier
{
    /** Refills that are still told apart, months. */
    public const LIFE = [0.25, 240.0];

    /**
     * @param  float  $cleanAir  rated clean-air delivery rate, taken alike in every size bin, m3/s, above 0
     * @param  Provenance  $from  where that came from
     * @param  float|null  $level  at the same setting, dBA at 1 m; null where it is not told
     * @param  float|null  $watts  W; null where it is not told
     * @param  Money|null  $price  null for one that is there already
     * @param  Money|null  $refill  for its filters once; null where it is not told
     * @param  float|null  $life  of its filters, months; null where it is not told
     * @param  array{float, float, float}|null  $size  width, depth and height, m
     */
    public function __construct(
        public string $name,
        public float $cleanAir,
        public Provenance $from = Provenance::Rated,
        public ?float $level = null,
        public ?float $watts = null,
        public ?Money $price = null,
        public ?Money $refill = null,
        public ?float $life = null,
        public ?array $size = null,
    ) {
    }

    /**
     * From `name`, `clean_air`, and perhaps `level`, `power`, `price`, `refill_price`, `refill_months`, `width`, `depth` and
     * `height`.
     *
     * @throws BadRecord
     */
    public static function fromRecord(Record $record): self
    {
        $clean = $record->figure('clean_air', 0.0);
        $money = fn (string $key): ?Money => isset($record->data()[$key]) ? Money::ofHundredths((int) round(100.0 * $record->number($key, -1e-12)->si)) : null;
        $sides = array_map(fn (string $side): ?float => $record->optional($side, 0.0)?->si, ['width', 'depth', 'height']);

        return new self(
            $record->text('name'), $clean->si, $clean->provenance,
            $record->optional('level')?->si, $record->optional('power', -1e-12)?->si,
            $money('price'), $money('refill_price'), $record->optional('refill_months', 0.0)?->si,
            $sides[0] === null || $sides[1] === null || $sides[2] === null ? null : [$sides[0], $sides[1], $sides[2]],
        );
    }

    /**
     * Changes of its filters within a span.
     *
     * @param  float  $years  above 0
     */
    public function refills(float $years): int
    {
        return $this->life === null || $this->refill === null ? 0 : (int) floor(12.0 * $years / $this->life + 1e-9);
    }
}
