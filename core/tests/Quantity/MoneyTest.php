<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Quantity;

use Brick\Math\BigDecimal;
use Jornel\Core\Quantity\Money;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MoneyTest extends TestCase
{
    /** @return iterable<string, array{string, string|null}> */
    public static function written(): iterable
    {
        yield 'whole' => ['12', '12.00'];
        yield 'one decimal' => ['12.5', '12.50'];
        yield 'two' => ['0.07', '0.07'];
        yield 'three' => ['0.075', null];
        yield 'below nothing' => ['-1', null];
        yield 'a word' => ['twelve', null];
        yield 'more than a million' => ['1000000', null];
        yield 'nothing' => ['', null];
    }

    #[DataProvider('written')]
    public function test_it_is_read_as_people_write_it(string $entry, ?string $amount): void
    {
        $read = Money::read($entry);
        self::assertSame($amount, $read === null ? null : (string) $read);
    }

    public function test_sums_are_exact_where_floats_are_not(): void
    {
        $tenth = Money::read('0.10') ?? Money::none();
        self::assertSame('0.30', (string) Money::sum($tenth, $tenth, $tenth));
        self::assertNotSame(0.3, 0.1 + 0.1 + 0.1);
        self::assertSame('0.00', (string) Money::sum());
        self::assertSame('1.10', (string) $tenth->times(10)->plus($tenth));
    }

    public function test_halves_are_rounded_up(): void
    {
        self::assertSame(['1.01', '1.00', '0.13'], [
            (string) Money::rounded(BigDecimal::of('1.005')), (string) Money::rounded(BigDecimal::of('1.00499')), (string) Money::ofHundredths(25)->over(2.0),
        ]);
    }

    public function test_a_number_of_a_data_file_has_no_parts_of_a_hundredth(): void
    {
        self::assertSame(['38.10', null], [(string) Money::ofNumber(38.1), Money::ofNumber(38.105)]);
    }
}
