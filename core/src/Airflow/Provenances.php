<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Shape\Design;

/** Where each of the figures came from that a balance rests on, and of which part it is one. */
final readonly class Provenances
{
    /** Part of each figure, in the order of {@see Variation}. */
    private const PARTS = ['fan', 'fan', 'filter', 'filter', 'joining', 'fan'];

    /** @param  array<string, array{string, string}>  $parts  id and name of fan, filter and joining; of those that are known */
    public function __construct(
        public Provenance $fanFlow,
        public Provenance $fanPressure,
        public Provenance $filterDrop,
        public Provenance $penetration,
        public Provenance $seamGap,
        public Provenance $opening,
        private array $parts = [],
    ) {
    }

    public static function of(Design $design): self
    {
        return new self(
            $design->fan->rating->flowFrom, $design->fan->rating->pressureFrom, $design->filter->provenance,
            $design->filter->gradeFrom, $design->joining->provenance, $design->fan->recirculation->provenance,
            array_map(fn ($part): array => [$part->id, $part->name], ['fan' => $design->fan, 'filter' => $design->filter, 'joining' => $design->joining]),
        );
    }

    /** @return array{Provenance, Provenance, Provenance, Provenance, Provenance, Provenance} in the order of {@see Variation} */
    public function all(): array
    {
        return [$this->fanFlow, $this->fanPressure, $this->filterDrop, $this->penetration, $this->seamGap, $this->opening];
    }

    /**
     * @param  int  $figure  which, in the order of {@see Variation}
     * @return string id of its part; its kind where it has none
     */
    public function partOf(int $figure): string
    {
        return $this->parts[self::PARTS[$figure]][0] ?? self::PARTS[$figure];
    }

    public function nameOf(int $figure): string
    {
        return $this->parts[self::PARTS[$figure]][1] ?? self::PARTS[$figure];
    }
}
