<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Finder;

use Jornel\Core\Finder\Found;
use Jornel\Core\Finder\Measures;
use Jornel\Core\Finder\MeasureSteps;
use Jornel\Core\Finder\ParetoFront;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The front against one that compares every build with every other. */
final class ParetoFrontTest extends TestCase
{
    public function test_it_keeps_what_comparing_all_with_all_keeps_whatever_the_order(): void
    {
        $draw = new Randomizer(new Mt19937(11));
        foreach ([3, 40, 600] as $count) {
            $all = array_map(fn (int $number): Found => self::found($draw, $number), range(1, $count));
            $wanted = self::codes(self::unbeaten($all));
            for ($order = 0; $order < 3; $order++) {
                $front = new ParetoFront;
                foreach ($draw->shuffleArray($all) as $found) {
                    $front->add($found);
                }

                self::assertSame($wanted, self::codes($front->all()), "{$count} builds");
            }
        }
    }

    public function test_it_beats_what_some_build_in_it_is_as_good_as_and_better_in_one_measure(): void
    {
        $draw = new Randomizer(new Mt19937(12));
        [$front, $all] = [new ParetoFront, []];
        [$beaten, $others] = [0, 0];
        for ($number = 1; $number <= 1500; $number++) {
            $found = self::found($draw, $number);
            [$steps, $cost] = [MeasureSteps::of($found->measures, $found->share), $found->measures->totalCost()];
            $wanted = array_filter($all, fn (Found $one): bool => self::dominates($one, $found) || (self::alike($one, $found) && $one->measures->totalCost() < $cost)) !== [];
            self::assertSame($wanted, $front->beats($steps, $cost), "build {$number}");
            $wanted ? $beaten++ : $others++;
            // Not all of them go in, so that what is asked about is not always new.
            if ($number % 3 === 0) {
                $front->add($found);
                $all[] = $found;
            }
        }

        self::assertGreaterThan(100, min($beaten, $others));
    }

    public function test_what_was_beaten_by_one_with_most_of_the_goal_is_beaten_with_any_share(): void
    {
        $front = new ParetoFront;
        $front->add(self::of(100_00, 40.0, 2.5, 'full'));
        $front->add(self::of(50_00, 40.0, 1.0, 'bare'));

        self::assertTrue($front->beats(self::steps(120_00, 44.0, 1.5), 120_00));
        self::assertTrue($front->beatsAtAnyShare());
        self::assertTrue($front->beats(self::steps(70_00, 44.0, 1.0), 70_00));
        self::assertFalse($front->beatsAtAnyShare());
    }

    public function test_of_two_that_are_alike_the_cheaper_stays_and_of_equally_cheap_ones_the_first_by_its_words(): void
    {
        foreach ([['dear', 'cheap'], ['cheap', 'dear']] as $order) {
            $front = new ParetoFront;
            $builds = ['dear' => self::of(100_90, 40.0, 1.0, 'dear'), 'cheap' => self::of(100_10, 40.0, 1.0, 'cheap')];
            foreach ($order as $name) {
                $front->add($builds[$name]);
            }
            self::assertSame(['cheap'], self::codes($front->all()));
        }
        foreach ([['a', 'b'], ['b', 'a']] as $order) {
            $front = new ParetoFront;
            foreach ($order as $code) {
                $front->add(self::of(100_10, 40.0, 1.0, $code));
            }
            self::assertSame(['a'], self::codes($front->all()));
        }
    }

    public function test_what_another_found_is_learned_but_not_listed_and_news_are_told_once(): void
    {
        [$front, $other] = [new ParetoFront, new ParetoFront];
        $front->add(self::of(100_00, 40.0, 1.0, 'own'));
        $other->add(self::of(100_00, 36.0, 1.0, 'better'));
        self::assertSame([[self::steps(100_00, 40.0, 1.0), 100_00]], $front->news());
        self::assertSame([], $front->news());
        foreach ($other->news() as [$steps, $cost]) {
            $front->learn($steps, $cost);
        }

        self::assertSame([], $front->all());
        self::assertTrue($front->beats(self::steps(100_00, 38.0, 1.0), 100_00));
        self::assertSame([], $front->news(), 'what was learned is no news of one’s own');
        // A dearer one that is alike is not learned over one’s own.
        $front->add(self::of(60_00, 50.0, 1.0, 'louder'));
        $front->learn(self::steps(60_90, 50.0, 1.0), 60_90);
        self::assertSame(['louder'], self::codes($front->all()));
    }

    private static function found(Randomizer $draw, int $number): Found
    {
        $measures = new Measures(
            $draw->getInt(10, 40) * 500, $draw->getInt(0, 20) * 500, 30.0 + $draw->getInt(0, 20), 0.05 * $draw->getInt(2, 14), 1.0,
            5.0 * $draw->getInt(2, 20), 5.0 * $draw->getInt(2, 20),
        );

        return new Found(Sample::design(), 1, 0, $measures, $draw->getInt(40, 100) / 40.0, 0.8, sprintf('%04d', $number));
    }

    private static function of(int $cost, float $level, float $share, string $code): Found
    {
        return new Found(Sample::design(), 1, 0, new Measures($cost, 0, $level, 0.3, 1.0, 50.0, 60.0), $share, 0.8, $code);
    }

    private static function steps(int $cost, float $level, float $share): int
    {
        return MeasureSteps::of(new Measures($cost, 0, $level, 0.3, 1.0, 50.0, 60.0), $share);
    }

    /** @return list<int> counted in steps, the less the better */
    private static function counts(Found $one): array
    {
        $steps = fn (float $value, float $step): int => (int) floor($value / $step + 1e-9);
        $measures = $one->measures;

        return [
            intdiv($measures->totalCost(), MeasureSteps::COST), $steps($measures->level, MeasureSteps::LEVEL), -$steps(min($one->share, MeasureSteps::MOST_SHARE), MeasureSteps::SHARE),
            $steps($measures->footprint, MeasureSteps::FOOTPRINT), $steps($measures->power, MeasureSteps::POWER), $steps($measures->minutes, MeasureSteps::MINUTES),
        ];
    }

    private static function alike(Found $one, Found $other): bool
    {
        return self::counts($one) === self::counts($other);
    }

    private static function dominates(Found $one, Found $other): bool
    {
        [$ones, $others] = [self::counts($one), self::counts($other)];

        return $ones !== $others && array_filter(array_keys($ones), fn (int $measure): bool => $ones[$measure] > $others[$measure]) === [];
    }

    /**
     * @param  list<Found>  $all
     * @return list<Found>
     */
    private static function unbeaten(array $all): array
    {
        return array_values(array_filter($all, function (Found $one) use ($all): bool {
            foreach ($all as $other) {
                if (self::dominates($other, $one) || ($other !== $one && self::alike($other, $one) && $other->comesBefore($one))) {
                    return false;
                }
            }

            return true;
        }));
    }

    /**
     * @param  list<Found>  $found
     * @return list<string>
     */
    private static function codes(array $found): array
    {
        $codes = array_map(fn (Found $one): string => $one->code, $found);
        sort($codes);

        return $codes;
    }
}
