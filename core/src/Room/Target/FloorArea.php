<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Target;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Output;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\Sum;
use Jornel\Core\Quantity\UnitOfMeasure;
use Jornel\Core\Room\EquivalentOutput;
use Jornel\Core\Room\Space;

/** So much smoke clean air for each square foot of floor, perhaps scaled with the ceiling from 8 ft. */
final readonly class FloorArea implements Target
{
    use NamedTarget;

    /** Ceiling that room-size rules are written for, m. */
    public const CEILING = 8.0 * 0.3048;

    /** @param  float  $cfmPerSquareFoot clean air, cfm for a square foot */
    public function __construct(
        private string $id,
        private string $name,
        private string $source,
        private Pollutant $smoke,
        private float $cfmPerSquareFoot,
        private FloorAreaCeiling $ceiling,
    ) {
    }

    public function judges(Space $room): Pollutant
    {
        return $this->smoke;
    }

    public function asks(Space $room, ?PerBin $spectrum = null): ?float
    {
        $area = $room->floorArea();
        $scale = $this->scale($room);

        return $area === null || $scale === null ? null : UnitOfMeasure::CubicFootPerMinute->toSi($this->cfmPerSquareFoot * UnitOfMeasure::SquareFoot->fromSi($area) * $scale);
    }

    public function sum(Space $room, float $asks, ?PerBin $spectrum = null): Sum
    {
        $area = $room->floorArea() ?? 0.0;
        $scale = $this->scale($room) ?? 1.0;
        $each = UnitOfMeasure::CubicFootPerMinute->toSi($this->cfmPerSquareFoot) / UnitOfMeasure::SquareFoot->toSi(1.0);
        $sum = fn (string $each): Sentence => $this->ceiling === FloorAreaCeiling::Scales
            ? Sentence::of('{area} × {each} × {scale} = {flow}', area: [Display::Area, $area], each: $each, scale: sprintf('%.4g', $scale), flow: [Display::Flow, $asks])
            : Sentence::of('{area} × {each} = {flow}', area: [Display::Area, $area], each: $each, flow: [Display::Flow, $asks]);

        return new Sum(
            $this->ceiling === FloorAreaCeiling::Scales ? 'floor × clean air for each part of it × ceiling over that of the rule' : 'floor × clean air for each part of it',
            Sentence::either($sum(sprintf('%.4g', UnitOfMeasure::CubicMetrePerHour->fromSi($each))), $sum(sprintf('%.4g', $this->cfmPerSquareFoot))),
        );
    }

    /** What a window intake brings counts as the smoke output that would hold the same concentration. */
    public function gets(Space $room, Output $output): float
    {
        return EquivalentOutput::holding($room, $output, $this->smoke);
    }

    /** It judges the purifier alone. */
    public function building(Space $room): float
    {
        return 0.0;
    }

    /** Of what is asked, by the height of the ceiling; null where that is not known and counts. */
    private function scale(Space $room): ?float
    {
        $ceiling = $room->ceiling();

        return match ($this->ceiling) {
            FloorAreaCeiling::Scales => $ceiling === null ? null : $ceiling / self::CEILING,
            FloorAreaCeiling::Ignored => 1.0,
        };
    }

    public function dependsOnSpectrum(): bool
    {
        return false;
    }

    public function needs(): string
    {
        return 'how big its floor is and how high its ceiling';
    }
}
