<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Numeric;

use Closure;
use Jornel\Core\Numeric\BracketedRoot;
use Jornel\Core\Numeric\NoSignChange;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BracketedRootTest extends TestCase
{
    /** @return array<string, array{Closure(float): float, float, float, float}> */
    public static function roots(): array
    {
        return [
            'the fixed point of the cosine (OEIS A003957)' => [fn (float $x): float => cos($x) - $x, 0.0, 1.0, 0.7390851332151607],
            'the square root of two' => [fn (float $x): float => $x * $x - 2.0, 0.0, 2.0, M_SQRT2],
            'a vertical tangent at the root' => [fn (float $x): float => ($x <=> 0.3) * sqrt(abs($x - 0.3)), 0.0, 1.0, 0.3],
            'a very flat function' => [fn (float $x): float => ($x - 1.5) ** 9, 0.0, 4.0, 1.5],
            'a root at an end' => [fn (float $x): float => $x, 0.0, 1.0, 0.0],
            'falling, as a fan against its filters' => [fn (float $x): float => 5.0 - sqrt($x) - $x, 0.0, 50.0, (11.0 - sqrt(21.0)) / 2.0],
        ];
    }

    /** @param  Closure(float): float  $f */
    #[DataProvider('roots')]
    public function test_it_finds_the_root(Closure $f, float $low, float $high, float $root): void
    {
        // Ninth powers vanish to zero in floating point some way off their root.
        self::assertEqualsWithDelta($root, BracketedRoot::find($f, $low, $high), $root === 1.5 ? 1e-3 : 1e-14);
    }

    public function test_it_refuses_an_interval_without_a_change_of_sign(): void
    {
        $this->expectException(NoSignChange::class);
        BracketedRoot::find(fn (float $x): float => $x * $x + 1.0, -1.0, 1.0);
    }
}
