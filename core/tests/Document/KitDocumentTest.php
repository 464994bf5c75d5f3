<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Document;

use Jornel\Core\Document\Register\Documents;
use Jornel\Core\Fault\Invalid;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Geometry\Polygon;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The document of a kit: what it answers adds up, and can be cut as told. */
final class KitDocumentTest extends TestCase
{
    private const CUBE = ['shape' => 'cube', 'fan' => 'box-20-plain', 'filter' => '20x20x1-g13-dense', 'joining' => 'duct-tape', 'corners' => 'shroud'];

    private const SQUARE = [[0, 0], [100, 0], [100, 100], [0, 100]];

    #[DataProvider('examples')]
    public function test_an_example_adds_up(string $example): void
    {
        $document = (array) json_decode((string) file_get_contents(dirname(__DIR__, 3)."/formats/examples/{$example}.json"), true);
        $answer = self::answer($document);
        $total = 0.0;
        foreach ($answer['lines'] as $line) {
            $pieces = array_sum(array_map(fn (array $pack): int => $pack['size'] * $pack['count'], $line['packs']));
            self::assertSame($line['needed'] - $line['from_stock'] + $line['left'], $pieces, $line['part']);
            $total += array_sum(array_map(fn (array $pack): float => $pack['count'] * $pack['price'], $line['packs']));
        }
        self::assertEqualsWithDelta($total, $answer['total'], 1e-9);

        $cuts = array_column($answer['cuts'], null, 'label');
        $placed = [];
        foreach ($answer['sheets'] as $sheet) {
            $used = 0.0;
            foreach ($sheet['placed'] as $one) {
                $cut = $cuts[$one['label']];
                $placed[$one['label']] = ($placed[$one['label']] ?? 0) + 1;
                foreach ($cut['outline_mm'] as [$x, $y]) {
                    // Turned about the part's own origin, then put at x, y.
                    $at = (new PlanePoint($x, $y))->turned(deg2rad($one['rotation_deg']))->plus(new PlanePoint($one['x_mm'], $one['y_mm']));
                    self::assertGreaterThanOrEqual($answer['margin_mm'] - 1e-3, min($at->x, $at->y));
                    self::assertLessThanOrEqual($sheet['width_mm'] - $answer['margin_mm'] + 1e-3, $at->x);
                    self::assertLessThanOrEqual($sheet['height_mm'] - $answer['margin_mm'] + 1e-3, $at->y);
                }
                $used += (new Polygon(PlanePoint::list($cut['outline_mm'])))->area();
                foreach ($cut['holes_mm'] as $hole) {
                    $used -= isset($hole['radius']) ? M_PI * $hole['radius'] ** 2 : (new Polygon(PlanePoint::list($hole)))->area();
                }
            }
            // Round holes are laid out with 48 corners: a fraction of a per cent of them is counted as board.
            self::assertEqualsWithDelta($used / ($sheet['width_mm'] * $sheet['height_mm']), $sheet['used_share'], 0.004);
        }
        self::assertSame([], $answer['unplaced']);
        self::assertEquals(array_map(fn (array $cut): int => $cut['count'], array_filter($cuts, fn (array $cut): bool => ! $cut['cut_into'])), $placed + array_fill_keys(array_keys($placed), 0));
        self::assertLessThanOrEqual(count($answer['sheets']), $answer['sheets_lower_bound']);
    }

    /** @return iterable<string, array{string}> */
    public static function examples(): iterable
    {
        yield 'units' => ['kit'];
        yield 'parts' => ['kit-cuts'];
    }

    public function test_parts_of_the_answer_are_taken_as_a_question_again(): void
    {
        $units = [['unit' => self::CUBE, 'count' => 3], ['unit' => ['shape' => 'flat-panel', 'corners' => 'taped', 'options' => ['stand' => 'feet']] + self::CUBE, 'count' => 1], ['unit' => ['shape' => 'tote', 'fan' => 'blower-cage', 'filter' => '16x20x1-g13-economy'] + self::CUBE]];
        $first = self::answer(['kind' => 'kit', 'units' => $units, 'sheets' => [], 'bought' => [['material' => 'board-24x36']]]);
        self::assertContains(true, array_column($first['cuts'], 'cut_into'));
        self::assertNotSame([], array_merge(...array_column($first['cuts'], 'folds_mm')));
        $again = self::answer(['kind' => 'kit', 'cuts' => $first['cuts'], 'bought' => [['material' => 'board-24x36']]]);
        self::assertEqualsWithDelta($first['sheets'], $again['sheets'], 1e-6);
        self::assertEqualsWithDelta($first['cuts'], $again['cuts'], 1e-6);
        $bare = array_map(fn (array $cut): array => ['name' => '', 'material' => ''] + $cut, $first['cuts']);
        self::assertEqualsWithDelta($bare, self::answer(['kind' => 'kit', 'cuts' => $bare, 'bought' => [['material' => 'board-24x36']]])['cuts'], 1e-6);
    }

