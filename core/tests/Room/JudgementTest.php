<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Room;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Airflow\Output;
use Jornel\Core\Airflow\RatedOutput;
use Jornel\Core\Airflow\UncertainOutput;
use Jornel\Core\Part\BoughtPurifier;
use Jornel\Core\Room\Enclosure;
use Jornel\Core\Room\Space;
use Jornel\Core\Room\Target\Judgement;
use Jornel\Core\Room\Ventilation;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a room gets is held against what it asks for; how many units reach it; and with what chance. */
final class JudgementTest extends TestCase
{
    public function test_fixed_outdoor_air_counts_towards_air_changes_and_people_but_not_the_room_size_rule(): void
    {
        // 100 m3: five air changes ask 0.138889 m3/s; 0.05 of it the building gives.
        $room = new Enclosure(100.0, Sample::data()->pollutants()->get('cadr-smoke'), 40.0, 2.5, 10, Sample::data()->occupancies()->get('office'), new Ventilation(balanced: 0.05));
        $judge = fn (string $id): Judgement => self::judge($id, $room, PerBin::same(0.04), 2);

        self::assertEqualsWithDelta([0.138889, 0.08, 0.05], [$judge('air-changes-5')->asks, $judge('air-changes-5')->purifier, $judge('air-changes-5')->building], 1e-6);
        self::assertFalse($judge('air-changes-5')->isReached());
        self::assertSame(3, self::needed('air-changes-5', $room, PerBin::same(0.04)));
        self::assertSame(0.05, $judge('per-person')->building);
        self::assertSame(0.0, $judge('room-size')->building);
    }

    public function test_holding_a_concentration_asks_for_more_where_the_filter_is_coarse(): void
    {
        $room = new Enclosure(100.0, Sample::data()->pollutants()->get('wildfire-pm25'), outdoor: 80.0);
        $fine = self::needed('hold-9', $room, new PerBin(0.1, 0.1, 0.1));

        self::assertNotNull($fine);
        self::assertGreaterThan($fine, self::needed('hold-9', $room, new PerBin(0.02, 0.08, 0.1)));
        self::assertNull(self::needed('hold-9', $room, new PerBin(0.0, 0.0, 0.0)));
        self::assertSame('Hold 12 µg/m³ or less', Sample::data()->targets()->get('hold-12')->name());
    }

    public function test_the_number_needed_reaches_it_and_one_less_does_not(): void
    {
        $room = new Enclosure(300.0, Sample::data()->pollutants()->get('shared-air'), outdoor: 40.0);
        foreach (['hold-9', 'clear-90-in-30', 'air-changes-6'] as $id) {
            $judge = fn (int $units): Judgement => self::judge($id, $room, new PerBin(0.03, 0.05, 0.06), $units);
            $needed = (int) self::needed($id, $room, new PerBin(0.03, 0.05, 0.06));
            self::assertTrue($judge($needed)->isReached(), $id);
            self::assertFalse($judge($needed - 1)->isReached(), $id);
        }
    }

    public function test_what_stands_there_already_is_taken_off_what_is_needed(): void
    {
        // 100 m3: five air changes ask 0.138889 m3/s. Of 0.04 each it takes four; beside 0.1 there, one; beside 0.2, one.
        $room = new Enclosure(100.0, Sample::data()->pollutants()->get('cadr-smoke'));
        $needed = fn (float $there): ?int => Judgement::needed(
            Sample::data()->targets()->get('air-changes-5'), $room, Output::recirculating(PerBin::same($there)), Output::recirculating(PerBin::same(0.04)),
        );

        self::assertSame([4, 1, 1], [$needed(0.0), $needed(0.1), $needed(0.2)]);
    }

    /**
     * A purifier rated for 0.2 m3/s with one deviation of 0.1 of its logarithm, and rooms that ask for so much of it: the
     * chance is that of a standard normal variable to lie below ln(1 / share) / 0.1 (tables of the normal distribution).
     */
    #[TestWith([1.0, 0.5])]
    #[TestWith([0.9048374, 0.8413447])]
    #[TestWith([1.1051709, 0.1586553])]
    #[TestWith([0.8187308, 0.9772499])]
    public function test_the_chance_is_that_of_a_normal_logarithm_to_lie_above_what_is_asked(float $share, float $chance): void
    {
        $output = self::rated(0.2);
        $room = new Enclosure(0.2 * $share * 3600.0 / 5.0, Sample::data()->pollutants()->get('cadr-smoke'));

        self::assertEqualsWithDelta($chance, (float) self::asked('air-changes-5', $room, $output), 1e-6);
    }

    public function test_purifiers_of_different_kinds_make_each_other_surer_and_more_of_one_kind_do_not(): void
    {
        $room = new Enclosure(0.36 * 3600.0 / 5.0, Sample::data()->pollutants()->get('cadr-smoke'));
        $alike = self::asked('air-changes-5', $room, self::rated(0.2)->times(2));
        $different = self::asked('air-changes-5', $room, self::rated(0.2)->plus(self::rated(0.2, 'Another')));

        // ln(0.4 / 0.36) / 0.1 = 1.0536. Of two kinds each effect is ln((1 + e^(+-0.1 sqrt 3)) / 2) = 0.09034, -0.08286: mean
        // 0.00125, variance 0.002503 each; (0.10536 + 0.00250) / sqrt(0.005006) = 1.5243.
        self::assertEqualsWithDelta(0.85396, (float) $alike, 1e-5);
        self::assertEqualsWithDelta(0.93629, (float) $different, 2e-5);
    }

    public function test_a_goal_that_asks_nothing_is_surely_reached_and_one_that_says_nothing_has_no_chance(): void
    {
        $room = new Enclosure(100.0, Sample::data()->pollutants()->get('cadr-smoke'), outdoor: 5.0);

        self::assertSame(1.0, self::asked('hold-9', $room, self::rated(0.01)));
        self::assertNull(self::asked('per-person', $room, self::rated(0.01)));
        self::assertSame(0.0, self::asked('air-changes-5', $room, UncertainOutput::none()));
    }

    private static function judge(string $id, Space $room, PerBin $clean, int $units): Judgement
    {
        return Judgement::of(Sample::data()->targets()->get($id), $room, Output::recirculating($clean)->times((float) $units));
    }

    private static function needed(string $id, Space $room, PerBin $one): ?int
    {
        return Judgement::needed(Sample::data()->targets()->get($id), $room, Output::none(), Output::recirculating($one));
    }

    private static function asked(string $id, Space $room, UncertainOutput $output): ?float
    {
        return Judgement::of(Sample::data()->targets()->get($id), $room, $output->told)->chance($output);
    }

    private static function rated(float $cleanAir, string $name = 'Purifier'): UncertainOutput
    {
        return RatedOutput::of(new BoughtPurifier($name, $cleanAir), Sample::data()->tolerances());
    }
}
