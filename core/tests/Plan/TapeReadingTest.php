<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Plan;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Plan\FloorPlan;
use Jornel\Core\Plan\InvalidPlan;
use Jornel\Core\Plan\Outline;
use Jornel\Core\Plan\TapeReading;
use Jornel\Core\Quantity\System;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A tape is walked round rooms that were sketched by eye. */
final class TapeReadingTest extends TestCase
{
    public function test_the_true_readings_make_a_true_room_of_any_sketch(): void
    {
        $random = new Randomizer(new Mt19937(41));
        $closed = 0;
        for ($room = 0; $room < 120; $room++) {
            $true = self::steps($random);
            $sketch = self::stretched($true, $random);
            $walls = Outline::of($true, [2.5])->walls();
            $taped = [];
            $order = $random->shuffleArray(array_keys($walls));
            foreach ($order as $number) {
                ['corners' => $sketch, 'taped' => $taped] = TapeReading::take(FloorPlan::drawn($sketch, [2.5], [], $taped), $number, $walls[$number]->length(), System::Metric);
            }
            $plan = FloorPlan::drawn($sketch, [2.5], [], $taped);
            self::assertEqualsWithDelta(Outline::of($true, [2.5])->area(), $plan->area(), 0.02, "room {$room}");
            self::assertNotContains(false, $plan->taped);
            $closed++;
        }
        self::assertSame(120, $closed);
    }

    public function test_a_reading_changes_no_direction_and_no_other_reading(): void
    {
        $random = new Randomizer(new Mt19937(42));
        $refused = 0;
        for ($try = 0; $try < 400; $try++) {
            $corners = self::steps($random);
            $count = count($corners);
            $taped = array_map(fn (): bool => $random->getInt(0, 2) === 0, $corners);
            $number = $random->getInt(0, $count - 1);
            $plan = FloorPlan::drawn($corners, [2.5], [], $taped);
            $before = $plan->outline->walls();
            try {
                $answer = TapeReading::take($plan, $number, $before[$number]->length() + $random->getInt(-40, 40) / 100.0, System::Metric);
            } catch (InvalidPlan) {
                $refused++;

                continue;
            }
            $after = FloorPlan::drawn($answer['corners'], [2.5], [], $answer['taped'])->outline->walls();
            foreach ($after as $i => $wall) {
                self::assertEqualsWithDelta($before[$i]->direction(), $wall->direction(), 1e-9);
                if ($taped[$i] && $i !== $number) {
                    self::assertEqualsWithDelta($before[$i]->length(), $wall->length(), 1e-9, 'what the tape has read stays');
                }
            }
            self::assertTrue($answer['taped'][$number]);
        }
        self::assertGreaterThan(10, $refused);
        self::assertLessThan(300, $refused);
    }

    public function test_a_wall_that_is_not_there_and_one_too_short_are_refused(): void
    {
        $plan = FloorPlan::rectangle(4.0, 3.0, 2.5);
        foreach ([[7, 2.0, 'no such wall'], [0, 3.0, 'already measured leave 4.00 m']] as [$number, $length, $said]) {
            try {
                TapeReading::take($plan, $number, $length, System::Metric);
                self::fail($said);
            } catch (InvalidPlan $refusal) {
                self::assertStringContainsString($said, $refusal->getMessage());
            }
        }
    }

    public function test_a_reading_within_a_sixteenth_is_the_same(): void
    {
        $answer = TapeReading::take(FloorPlan::drawn(PlanePoint::list([[0.0, 0.0], [4.0, 0.0], [4.0, 3.0], [0.0, 3.0]]), [2.5]), 0, 4.001, System::Imperial);

        self::assertEquals(PlanePoint::list([[0.0, 0.0], [4.0, 0.0], [4.0, 3.0], [0.0, 3.0]]), $answer['corners']);
        self::assertSame([true, false, false, false], $answer['taped']);
    }

    /**
     * A room whose back runs up and down in steps over a straight front.
     *
     * @return non-empty-list<PlanePoint>
     */
    private static function steps(Randomizer $random): array
    {
        $steps = $random->getInt(1, 4);
        $x = [0.0];
        $y = [];
        for ($i = 0; $i < $steps; $i++) {
            $x[] = $x[$i] + $random->getInt(150, 400) / 100.0;
            do {
                $height = $random->getInt(20, 70) / 10.0;
            } while ($i > 0 && abs($height - $y[$i - 1]) < 0.8);
            $y[] = $height;
        }
        $corners = [[0.0, 0.0], [$x[$steps], 0.0]];
        for ($i = $steps - 1; $i >= 0; $i--) {
            $corners[] = [$x[$i + 1], $y[$i]];
            $corners[] = [$x[$i], $y[$i]];
        }

        return PlanePoint::list($corners);
    }

    /**
     * The same room with its lengths guessed a little wrong, each in its own way.
     *
     * @param  non-empty-list<PlanePoint>  $corners
     * @return list<PlanePoint>
     */
    private static function stretched(array $corners, Randomizer $random): array
    {
        $guess = function (array $values) use ($random): array {
            $known = [];
            foreach (array_unique($values) as $value) {
                $known[(string) $value] = $value === 0.0 ? 0.0 : $value + $random->getInt(-12, 12) / 100.0;
            }

            return $known;
        };
        [$xs, $ys] = [$guess(array_column($corners, 'x')), $guess(array_column($corners, 'y'))];

        return array_map(fn (PlanePoint $corner): PlanePoint => new PlanePoint($xs[(string) $corner->x], $ys[(string) $corner->y]), $corners);
    }
}
