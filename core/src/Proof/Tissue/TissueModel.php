<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Tissue;

use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Record;

/** What a tissue can tell, from `data/reference/tissue.json`. */
final readonly class TissueModel
{
    /**
     * @param  float  $missedShare  chance that a point was missed, 0 to 1
     * @param  float  $missedGap  mean open width of what was missed, m
     * @param  float  $missedDeviation  of its natural logarithm
     * @param  float  $commonDeviation  of a joining's gap, the same wherever one pair of hands made it
     * @param  float  $ownDeviation  of each point's gap besides
     * @param  float  $drawnGap  open width at which a tissue is drawn every other time, m
     * @param  float  $drawnDeviation  of that threshold
     * @param  float  $cornerLength  of the gap at a corner, m
     * @param  float  $patchedGap  what is left after patching, m
     * @param  array<string, float>  $minutes  that patching takes, by kind of point
     */
    private function __construct(
        public float $missedShare,
        public float $missedGap,
        public float $missedDeviation,
        public float $commonDeviation,
        public float $ownDeviation,
        public float $drawnGap,
        public float $drawnDeviation,
        public float $cornerLength,
        public float $patchedGap,
        private array $minutes,
    ) {
    }

    /**
     * @param  array<string, mixed>  $data
     *
     * @throws BadRecord
     */
    public static function fromData(array $data): self
    {
        $record = new Record($data);
        $minutes = $record->child('patch_minutes');
        $number = fn (string $key): float => $record->number($key, 0.0)->si;

        return new self(
            $number('missed_share'), $record->figure('missed_gap', 0.0)->si, $number('missed_deviation'), $number('common_deviation'), $number('own_deviation'),
            $record->figure('drawn_gap', 0.0)->si, $number('drawn_deviation'),
            $record->figure('corner_length', 0.0)->si, $record->figure('patched_gap', 0.0)->si,
            array_combine(array_map(fn (PointKind $kind): string => $kind->value, self::kinds()), array_map(fn (PointKind $kind): float => $minutes->number($kind->value, 0.0)->si, self::kinds())),
        );
    }

    /** @return float min that patching a point of a kind takes */
    public function minutes(PointKind $kind): float
    {
        return $this->minutes[$kind->value] ?? 0.0;
    }

    /** @return list<PointKind> those that may leak */
    private static function kinds(): array
    {
        return array_values(array_filter(PointKind::cases(), fn (PointKind $kind): bool => ! $kind->isFilter()));
    }
}
