<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Proof;

use Jornel\Core\Proof\Decay\CleanAirByDecay;
use Jornel\Core\Proof\Decay\DecayRun;
use Jornel\Core\Proof\Decay\ParticleSeries;
use Jornel\Core\Proof\Decay\Refusal;
use Jornel\Core\Proof\Decay\RefusedRun;
use Jornel\Core\Proof\Decay\Weights;
use PHPUnit\Framework\Attributes\TestDox;
use PHPUnit\Framework\TestCase;

/** A door that is opened while the air clears: the law of the decay with a rate that rises for some minutes (mass balance of a mixed room). */
final class DoorTest extends TestCase
{
    private const VOLUME = 60.0;

    /** Every twentieth of a thousand tests, seeded; JORNEL_DOOR_TESTS runs as many as it says. */
    private const TESTS = 50;

    #[TestDox('over tests with a door at random the interval holds the truth, or the test is refused or asked about')]
    public function test_a_door_does_not_pass_unnoticed(): void
    {
        $tests = (int) (getenv('JORNEL_DOOR_TESTS') ?: self::TESTS);
        $counts = ['clean' => ['held' => 0, 'asked' => 0, 'refused' => 0, 'wrong' => 0], 'door' => ['held' => 0, 'asked' => 0, 'refused' => 0, 'wrong' => 0]];
        $chance = new Simulated(1207);
        for ($test = 0; $test < $tests; $test++) {
            $door = $test % 2 === 0 ? null : [$chance->between(2.0, 20.0), $chance->between(1.0, 8.0), $chance->uniform() < 0.5];
            $counts[$door === null ? 'clean' : 'door'][$this->outcome($chance, $door)]++;
        }
        [$clean, $door] = [$counts['clean'], $counts['door']];
        if ($tests > self::TESTS) {
            fwrite(STDERR, "\nclean ".json_encode($clean).', door '.json_encode($door)."\n");
        }

        self::assertGreaterThanOrEqual(0.93 * $tests, $tests - $clean['wrong'] - $door['wrong']);
        self::assertLessThanOrEqual(max(1.0, 0.03 * array_sum($clean)), $clean['asked']);
        self::assertGreaterThan(0, $door['asked']);
        self::assertGreaterThan($door['held'], $clean['held'], 'most clean tests are kept');
    }

    public function test_an_open_door_is_told_with_its_minute_and_rates(): void
    {
        $run = DecayRun::of($this->log(new Simulated(5), 5.0, 60.0, [10.0, 12.0, 6.0]), Weights::Meter);

        self::assertInstanceOf(RefusedRun::class, $run);
        self::assertSame(Refusal::Changed, $run->code);
        self::assertCount(2, $run->changes);
        [$opened, $closed] = $run->changes;
        self::assertEqualsWithDelta(10.0, $opened->at / 60.0, 2.0);
        self::assertEqualsWithDelta(22.0, $closed->at / 60.0, 4.0);
        self::assertEqualsWithDelta(11.0, $opened->rate->value * 3600.0, 2.5);
        self::assertEqualsWithDelta(5.0, $closed->rate->value * 3600.0, 1.5);
        self::assertStringContainsString('door', $run->reason);
    }

    /** @param  array{float, float, bool}|null  $door  minutes, air changes more, whether in the run with the unit */
    private function outcome(Simulated $chance, ?array $door): string
    {
        $rates = [$chance->between(3.0, 8.0), $chance->between(0.3, 1.2)];
        $minutes = [$chance->between(30.0, 60.0), 60.0 * $chance->between(1.5, 3.0) / $rates[1]];
        $runs = [];
        foreach ($rates as $number => $rate) {
            $isHere = $door !== null && $door[2] === ($number === 0);
            $run = DecayRun::of($this->log($chance, $rate, $minutes[$number], $isHere ? [$chance->between(0.0, $minutes[$number] - 2.0), $door[0], $door[1]] : null), Weights::Meter);
            if ($run instanceof RefusedRun) {
                return $run->code === Refusal::Changed ? 'asked' : 'refused';
            }
            $runs[] = $run->rate();
        }

        return CleanAirByDecay::of(self::VOLUME, [$runs[0]], [$runs[1]])->covers(self::VOLUME * ($rates[0] - $rates[1]) / 3600.0) ? 'held' : 'wrong';
    }

    /** @param  array{float, float, float}|null  $door  opened at a minute, for minutes, with air changes more */
    private function log(Simulated $chance, float $rate, float $minutes, ?array $door): ParticleSeries
    {
        [$times, $values] = [[], []];
        for ($second = 0.0; $second <= 60.0 * $minutes; $second += 15.0) {
            $open = $door === null ? 0.0 : max(0.0, min($second / 60.0 - $door[0], $door[1])) * $door[2];
            $true = 8.0 + 300.0 * exp(-($rate * $second / 60.0 + $open) / 60.0);
            $times[] = $second;
            $values[] = max(0.0, $true * (1.0 + 0.04 * $chance->normal()) + 0.7 * $chance->normal());
        }

        return new ParticleSeries($times, $values);
    }
}
