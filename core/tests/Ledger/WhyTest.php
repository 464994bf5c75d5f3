<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Ledger;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Ledger\Ledger;
use Jornel\Core\Ledger\Placement;
use Jornel\Core\Ledger\Why;
use Jornel\Core\Ledger\WhyLine;
use Jornel\Core\Part\BoughtPurifier;
use Jornel\Core\Plan\FloorPlan;
use Jornel\Core\Quantity\System;
use Jornel\Core\Room\Room;
use Jornel\Core\Shape\Design;
use Jornel\Core\Tests\Arithmetic;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every line that says why is arithmetic that anybody can do again from the numbers printed in it, in either measure. */
final class WhyTest extends TestCase
{
    /** Of which so many lines at least are sums. */
    private const LINES = 20;

    /** @return iterable<string, array{Ledger}> */
    public static function ledgers(): iterable
    {
        $of = fn (Room $room, Design $design, string $goal = 'air-changes-5', int $units = 1, array $beside = []): Ledger => Ledger::ofRoom($room, Sample::data()->targets()->get($goal), Sample::data()->targets())
            ->with($design, $units, null, Sample::catalogue(), Sample::setting(), $beside);
        $tower = Placement::ofBought(new BoughtPurifier('Tower', 0.07, level: 50.0, watts: 45.0), 2, Sample::setting());
        $panel = Placement::ofUnits(Sample::design('flat-panel'), 1, null, Sample::catalogue(), Sample::setting());

        yield 'a cube' => [$of(Sample::room(), Sample::design())];
        yield 'three of them, smoke alone' => [$of(Sample::room(pollutant: 'cadr-smoke'), Sample::design(), 'room-size', 3)];
        yield 'beside what in the room' => [$of(Sample::room(), Sample::design('raised-cube', filter: '20x20x2-g13'), 'air-changes-8', 2, [$tower, $panel])];
        yield 'a coarse filter that catches nothing of the finest' => [$of(Sample::room(pollutant: 'cadr-pollen'), Sample::design(filter: '20x20x1-g8'))];
        yield 'a drawn room' => [$of(
            Room::of('L', Sample::data()->occupancies()->get('classroom'), FloorPlan::drawn(PlanePoint::list([[0.0, 0.0], [7.0, 0.0], [7.0, 4.0], [3.0, 4.0], [3.0, 7.0], [0.0, 7.0]]), [2.7]), 20, Sample::data()->pollutants()->get('shared-air'), null),
            Sample::design(), 'per-person',
        )];
    }

    #[DataProvider('ledgers')]
    public function test_every_sum_comes_out_as_it_is_printed(Ledger $ledger): void
    {
        $sums = 0;
        foreach (Why::of($ledger) as $figure => $lines) {
            foreach ($lines as $line) {
                foreach (System::cases() as $system) {
                    $printed = $line->filled->text($system);
                    $both = Arithmetic::both($printed);
                    if ($both === null) {
                        continue;
                    }
                    $sums++;
                    // What is printed is rounded: by half of its last digit, or of those of what went into it.
                    self::assertEqualsWithDelta($both[1], $both[0], max(0.012 * abs($both[1]), self::lastDigit($printed)), "{$figure}, {$line->figure}: {$printed}");
                }
            }
        }
        self::assertGreaterThan(2 * self::LINES, $sums);
    }

    public function test_what_the_volume_is_and_that_the_range_is_carried_over_is_said_as_it_is(): void
    {
        $ledgers = iterator_to_array(self::ledgers());
        $source = fn (string $which, string $row): string => implode(' ', array_map(fn (WhyLine $line): string => $line->source.$line->formula, Why::of($ledgers[$which][0])[$row]));

        self::assertStringContainsString('length × width × height', $source('a cube', 'air_changes'));
        self::assertStringContainsString('drawn floor', $source('a drawn room', 'air_changes'));
        self::assertStringContainsString('carried over', $source('a cube', 'band'));
        self::assertStringNotContainsString('drawn from', $source('a cube', 'band'));
        self::assertStringContainsString('flow of the fan (Box fan 20 in, plain)', $source('a cube', 'band'));
    }

    public function test_what_any_rule_asks_is_told_as_a_sum(): void
    {
        $room = Sample::room(outdoor: 35.0);
        foreach (Sample::data()->targets()->all as $id => $target) {
            $ledger = Ledger::ofRoom($room, $target, Sample::data()->targets())->with(Sample::design(), 1, null, Sample::catalogue(), Sample::setting(), []);
            $asked = Why::of($ledger)['asks'][0];
            foreach (System::cases() as $system) {
                $printed = $asked->filled->text($system);
                $both = Arithmetic::both($printed);
                self::assertNotNull($both, "{$id}: {$printed}");
                self::assertEqualsWithDelta($both[1], $both[0], max(0.012 * abs($both[1]), self::lastDigit($printed)), "{$id}: {$printed}");
            }
        }
    }

    private static function lastDigit(string $printed): float
    {
        preg_match('/= [^\d-]*-?[\d,]+(\.(\d+))?/', substr($printed, (int) strrpos($printed, ' = ')), $match);

        return 1.01 * 10.0 ** -strlen($match[2] ?? '');
    }
}
