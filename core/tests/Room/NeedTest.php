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

    public function test_what_sets_nothing_may_still_be_worth_a_word(): void
    {
        $need = Sample::data()->need();

        self::assertSame(['season'], array_column($need->said(['long' => ['season'], 'who' => ['anyone'], 'air' => ['pollen']]), 'id'));
        self::assertSame([], $need->settle(['long' => ['no-such'], 'nothing' => ['x']]));
        self::assertNotNull(Leakiness::tryFrom((string) $need->settle(['ventilates' => ['draughty']])['leakiness']->value));
    }
}
