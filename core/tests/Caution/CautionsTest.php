<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Caution;

use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class CautionsTest extends TestCase
{
    /** Each caution with a case where it shows and one where it must not (always-on cautions have no second). */
    #[TestWith(['fuel-burning', ['hasFuelBurning' => true], [], ['hasFuelBurning' => false], []])]
    #[TestWith(['fan-electrical', [], [], null, null])]
    #[TestWith(['open-motor', [], [], [], ['fan' => 'drum-18']])]
    #[TestWith(['tip-over', [], ['shape' => 'flat-panel'], [], ['shape' => 'cube']])]
    #[TestWith(['knives', [], [], [], ['shape' => 'flat-panel', 'corners' => 'open']])]
    #[TestWith(['hot-glue', [], ['joining' => 'hot-glue'], [], ['joining' => 'duct-tape']])]
    #[TestWith(['tape-vapour', [], ['joining' => 'duct-tape'], [], ['joining' => 'zip-ties']])]
    #[TestWith(['gases', ['pollutant' => 'shop-dust'], [], ['pollutant' => 'cadr-pollen'], []])]
    #[TestWith(['hazard-dust', ['pollutant' => 'shop-dust'], [], ['pollutant' => 'wildfire-pm25'], []])]
    #[TestWith(['smoke', ['pollutant' => 'wildfire-pm25'], [], ['pollutant' => 'shared-air'], []])]
    #[TestWith(['shared-air', ['pollutant' => 'shared-air'], [], ['pollutant' => 'shop-dust'], []])]
    #[TestWith(['harmful-noise', [], ['fan' => 'drum-18'], [], ['fan' => 'box-20-plain']])]
    #[TestWith(['annoying-noise', [], [], ['noiseLimit' => 30.0], ['fan' => 'circulator-12', 'filter' => '18x18x1-g13-economy']])]
    #[TestWith(['used-filters', [], [], null, null])]
    public function test_a_caution_shows_where_it_applies_and_not_elsewhere(string $id, array $room, array $design, ?array $otherRoom, ?array $otherDesign): void
    {
        self::assertContains($id, self::shown($room, $design));
        if ($otherRoom !== null && $otherDesign !== null) {
            self::assertNotContains($id, self::shown($otherRoom, $otherDesign));
        }
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
        if (isset($design['corners'])) {
            $design['corners'] = \Jornel\Core\Shape\Corners::from($design['corners']);
        }
        $fan = $design['fan'] ?? '';
        $design += $fan === 'drum-18' ? ['filter' => '20x20x1-g13-economy'] : [];

        return array_column(Sample::ledger(Sample::room(...$room), 'air-changes-5', Sample::design(...$design))->cautions, 'id');
    }
}
