<?php

namespace App\Evidence;

use App\Models\EvidenceSource;
use App\Models\Survey;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Proof\Fit\Evidence;
use Jornel\Core\Proof\Level\LevelPlace;
use Jornel\Core\Proof\Level\UnitLevel;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Entry;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnitOfMeasure;
use Jornel\Core\Sound\Sound;

/** Levels with the unit on and off, as far as they were read. */
final readonly class LevelRound
{
    /** Distance from the unit, m. */
    private const DISTANCE = [0.2, 30.0];

    /** With the unit or without it, which reading, and where it was marked on the plan, m: on-1, off-2, on-3@1.20,0.85. */
    private const PLACE = '/^(on|off)-\d{1,3}(?:@(-?\d{1,3}(?:\.\d{1,2})?),(-?\d{1,3}(?:\.\d{1,2})?))?$/D';

    /** @param  list<MarkedLevel>  $marked  places on the plan of the room where it was read */
    private function __construct(public ?UnitLevel $level, public int $speed, public array $marked, public float $distance, private bool $isPhone)
    {
    }

    public static function of(Survey $survey, ProvedUnit $unit): self
    {
        $distance = self::distance($survey->setting, $unit->unit->version->measure());
        [$at, $read] = [[], []];
        foreach ($survey->holding() as $place => $reading) {
            $told = self::place((string) $place);
            if ($told !== null && $reading->value !== null) {
                $key = $told['at'] === null ? '' : "{$told['at']->x},{$told['at']->y}";
                $at[$key] = $told['at'];
                $read[$key][$told['on'] ? 'on' : 'off'][] = (float) $reading->value;
            }
        }
        [$marked, $places] = [[], []];
        $plan = $unit->ledger->room->plan;
        foreach ($at as $key => $point) {
            $levels = [$read[$key]['on'] ?? [], $read[$key]['off'] ?? []];
            $place = $places[] = $point === null ? new LevelPlace(...[...$levels, $distance]) : new LevelPlace(...[...$levels, $plan->fromUnit($point), Sound::roomConstant($plan->surface())]);
            if ($point !== null) {
                $marked[] = new MarkedLevel($point, $place);
            }
        }
        $isPhone = array_filter($survey->holding(), fn ($reading): bool => $reading->source === EvidenceSource::Phone) !== [];

        return new self($places === [] ? null : UnitLevel::around($places), $unit->speed($survey->told('speed')), $marked, $distance, $isPhone);
    }

    /** @return array{on: bool, at: PlanePoint|null}|null null where it is no place of a level */
    public static function place(string $place): ?array
    {
        if (preg_match(self::PLACE, $place, $told) !== 1) {
            return null;
        }

        return ['on' => $told[1] === 'on', 'at' => isset($told[2], $told[3]) ? new PlanePoint((float) $told[2], (float) $told[3]) : null];
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

    /** @return float dB */
    public function within(): float
    {
        return UnitLevel::within($this->isPhone, $this->marked !== []);
    }

    /** @return list<Evidence> */
    public function evidence(): array
    {
        $level = $this->level?->at(1.0);

        return $level === null ? [] : [Evidence::level($this->speed, $level, $this->within())];
    }
}
