<?php

namespace Tests\Reference;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Balance;
use Jornel\Core\Airflow\Box;
use Jornel\Core\Airflow\Leak;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Layer;
use Jornel\Core\Part\TwoFigureCurve;
use Jornel\Core\Shape\FilterFace;
use Jornel\Core\Shape\LeakKind;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Against something nobody here wrote: scipy gets the raw inputs, never a coefficient computed here. */
class BalanceTest extends TestCase
{
    public function test_the_balance_is_scipys_root_on_random_builds(): void
    {
        $random = new Randomizer(new Mt19937(2026));
        $between = fn (float $low, float $high): float => $low + ($high - $low) * $random->getInt(0, 1 << 30) / (1 << 30);
        $builds = $mine = [];
        for ($i = 0; $i < 250; $i++) {
            $faces = array_map(fn (): array => ['width' => $between(0.1, 0.7), 'height' => $between(0.1, 0.7), 'velocity' => $between(0.5, 2.5), 'drop' => $between(5.0, 200.0)], range(1, $random->getInt(1, 5)));
            $build = [
                'faces' => $faces, 'free' => $between(0.05, 1.0), 'shut' => $between(10.0, 400.0), 'exponent' => $between(1.0, 2.2),
                'leak' => $between(0.0, 0.03), 'altitude' => $between(0.0, 3000.0), 'temperature' => $between(263.0, 313.0),
            ];
            $builds[] = $build;
            $mine[] = $this->mine($build);
        }
        $theirs = Scipy::answer('balance', $builds);

        self::assertLessThan(1e-8, Scipy::worst('balance against brentq', $mine, $theirs, 1e-9));
    }

    /**
     * @param  array<string, mixed>  $build
     * @return array{float, float, float} pressure, filter flow, leak flow
     */
    private function mine(array $build): array
    {
        $air = Air::at($build['altitude'], $build['temperature']);
        $faces = [];
        foreach ($build['faces'] as $number => $face) {
            $filter = Filter::fromData([
                'id' => "f{$number}", 'width_m' => $face['width'], 'height_m' => $face['height'],
                'drop' => ['velocity_m_s' => $face['velocity'], 'pressure_pa' => $face['drop']],
            ] + Sample::catalogue()->filter('20x20x1-g13-economy')->data);
            $faces[] = FilterFace::stacked("face-{$number}", "kind {$number}", [Layer::of($filter, ($face['width'] - 0.024) * ($face['height'] - 0.024))]);
        }
        $fan = (new TwoFigureCurve($build['free'], $build['shut'], $build['exponent']))->scaled(1.0, $air->density / 1.2);
        $balance = Balance::of($fan, Box::of($faces, [new Leak(LeakKind::Other, 'leak', $build['leak'])], $air));

        return [$balance->pressure, $balance->filterFlow, $balance->leakFlow];
    }
}
