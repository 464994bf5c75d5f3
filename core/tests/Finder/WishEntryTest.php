<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Finder;

use Jornel\Core\Fault\Invalid;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Finder\Limit;
use Jornel\Core\Finder\Limits;
use Jornel\Core\Finder\WishEntry;
use Jornel\Core\Guide\Work;
use Jornel\Core\Quantity\System;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Limits as a person writes them. */
final class WishEntryTest extends TestCase
{
    #[TestWith(['level', '45', 'imperial', 45.0])]
    #[TestWith(['level', '45 dBA', 'metric', 45.0])]
    #[TestWith(['first_cost', '1200', 'metric', 1200.0])]
    #[TestWith(['first_cost', '89,50', 'metric', 89.5])]
    #[TestWith(['footprint', '6', 'imperial', 0.55742])]
    #[TestWith(['footprint', '6 ft²', 'metric', 0.55742])]
    #[TestWith(['footprint', '0.5', 'metric', 0.5])]
    #[TestWith(['height', '3\' 6"', 'imperial', 1.0668])]
    #[TestWith(['height', '70 cm', 'imperial', 0.7])]
    #[TestWith(['power', '60 W', 'imperial', 60.0])]
    #[TestWith(['minutes', '90', 'imperial', 90.0])]
    #[TestWith(['minutes', '90 min', 'metric', 90.0])]
    public function test_a_limit_is_read_in_either_measure(string $limit, string $written, string $system, float $most): void
    {
        $limits = WishEntry::read([$limit => $written], System::from($system))->limits;

        self::assertEqualsWithDelta($most, $limits->of(Limit::from($limit)), 1e-4);
        self::assertSame([Limit::from($limit)], $limits->set());
    }

    public function test_what_is_left_empty_is_no_limit(): void
    {
        $entry = WishEntry::read(['level' => ' ', 'first_cost' => '', 'tools' => null, 'from_stock' => false, 'seat' => ''], System::Metric);

        self::assertSame([], $entry->limits->set());
        self::assertNull($entry->seat);
    }

    public function test_every_fault_is_told_at_its_field_at_once(): void
    {
        try {
            WishEntry::read(['level' => 'quiet', 'first_cost' => '-3', 'height' => '40 ft', 'power' => '3 m', 'minutes' => 'an hour', 'seat' => '2 cm'], System::Imperial);
            self::fail('Nothing was refused.');
        } catch (InvalidEntries $faults) {
            self::assertSame(['wishes.level', 'wishes.first_cost', 'wishes.height', 'wishes.power', 'wishes.minutes', 'wishes.seat'], array_map(fn (Invalid $fault): string => $fault->field, $faults->faults));
        }
    }

    public function test_tools_and_skills_that_are_not_there_are_counted(): void
    {
        $work = Work::of(Sample::design('drawer'));
        $limits = WishEntry::read(['tools' => ['saw', 'drill'], 'skills' => []], System::Metric)->limits;

        self::assertNotContains('saw', $limits->missingTools($work));
        self::assertContains('marker', $limits->missingTools($work));
        self::assertContains('sawing', $limits->missingSkills($work));
        self::assertSame([], Limits::none()->missingTools($work), 'where tools are no limit none is missing');
        self::assertSame([], WishEntry::read(['tools' => Work::TOOLS, 'skills' => Work::SKILLS], System::Metric)->limits->missingSkills($work));
    }

    public function test_a_limit_is_kept_to_the_hair(): void
    {
        $limits = WishEntry::read(['height' => '24 in'], System::Imperial)->limits;

        self::assertTrue($limits->allow(Limit::Height, 24.0 * 0.0254));
        self::assertFalse($limits->allow(Limit::Height, 24.01 * 0.0254));
        self::assertTrue($limits->without(Limit::Height)->allow(Limit::Height, 9.0));
    }
}
