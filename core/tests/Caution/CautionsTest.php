<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Caution;

use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class CautionsTest extends TestCase
{
    private const DRUM = ['fan' => 'drum-18'];

    private const RING = ['shape' => 'ring', 'fan' => 'pc-120', 'filter' => 'ring-180x200'];

    private const TOTE = ['shape' => 'tote', 'fan' => 'blower-cage', 'filter' => '16x20x1-g13-economy'];

    private const WINDOW = ['shape' => 'window-insert'];

    /** Each caution with a case where it shows and one where it must not (always-on cautions have no second). */
    #[TestWith(['fuel-burning', ['hasFuelBurning' => true], [], ['hasFuelBurning' => false], []])]
    #[TestWith(['draws-house', [], self::WINDOW + ['options' => ['fan-at' => 'far-window']], [], self::WINDOW])]
    #[TestWith(['fan-electrical', [], [], null, null])]
    #[TestWith(['unlisted-fan', [], self::TOTE, [], []])]
    #[TestWith(['rear-grille', [], ['shape' => 'drawer'], [], ['shape' => 'flat-panel']])]
    #[TestWith(['open-intake', [], self::TOTE, [], self::RING])]
    #[TestWith(['set-screw', [], self::TOTE, [], []])]
    #[TestWith(['open-motor', [], [], [], self::DRUM])]
    #[TestWith(['open-motor-pushing', [], ['direction' => Direction::Push], [], []])]
    #[TestWith(['brittle-plastic', [], [], [], self::DRUM])]
    #[TestWith(['low-voltage', [], self::RING, [], []])]
    #[TestWith(['wiring', [], self::TOTE, [], []])]
    #[TestWith(['tip-over', [], ['shape' => 'flat-panel'], [], ['shape' => 'cube']])]
    #[TestWith(['hanging', [], ['shape' => 'drawer'], [], []])]
    #[TestWith(['window', [], self::WINDOW, [], []])]
    #[TestWith(['knives', [], [], [], ['shape' => 'flat-panel', 'corners' => Corners::Open]])]
    #[TestWith(['saws', [], ['shape' => 'drawer'], [], []])]
    #[TestWith(['hot-glue', [], ['joining' => 'hot-glue'], [], ['joining' => 'duct-tape']])]
    #[TestWith(['tape-vapour', [], ['joining' => 'duct-tape'], [], ['joining' => 'zip-ties']])]
    #[TestWith(['carbon-dust', [], self::RING, [], []])]
    #[TestWith(['gases', ['pollutant' => 'shop-dust'], [], ['pollutant' => 'cadr-pollen'], []])]
    #[TestWith(['hazard-dust', ['pollutant' => 'shop-dust'], [], ['pollutant' => 'wildfire-pm25'], []])]
    #[TestWith(['smoke', ['pollutant' => 'wildfire-pm25'], [], ['pollutant' => 'shared-air'], []])]
    #[TestWith(['exhaust', ['pollutant' => 'wildfire-pm25'], [], ['pollutant' => 'cadr-dust'], []])]
    #[TestWith(['shared-air', ['pollutant' => 'shared-air'], [], ['pollutant' => 'shop-dust'], []])]
    #[TestWith(['not-medical', ['use' => 'waiting-room'], [], ['use' => 'office'], []])]
    #[TestWith(['harmful-noise', [], self::DRUM, [], ['fan' => 'box-20-plain']])]
    #[TestWith(['annoying-noise', [], [], ['noiseLimit' => 30.0], ['fan' => 'circulator-12', 'filter' => '18x18x1-g13-economy']])]
    #[TestWith(['box-dust', [], self::TOTE, [], []])]
    #[TestWith(['used-filters', [], [], null, null])]
    public function test_a_caution_shows_where_it_applies_and_not_elsewhere(string $id, array $room, array $design, ?array $otherRoom, ?array $otherDesign): void
    {
        self::assertContains($id, self::shown($room, $design));
        if ($otherRoom !== null && $otherDesign !== null) {
            self::assertNotContains($id, self::shown($otherRoom, $otherDesign));
        }
    }

    public function test_a_loud_unit_is_told_once(): void
    {
        self::assertNotContains('annoying-noise', self::shown([], self::DRUM));
    }

    public function test_every_caution_of_the_register_is_tried_here(): void
    {
        $tried = array_map(fn (\ReflectionAttribute $attribute): mixed => $attribute->getArguments()[0][0], (new \ReflectionMethod($this, 'test_a_caution_shows_where_it_applies_and_not_elsewhere'))->getAttributes(TestWith::class));

        self::assertEqualsCanonicalizing(array_column(Sample::data()->cautions()->all, 'id'), $tried);
    }

    /**
     * @param  array<string, mixed>  $room
     * @param  array<string, mixed>  $design
     * @return list<string>
     */
    private static function shown(array $room, array $design): array
    {
        return array_column(Sample::ledger(Sample::room(...$room), 'air-changes-5', Sample::design(...$design))->cautions, 'id');
    }
}