    public function test_both_systems_mean_the_same(): void
    {
        $inch = fn (array $points): array => array_map(fn (array $at): array => [$at[0] / 25.4, $at[1] / 25.4], $points);
        $metric = self::answer(['kind' => 'kit', 'cuts' => [['label' => 'A', 'count' => 9, 'outline_mm' => self::SQUARE]], 'sheets' => [['id' => 's', 'width_mm' => 254, 'height_mm' => 254, 'count' => 9]], 'kerf_mm' => 2.54]);
        $imperial = self::answer(['kind' => 'kit', 'cuts' => [['label' => 'A', 'count' => 9, 'outline_in' => $inch(self::SQUARE)]], 'sheets' => [['id' => 's', 'width_in' => 10, 'height_in' => 10, 'count' => 9]], 'kerf_in' => 0.1]);
        self::assertEqualsWithDelta($metric['sheets'], $imperial['sheets'], 1e-6);
        self::assertCount(3, $metric['sheets'], 'four squares of 100 mm go on 254 mm');
    }

    public function test_packs_are_shared_over_the_whole_list(): void
    {
        $one = fn (int $count): float => self::answer(['kind' => 'kit', 'units' => [['unit' => self::CUBE, 'count' => $count]]])['total'];
        $both = self::answer(['kind' => 'kit', 'units' => [['unit' => self::CUBE, 'count' => 1], ['unit' => ['corners' => 'taped'] + self::CUBE, 'count' => 2]]]);
        self::assertLessThan($one(1) + $one(2), $both['total']);
        self::assertCount(1, array_filter($both['lines'], fn (array $line): bool => $line['kind'] === 'filter'));
        self::assertSame(['1A', '1B', '2A', '2B'], array_column($both['cuts'], 'label'));
    }

    public function test_a_part_larger_than_every_sheet_is_left_with_the_reason(): void
    {
        $answer = self::answer(['kind' => 'kit', 'cuts' => [['label' => 'A', 'outline_mm' => [[0, 0], [900, 0], [900, 50], [0, 50]]], ['label' => 'B', 'outline_mm' => self::SQUARE]], 'sheets' => [['id' => 's', 'width_mm' => 300, 'height_mm' => 300]]]);
        self::assertSame([['label' => 'A', 'count' => 1, 'reason' => 'It is larger than the clear part of every sheet.']], $answer['unplaced']);
        self::assertSame(1, $answer['sheets_lower_bound']);
        self::assertCount(1, $answer['sheets']);
    }

    public function test_another_filter_of_the_same_size_and_grade_is_offered_with_what_it_changes(): void
    {
        $answer = self::answer(['kind' => 'kit', 'units' => [['unit' => self::CUBE]]]);
        $substitutes = array_column($answer['substitutes'], null, 'instead');
        self::assertArrayHasKey('20x20x1-g13-economy', $substitutes);
        self::assertLessThan(1.0, $substitutes['20x20x1-g13-economy']['clean_air_share']);
        self::assertGreaterThan(0.0, $answer['one_more'][0]['price']);
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('faults')]
    public function test_what_is_wrong_is_told_at_its_path(string $path, array $document): void
    {
        try {
            self::answer(['kind' => 'kit'] + $document);
            self::fail('taken');
        } catch (InvalidEntries $faults) {
            self::assertContains($path, array_map(fn (Invalid $fault): string => $fault->field, $faults->faults));
        } catch (Invalid $fault) {
            self::assertSame($path, $fault->field);
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function faults(): iterable
    {
        $part = ['label' => 'A', 'outline_mm' => self::SQUARE];
        yield 'a shape that is not known' => ['units.0.unit.shape', ['units' => [['unit' => ['shape' => 'dome'] + self::CUBE]]]];
        yield 'a hole outside' => ['cuts.0.holes_mm.0', ['cuts' => [$part + ['holes_mm' => [[[90, 10], [140, 10], [140, 40]]]]]]];
        yield 'sides that cross' => ['cuts.0.outline_mm', ['cuts' => [['label' => 'A', 'outline_mm' => [[0, 0], [9, 9], [9, 0], [0, 9]]]]]];
        yield 'a fold of one end' => ['cuts.0.folds_mm.0', ['cuts' => [$part + ['folds_mm' => [[[0, 10], [50]]]]]]];
        yield 'two of one label' => ['cuts.1.label', ['cuts' => [$part, $part]]];
        yield 'an eighth of a turn' => ['pinned.0.rotation_deg', ['cuts' => [$part], 'sheets' => [['id' => 's', 'width_mm' => 300, 'height_mm' => 300]], 'pinned' => [['label' => 'A', 'sheet' => 's', 'x_mm' => 0, 'y_mm' => 0, 'rotation_deg' => 45]]]];
        yield 'a part of no such stock' => ['stock.0.part', ['units' => [['unit' => self::CUBE]], 'stock' => [['part' => 'moon', 'pieces' => 1]]]];
        yield 'sheets of one name' => ['sheets.1.id', ['cuts' => [$part], 'sheets' => [['id' => 's', 'width_mm' => 300, 'height_mm' => 300], ['id' => 's', 'width_mm' => 200, 'height_mm' => 300]]]];
        yield 'too many parts' => ['cuts', ['cuts' => array_map(fn (int $number): array => ['label' => "{$number}", 'count' => 1000] + $part, range(1, 4))]];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function answer(array $document): array
    {
        return (array) json_decode((string) json_encode(Documents::answer($document, Sample::data())), true);
    }
}
