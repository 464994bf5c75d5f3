<?php

namespace App\Evidence;

use App\Models\Survey;
use Jornel\Core\Proof\Fit\Evidence;
use Jornel\Core\Proof\Fit\EvidenceKind;
use Jornel\Core\Quantity\Interval;

/** Watts at the plug, by speed. */
final readonly class PowerRound
{
    /** How far a plug meter may be off (common practice, no source). */
    private const PLUG = 0.03;

    /** @param  array<int, float>  $watts  by speed, slowest first */
    private function __construct(public array $watts)
    {
    }

    public static function of(Survey $survey, ProvedUnit $unit): self
    {
        $watts = [];
        foreach ($survey->holding() as $place => $reading) {
            // A place that is a number comes back as one.
            $at = array_search((string) $place, $unit->speeds(), true);
            if (is_int($at) && $reading->value !== null) {
                $watts[$at] = (float) $reading->value;
            }
        }
        ksort($watts);

        return new self($watts);
    }

    /** @return list<Evidence> */
    public function evidence(): array
    {
        return array_map(fn (float $watts, int $speed): Evidence => Evidence::measured(EvidenceKind::Power, $speed, Interval::around($watts, self::PLUG * $watts)), $this->watts, array_keys($this->watts));
    }
}
