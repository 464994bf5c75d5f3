<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Part;

use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Pack;
use Jornel\Core\Part\Record;
use Jornel\Core\Part\UnknownPart;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class CatalogueTest extends TestCase
{
    public function test_every_fan_has_a_sensible_curve(): void
    {
        foreach (Sample::catalogue()->fans as $fan) {
            $before = 0.0;
            foreach ($fan->speeds as $speed) {
                $curve = $speed->curve;
                self::assertGreaterThan($before, $curve->freeFlow(), $fan->id);
                $before = $curve->freeFlow();
                for ($step = 1; $step <= 20; $step++) {
                    [$less, $now] = [$curve->flow($curve->shutOff() * ($step - 1) / 20.0), $curve->flow($curve->shutOff() * $step / 20.0)];
                    $fan->motor->holdsFlow ? self::assertLessThanOrEqual($less, $now, $fan->id) : self::assertLessThan($less, $now, $fan->id);
                }
            }
            self::assertLessThan($fan->body->side, $fan->body->bladeCircle, $fan->id);
            self::assertThat($fan->recirculation->taped, self::logicalAnd(self::greaterThanOrEqual($fan->recirculation->shrouded), self::lessThanOrEqual($fan->recirculation->open)), $fan->id);
        }
    }

    public function test_every_filter_is_sensible(): void
    {
        foreach (Sample::catalogue()->filters as $filter) {
            self::assertGreaterThan(0.0, $filter->pressureLaw->drop(0.5), $filter->id);
            self::assertLessThan(min($filter->width, $filter->height), $filter->depth, $filter->id);
            self::assertNotSame([], $filter->packs, $filter->id);
            foreach ([$filter->efficiency->rated->e1, $filter->efficiency->rated->e2, $filter->efficiency->rated->e3] as $share) {
                self::assertThat($share, self::logicalAnd(self::greaterThanOrEqual(0.0), self::lessThanOrEqual(1.0)), $filter->id);
            }
        }
    }

    #[TestWith(['box-20-plain', 1250, 0.13, 75, 64, 3])]
    #[TestWith(['box-20-deep', 1500, 0.17, 110, 67, 3])]
    #[TestWith(['floor-18-guard', 1450, 0.14, 85, 66, 3])]
    #[TestWith(['drum-18', 1700, 0.40, 180, 72, 2])]
    #[TestWith(['circulator-12', 1250, 0.42, 60, 58, 10])]
    #[TestWith(['circulator-11', 620, 0.25, 50, 60, 3])]
    #[TestWith(['inline-8', 750, 1.6, 120, 62, 10])]
    #[TestWith(['inline-12', 1000, 0.9, 140, 66, 2])]
    #[TestWith(['exhaust-6', 180, 0.15, 25, 52, 1])]
    #[TestWith(['blower-cage', 465, 1.0, 120, 63, 1])]
    #[TestWith(['pc-120', 75, 0.14, 2.4, 33, 3])]
    #[TestWith(['pc-140', 110, 0.16, 4.5, 40, 3])]
    public function test_the_fans_are_those_of_the_starting_catalogue(string $id, float $cfm, float $inwc, float $watts, float $level, int $speeds): void
    {
        $fan = Sample::catalogue()->fan($id);
        $top = $fan->speeds[count($fan->speeds) - 1];

        self::assertCount($speeds, $fan->speeds);
        self::assertEqualsWithDelta($cfm, $top->curve->freeFlow() / 4.719474e-4, 1e-9);
        self::assertEqualsWithDelta($inwc, $top->curve->shutOff() / 249.089, 1e-9);
        self::assertEqualsWithDelta([$watts, $level], [$top->watts, $top->level], 1e-9);
    }

    #[TestWith(['20x20x1-g8', 0.13])]
    #[TestWith(['20x20x1-g11', 0.20])]
    #[TestWith(['20x20x1-g13-economy', 0.30])]
    #[TestWith(['20x20x1-g13-dense', 0.20])]
    #[TestWith(['20x20x2-g13', 0.16])]
    #[TestWith(['20x20x4-g13', 0.11])]
    #[TestWith(['20x20x1-g14-economy', 0.36])]
    #[TestWith(['20x20x1-g14-dense', 0.24])]
    #[TestWith(['20x20x1-coarse', 0.06])]
    public function test_the_drops_are_those_of_the_starting_catalogue(string $id, float $inwc): void
    {
        self::assertEqualsWithDelta($inwc, Sample::catalogue()->filter($id)->pressureLaw->drop(300 * 0.00508) / 249.089, 1e-12);
    }

    public function test_actual_size_is_under_the_nominal_one(): void
    {
        $filter = Sample::catalogue()->filter('20x25x4-g13');

        self::assertEqualsWithDelta([19.5, 24.5, 3.75], [$filter->width / 0.0254, $filter->height / 0.0254, $filter->depth / 0.0254], 1e-9);
        self::assertEqualsWithDelta(6.2, Sample::catalogue()->filter('6.2x20x1-g13-dense')->width / 0.0254, 1e-9);
    }

    /** Common practice, no source: media areas as builders quote them, of nominal sizes, in2. */
    #[TestWith([['20x20x1-g13-economy' => 4], 1600])]
    #[TestWith([['20x25x1-g13-economy' => 4], 2000])]
    #[TestWith([['20x20x1-g13-economy' => 5], 2000])]
    #[TestWith([['16x30x1-g13-economy' => 4], 1920])]
    #[TestWith([['6.2x20x1-g13-economy' => 3], 372])]
    public function test_areas_add_up_as_builders_quote_them(array $counts, int $area): void
    {
        $sum = 0.0;
        foreach ($counts as $id => $count) {
            [$width, $height] = explode('x', Sample::catalogue()->filter($id)->nominal);
            $sum += $count * (float) $width * (float) $height;
        }

        self::assertEqualsWithDelta($area, $sum, 1e-9);
    }

    public function test_a_price_has_no_parts_of_a_hundredth(): void
    {
        $priced = fn (float|int $price): array => Pack::list((new Record(['packs' => [['count' => 6, 'price' => $price]]]))->records('packs'));

        self::assertSame(['38.10', '38.00', '0.07'], array_map(fn (float|int $price): string => (string) $priced($price)[0]->price, [38.1, 38, 0.07]));
        $this->expectExceptionMessage('two decimals');
        $priced(38.105);
    }

    public function test_a_part_that_is_not_there_is_named_at_its_field(): void
    {
        try {
            Sample::catalogue()->fan('jet-engine');
            self::fail();
        } catch (UnknownPart $refusal) {
            self::assertSame('unit.fan', $refusal->field);
            self::assertContains('box-20-plain', $refusal->choices);
        }
    }

    public function test_copies_go_before_the_figures_of_today_and_differences_are_told(): void
    {
        $today = Sample::catalogue();
        $copy = Catalogue::fromEntries([['kind' => 'fan', 'data' => ['power_w' => 99] + $today->fan('box-20-plain')->data]]);

        self::assertSame(['Box fan 20 in, plain'], $copy->differing($today));
        self::assertSame(99.0, $today->overlaidBy($copy)->fan('box-20-plain')->speeds[2]->watts);
        self::assertSame([], Catalogue::fromEntries($today->entries(['box-20-plain', 'duct-tape']))->differing($today));
    }
}
