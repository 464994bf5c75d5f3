<?php

namespace Tests\Reference;

use Jornel\Core\Document\Register\Documents;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whole documents, with mixed fans, curves, stacks, unlike faces, altitude, pushing and both measures, against scipy. */
class EvaluationTest extends TestCase
{
    private Randomizer $random;

    public function test_random_documents_are_answered_as_scipy_answers_them(): void
    {
        $this->random = new Randomizer(new Mt19937(7));
        $documents = $mine = [];
        for ($case = 0; $case < 240; $case++) {
            $documents[] = $document = $this->document();
            $speed = Documents::answer($document, Sample::data())['speeds'][0];
            $clean = $speed['clean_air_m3_s'];
            $mine[] = [$speed['pressure_pa'], $speed['filter_flow_m3_s'], $speed['leak_flow_m3_s'], $clean['e1'], $clean['e2'], $clean['e3']];
        }

        self::assertLessThan(1e-8, Scipy::worst('whole documents against scipy', $mine, Scipy::answer('evaluate', $documents), 1e-9));
    }

    private function document(): array
    {
        $air = match ($this->random->getInt(0, 3)) {
            0 => ['density_kg_m3' => $this->between(0.8, 1.3)],
            1 => ['altitude_ft' => $this->between(0.0, 9000.0), 'temperature_c' => $this->between(-15.0, 38.0)],
            2 => ['altitude_m' => $this->between(-100.0, 3000.0)],
            default => ['temperature_c' => $this->between(-10.0, 40.0)],
        };
        $pushing = $this->random->getInt(0, 2) === 0 ? ['direction' => 'push', 'pushing_factor' => $this->between(0.5, 1.0)] : [];

        return ['air' => $air, 'unit' => ['bare' => [
            'fans' => array_map(fn (): array => $this->fan(), range(1, $this->random->getInt(1, 3))),
            'faces' => array_map(fn (): array => $this->face(), range(1, $this->random->getInt(1, 4))),
            'leak_area_in2' => $this->between(0.0, 60.0),
        ] + $pushing]];
    }

    private function fan(): array
    {
        $count = ['count' => $this->random->getInt(1, 4)];
        $guard = $this->random->getInt(0, 2) === 0 ? ['guard_loss_pa' => $this->between(0.0, 4.0)] : [];
        if ($this->random->getInt(0, 1) === 0) {
            return $count + $guard + ['free_flow_cfm' => $this->between(60.0, 1900.0), 'shut_off_inwc' => $this->between(0.08, 1.6), 'exponent' => $this->between(1.0, 2.2)];
        }
        $steps = $this->random->getInt(2, 7);
        [$free, $shut] = [$this->between(100.0, 3000.0), $this->between(20.0, 400.0)];
        $points = [];
        for ($i = 0; $i <= $steps; $i++) {
            $share = $i / $steps;
            $points[] = ['flow_m3_h' => $free * $share, 'pressure_pa' => $i === $steps ? 0.0 : $shut * (1.0 - $share ** $this->between(1.3, 1.35))];
        }

        return $count + $guard + ['curve' => $this->random->shuffleArray($points)];
    }

    private function face(): array
    {
        return ['count' => $this->random->getInt(1, 5), 'layers' => array_map(fn (): array => $this->layer(), range(1, $this->random->getInt(1, 3)))];
    }

    private function layer(): array
    {
        $size = match ($this->random->getInt(0, 2)) {
            0 => ['width_in' => $this->between(6.0, 30.0), 'height_in' => $this->between(10.0, 30.0), 'rim_mm' => $this->between(5.0, 20.0)],
            1 => ['width_mm' => $this->between(150.0, 600.0), 'height_mm' => $this->between(200.0, 600.0)],
            default => ['net_area_m2' => $this->between(0.03, 0.4)],
        };
        [$a, $b] = [$this->between(3.0, 70.0), $this->between(-2.0, 20.0)];
        $drop = array_map(function (int $i) use ($a, $b): array {
            $v = 0.4 * $i + $this->between(0.0, 0.3);

            return ['velocity_m_s' => $v, 'pressure_pa' => max(0.5, $a * $v + $b * $v * $v + $this->between(-1.0, 1.0))];
        }, range(1, $this->random->getInt(1, 5)));
        $caught = $this->random->getInt(0, 1) === 0
            ? ['grade' => ['8', '11', '13', '14', '16'][$this->random->getInt(0, 4)]]
            : ['efficiency' => ['e1' => $this->between(0.0, 1.0), 'e2' => $this->between(0.0, 1.0), 'e3' => 1.0]];

        $dust = $this->random->getInt(0, 2) === 0 ? ['capacity_g' => 30.0, 'dust_g' => $this->between(0.0, 60.0), 'growth' => $this->between(1.5, 3.0)] : [];

        return $size + ['drop' => $drop] + $caught + $dust;
    }

    private function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->random->getInt(0, 1 << 30) / (1 << 30);
    }
}
