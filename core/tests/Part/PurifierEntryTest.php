<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Part;

use Jornel\Core\Fault\Invalid;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Part\PurifierEntry;
use Jornel\Core\Quantity\System;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Bought purifier is read as a person writes it down, in either measure; what is wrong is said at its field. */
final class PurifierEntryTest extends TestCase
{
    public function test_it_is_read_with_units_or_without(): void
    {
        $read = PurifierEntry::read(['name' => ' Tower ', 'clean_air' => '140', 'level' => '50', 'power' => '45 W', 'refill_price' => '34,90', 'refill_months' => '6 months', 'width' => '14', 'depth' => '9', 'height' => '500 mm'], System::Imperial, 'placements.0.bought');

        self::assertSame('Tower', $read->name);
        self::assertEqualsWithDelta(140.0 * 4.719474e-4, $read->cleanAir, 1e-9);
        self::assertSame([50.0, 45.0, '34.90', 6.0], [$read->level, $read->watts, (string) $read->refill, $read->life]);
        self::assertEqualsWithDelta([14 * 0.0254, 9 * 0.0254, 0.5], $read->size, 1e-9);
        // Six months: four changes in two years, none of which is told without a price.
        self::assertSame(4, $read->refills(2.0));
        self::assertSame(0, PurifierEntry::read(['name' => 'A', 'clean_air' => '200 m³/h', 'refill_months' => '6'], System::Metric, 'x')->refills(2.0));
    }

    public function test_what_was_written_means_the_same_in_the_other_measure(): void
    {
        $written = PurifierEntry::withUnits(['name' => 'Tower', 'clean_air' => '140', 'level' => '50', 'width' => '14'], System::Imperial);

        self::assertSame(['140 cfm', '50 dBA', '14 in', ''], [$written['clean_air'], $written['level'], $written['width'], $written['power']]);
        self::assertEquals(
            PurifierEntry::read($written, System::Imperial, 'x'), PurifierEntry::read($written, System::Metric, 'x'),
        );
    }

    /** @param  array<string, string>  $fields */
    #[TestWith([['name' => '', 'clean_air' => '140'], ['name']])]
    #[TestWith([['name' => 'A', 'clean_air' => 'much'], ['clean_air']])]
    #[TestWith([['name' => 'A', 'clean_air' => '99999'], ['clean_air']])]
    #[TestWith([['name' => '', 'clean_air' => '', 'level' => '300', 'refill_price' => 'dear', 'refill_months' => '0'], ['name', 'clean_air', 'level', 'refill_price', 'refill_months']])]
    public function test_what_is_wrong_is_said_at_its_field(array $fields, array $at): void
    {
        try {
            PurifierEntry::read($fields, System::Imperial, 'placements.2.bought');
            self::fail('It was taken.');
        } catch (InvalidEntries $faults) {
            self::assertSame(array_map(fn (string $field): string => "placements.2.bought.{$field}", $at), array_map(fn (Invalid $fault): string => $fault->field, $faults->faults));
        }
    }
}
