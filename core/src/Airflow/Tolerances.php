<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Record;
use Jornel\Core\Quantity\Provenance;

/** How far figures may be off by where they came from, from `data/reference/tolerances.json`. */
final readonly class Tolerances
{
    /** Of a unit's balance, in the order of {@see Variation}. */
    public const QUANTITIES = ['fan_flow', 'fan_pressure', 'filter_drop', 'ln_penetration', 'seam_gap', 'opening'];

    /** Of a purifier that was bought. */
    public const RATING = 'clean_air';

    /** @param  array<string, array<string, float>>  $deviations  by quantity and provenance: one standard deviation of the natural logarithm */
    private function __construct(private array $deviations)
    {
    }

    /**
     * @param  array<mixed>  $rows
     *
     * @throws BadRecord
     */
    public static function fromRows(array $rows): self
    {
        /** @var array<string, mixed> $rows */
        $record = new Record($rows);
        $deviations = [];
        foreach ([...self::QUANTITIES, self::RATING] as $quantity) {
            foreach (Provenance::cases() as $from) {
                $deviations[$quantity][$from->value] = $record->child($quantity)->number($from->value, -1e-12)->si;
            }
        }

        return new self($deviations);
    }

    /** @return float one standard deviation of the natural logarithm */
    public function of(string $quantity, Provenance $from): float
    {
        return $this->deviations[$quantity][$from->value];
    }

    /**
     * Of everything that a unit's balance rests on, in the order of {@see Variation}.
     *
     * @return array{float, float, float, float, float, float}
     */
    public function ofUnit(Provenances $from): array
    {
        return [
            $this->of('fan_flow', $from->fanFlow),
            $this->of('fan_pressure', $from->fanPressure),
            $this->of('filter_drop', $from->filterDrop),
            $this->of('ln_penetration', $from->penetration),
            $this->of('seam_gap', $from->seamGap),
            $this->of('opening', $from->opening),
        ];
    }

    /**
     * The same once everything is measured.
     *
     * @return array{float, float, float, float, float, float}
     */
    public function ofMeasured(): array
    {
        $measured = Provenance::Measured;

        return $this->ofUnit(new Provenances($measured, $measured, $measured, $measured, $measured, $measured));
    }

    /** Of the clean air that a bought purifier is rated for. */
    public function ofRating(Provenance $from): float
    {
        return $this->of(self::RATING, $from);
    }
}
