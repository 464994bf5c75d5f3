<?php

namespace Tests\Reference;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Balance;
use Jornel\Core\Airflow\FaceBank;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\TwoFigureCurve;
use Jornel\Core\Shape\FilterFace;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

/** Against something nobody here wrote: scipy gets the raw inputs, never a coefficient computed here. */
class OutsideTest extends TestCase
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
        $python = new Process(['/usr/bin/python3', __DIR__.'/balance.py'], null, null, (string) json_encode($builds), 120);
        $theirs = json_decode($python->mustRun()->getOutput(), true, 16, JSON_THROW_ON_ERROR);

        $worst = 0.0;
        foreach ($builds as $i => $build) {
            foreach ([0, 1, 2] as $figure) {
                $worst = max($worst, abs($mine[$i][$figure] - $theirs[$i][$figure]) / max(1e-9, abs($theirs[$i][$figure])));
            }
        }
        fwrite(STDERR, sprintf("\nbalance against scipy.optimize.brentq, %d builds: largest relative difference %.1e\n", count($builds), $worst));
        self::assertLessThan(1e-8, $worst);
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
            $faces[] = new FilterFace("face-{$number}", $filter, $face['width'] - 0.024, $face['height'] - 0.024);
        }
        $fan = (new TwoFigureCurve($build['free'], $build['shut'], $build['exponent']))->scaled(1.0, $air->density / 1.2);
        $balance = Balance::of($fan, FaceBank::of($faces, $air), $build['leak'], $air);

        return [$balance->pressure, $balance->filterFlow, $balance->leakFlow];
    }
}
