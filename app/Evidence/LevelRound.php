<?php

namespace App\Evidence;

use App\Models\Survey;
use Jornel\Core\Proof\Fit\Evidence;
use Jornel\Core\Proof\Level\UnitLevel;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Entry;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnitOfMeasure;

/** Levels with the unit on and off, as far as they were read. */
final readonly class LevelRound
{
    /** Distance from the unit, m. */
    private const DISTANCE = [0.2, 30.0];

    /** How far a phone may be off, dB, and a level meter (common practice, no source). */
    private const PHONE = 3.0;

    private const METER = 1.5;

    private function __construct(public ?UnitLevel $level, public int $speed, public float $distance, private bool $isPhone)
    {
    }

    public static function of(Survey $survey, ProvedUnit $unit): self
    {
        $distance = self::distance($survey->setting, $unit->unit->version->measure());
        [$on, $off] = [[], []];
        foreach ($survey->holding() as $place => $reading) {
            if ($reading->value !== null) {
                str_starts_with($place, 'on-') ? $on[] = (float) $reading->value : $off[] = (float) $reading->value;
            }
        }
        $isPhone = array_filter($survey->holding(), fn ($reading): bool => $reading->source === 'phone') !== [];

        return new self($on === [] || $off === [] ? null : UnitLevel::of($on, $off, $distance), $unit->speed($survey->told('speed')), $distance, $isPhone);
    }

    /**
     * @param  array<string, mixed>  $setting
     * @return float m
     */
    public static function distance(array $setting, System $system): float
    {
        $told = $setting['distance'] ?? '';

        return (new Entry('setting.distance', 'The distance from the unit', $system === System::Imperial ? UnitOfMeasure::Foot : UnitOfMeasure::Metre, Display::RoomLength, self::DISTANCE[0], self::DISTANCE[1], $system))->read(is_string($told) && $told !== '' ? $told : '1 m');
    }

    public function within(): float
    {
        return $this->isPhone ? self::PHONE : self::METER;
    }

    /** @return list<Evidence> */
    public function evidence(): array
    {
        $level = $this->level?->at(1.0);

        return $level === null ? [] : [Evidence::level($this->speed, $level, $this->within())];
    }
}
