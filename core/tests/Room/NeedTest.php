<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Room;

use Jornel\Core\Finder\Limit;
use Jornel\Core\Finder\WishEntry;
use Jornel\Core\Quantity\System;
use Jornel\Core\Room\Leakiness;
use Jornel\Core\Room\Need\NeedEntry;
use Jornel\Core\Room\RoomEntry;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class NeedTest extends TestCase
{
    public function test_every_answer_sets_what_rooms_goals_and_limits_take(): void
    {
        $data = Sample::data();
        $entries = ['name' => 'Room', 'use' => 'dwelling', 'length' => '5 m', 'width' => '4 m', 'height' => '2.5 m', 'people' => '3', 'pollutant' => 'cadr-smoke', 'noise_limit' => '', 'has_fuel_burning' => false, 'outdoor' => '', 'leakiness' => 'ordinary'];
        foreach ($data->need()->questions as $question) {
            foreach ($question->answers as $answer) {
                $sets = $answer->sets;
                $room = RoomEntry::read(array_intersect_key($sets, $entries) + $entries, System::Metric, $data->occupancies(), $data->pollutants(), $data->grades());
                self::assertNotNull($data->targets()->get((string) ($sets['goal'] ?? 'air-changes-5'))->asks($room), $answer->id);
                $others = array_diff_key($sets, $entries, ['goal' => true]);
                $wishes = array_combine(array_map(fn (string $field): string => substr($field, strlen('limits.')), array_keys($others)), $others);
                $limits = WishEntry::read($wishes, System::Metric)->limits;
                self::assertCount(count($others), $limits->set(), "{$answer->id} sets something that nothing takes");
                self::assertTrue($sets === [] || trim($answer->why) !== '', "{$answer->id} does not say why");
            }
        }
    }

    public function test_later_answers_go_before_and_say_so(): void
    {
        $settings = Sample::data()->need()->settle(['air' => ['breath'], 'who' => ['sensitive'], 'loud' => ['sleep'], 'avoid' => ['burns', 'floor']]);
        $values = array_map(fn (NeedEntry $setting): string|bool => $setting->value, $settings);

        self::assertEquals(['pollutant' => 'shared-air', 'goal' => 'air-changes-6', 'noise_limit' => '35 dBA', 'has_fuel_burning' => true, 'limits.footprint' => '2.5 ft²'], $values);
        self::assertSame('sensitive', $settings['goal']->by->id);
        self::assertEqualsWithDelta(2.5 * 0.3048 ** 2, WishEntry::read(['footprint' => $values['limits.footprint']], System::Metric)->limits->of(Limit::Footprint), 1e-9);
    }

    public function test_of_two_rules_the_one_that_needs_more_in_the_room_is_set(): void
    {
        $data = Sample::data();
        // 26 people in a classroom of 30 x 25 x 9 ft: 40 cfm a head are 1,040 cfm, six air changes of 6,750 ft3 are 675 cfm.
        $room = RoomEntry::read(['name' => 'Room', 'use' => 'classroom', 'length' => '30 ft', 'width' => '25 ft', 'height' => '9 ft', 'people' => '26', 'pollutant' => 'shared-air', 'noise_limit' => '', 'has_fuel_burning' => false, 'outdoor' => '', 'leakiness' => 'ordinary'], System::Imperial, $data->occupancies(), $data->pollutants(), $data->grades());
        $needed = fn (string $goal): ?float => $data->targets()->get($goal)->asks($room);
        $cfm = fn (string $goal): float => round(($needed($goal) ?? NAN) / 4.719474e-4);
        $perPerson = array_filter($data->need()->questions['who']->answers, fn ($answer): bool => ($answer->sets['goal'] ?? '') === 'per-person');

        self::assertSame([1040.0, 675.0], [$cfm('per-person'), $cfm('air-changes-6')]);
        foreach ($data->need()->questions as $id => $question) {
            foreach ($question->answers as $answer) {
                if (($answer->sets['goal'] ?? '') === 'per-person') {
                    $given = [$id => [$answer->id]] + ['who' => ['sensitive']];
                    $given['who'] = $id === 'who' ? [$answer->id, 'sensitive'] : ['sensitive'];
                    self::assertSame('per-person', $data->need()->settle($given, $needed)['goal']->value);
                    $seen = true;
                }
            }
        }
        self::assertTrue($seen ?? false, 'some answer leads to the rule by heads');
    }

    public function test_what_sets_nothing_may_still_be_worth_a_word(): void
    {
        $need = Sample::data()->need();

        self::assertSame(['season'], array_column($need->said(['long' => ['season'], 'who' => ['anyone'], 'air' => ['pollen']]), 'id'));
        self::assertSame([], $need->settle(['long' => ['no-such'], 'nothing' => ['x']]));
        self::assertNotNull(Leakiness::tryFrom((string) $need->settle(['ventilates' => ['draughty']])['leakiness']->value));
    }
}
