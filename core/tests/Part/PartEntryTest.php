<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Part;

use Jornel\Core\Fault\Invalid;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\EditableCurve;
use Jornel\Core\Part\EditableFigures;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\PartEntry;
use Jornel\Core\Part\PartKind;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Quantity\System;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A part of one's own, from what a person wrote. */
final class PartEntryTest extends TestCase
{
    public function test_a_figure_goes_before_the_shipped_one_and_keeps_where_it_came_from(): void
    {
        $entry = self::read('fan', 'box-20-plain', ['figures' => ['free_flow' => ['entry' => '1,100 cfm', 'from' => 'measured'], 'body.depth' => ['entry' => '5 1/4', 'from' => 'rated']]]);
        $fan = self::fan($entry);

        self::assertEqualsWithDelta(1100.0 * 4.719474e-4, $fan->speeds[2]->curve->freeFlow(), 1e-9);
        self::assertEqualsWithDelta(5.25 * 0.0254, $fan->body->depth, 1e-12);
        self::assertSame([Provenance::Measured, Provenance::Typical], [$fan->rating->flowFrom, $fan->rating->pressureFrom]);
        // Only what was written is kept: the rest follows the catalogue.
        self::assertEqualsCanonicalizing(['free_flow_m3_s', 'body', 'name'], array_keys($entry->own));
    }

    #[TestWith(['1.870 m³/h', System::Metric, 1.87 / 3600.0])]
    #[TestWith(['1870', System::Metric, 1870.0 / 3600.0])]
    #[TestWith(['1100', System::Imperial, 1100.0 * 4.719474e-4])]
    #[TestWith(['520 l/s', System::Imperial, 0.52])]
    public function test_a_number_without_a_unit_is_read_in_the_measure_on_the_screen(string $written, System $system, float $si): void
    {
        $fan = self::fan(self::read('fan', 'box-20-plain', ['figures' => ['free_flow' => ['entry' => $written, 'from' => 'measured']]], $system));

        self::assertEqualsWithDelta($si, $fan->speeds[2]->curve->freeFlow(), 1e-9);
    }

    public function test_every_figure_offered_can_be_written_and_read_back(): void
    {
        foreach (['fan' => 'box-20-plain', 'filter' => '20x20x1-g13-dense', 'joining' => 'duct-tape'] as $kind => $id) {
            $shipped = self::shipped($kind, $id);
            $spelled = $kind === 'filter' ? Filter::fromData($shipped)->spelledOut() : $shipped;
            foreach (EditableFigures::of(PartKind::from($kind)) as $figure) {
                $now = $figure->of($spelled);
                if ($now === null) {
                    continue;
                }
                foreach (System::cases() as $system) {
                    $text = $figure->display->text($now->si, $system);
                    $entry = self::read($kind, $id, ['figures' => [$figure->path => ['entry' => $text, 'from' => 'measured']]], $system);
                    $back = $figure->of($entry->whole);
                    // As near as its display rounds.
                    self::assertEqualsWithDelta(1.0, $back->si / $now->si, 0.05, "{$kind} {$figure->path} {$text}");
                    self::assertSame(Provenance::Measured, $back->provenance);
                }
            }
        }
        self::assertSame([], EditableFigures::of(PartKind::Material));
    }

    public function test_measured_points_are_the_curve_of_a_fan_and_the_drop_of_a_filter(): void
    {
        $fan = self::fan(self::read('fan', 'box-20-plain', ['points' => [['along' => '0', 'pressure' => '40 Pa'], ['along' => '0.25 m3/s', 'pressure' => '20 Pa'], ['along' => '0.4 m3/s', 'pressure' => '0']], 'points_from' => 'measured']));
        $filter = Catalogue::fromEntries([['kind' => 'filter', 'data' => self::read('filter', '20x20x1-g13-dense', ['points' => [['along' => '1 m/s', 'pressure' => '20 Pa'], ['along' => '2 m/s', 'pressure' => '60 Pa']], 'points_from' => 'rated'])->whole]])->filter('own');

        self::assertEqualsWithDelta([0.4, 40.0, 0.25], [$fan->speeds[2]->curve->freeFlow(), $fan->speeds[2]->curve->shutOff(), $fan->speeds[2]->curve->flow(20.0)], 1e-9);
        self::assertSame(Provenance::Measured, $fan->rating->flowFrom);
        // a v + b v2 through both: a = 10, b = 10.
        self::assertEqualsWithDelta([20.0, 60.0, 7.5], [$filter->pressureLaw->drop(1.0), $filter->pressureLaw->drop(2.0), $filter->pressureLaw->drop(0.5)], 1e-9);
        self::assertSame(Provenance::Rated, $filter->provenance);
        self::assertNull(EditableCurve::of(PartKind::Joining));
    }

    public function test_packs_and_prices_go_before_the_shipped_ones(): void
    {
        $packs = self::fan(self::read('fan', 'box-20-plain', ['packs' => [['count' => 1, 'price' => '31,90'], ['count' => 2, 'price' => '60']]]))->packs;

        self::assertSame(['31.90', '60.00'], array_map(fn ($pack): string => (string) $pack->price, $packs));
        self::assertCount(1, self::fan(self::read('fan', 'box-20-plain', []))->packs);
    }

    public function test_all_faults_are_told_at_once_each_at_its_field(): void
    {
        $fields = [
            'name' => '', 'figures' => ['free_flow' => ['entry' => 'lots', 'from' => 'measured'], 'level' => ['entry' => '60', 'from' => 'hearsay']],
            'points' => [['along' => '100', 'pressure' => 'x']], 'packs' => [['count' => 0, 'price' => '1']],
        ];
        try {
            PartEntry::read(PartKind::Fan, 'own', self::shipped('fan', 'box-20-plain'), $fields, System::Imperial);
            self::fail('It was taken.');
        } catch (InvalidEntries $faults) {
            self::assertEqualsCanonicalizing(
                ['name', 'figures.free_flow', 'figures.level', 'points', 'points.0.pressure', 'packs.0.count'],
                array_map(fn (Invalid $fault): string => $fault->field, array_filter($faults->faults, fn (Invalid $fault): bool => $fault->field !== 'figures.free_flow' || str_contains($fault->getMessage(), 'lots'))),
            );
        }
    }

    public function test_a_curve_that_rises_throughout_is_refused(): void
    {
        $this->expectException(Invalid::class);
        $this->expectExceptionMessage('no fan curve');
        self::read('fan', 'box-20-plain', ['points' => [['along' => '0.2 m3/s', 'pressure' => '10 Pa'], ['along' => '0.4 m3/s', 'pressure' => '30 Pa']]]);
    }

    /** @param  array<string, mixed>  $fields */
    private static function read(string $kind, string $like, array $fields, System $system = System::Imperial): PartEntry
    {
        return PartEntry::read(PartKind::from($kind), 'own', self::shipped($kind, $like), $fields + ['name' => 'Our own'], $system);
    }

    private static function fan(PartEntry $entry): Fan
    {
        return Catalogue::fromEntries([['kind' => 'fan', 'data' => $entry->whole]])->fan('own');
    }

    /** @return array<string, mixed> */
    private static function shipped(string $kind, string $id): array
    {
        foreach (Sample::data()->entries() as $entry) {
            if ($entry['kind'] === $kind && $entry['data']['id'] === $id) {
                return $entry['data'];
            }
        }
        self::fail("{$kind} {$id} is not shipped.");
    }
}
