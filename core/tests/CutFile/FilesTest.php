<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\CutFile;

use Jornel\Core\Cut\CutList;
use Jornel\Core\Cut\CutPart;
use Jornel\Core\CutFile\CutDrawing;
use Jornel\Core\CutFile\DxfFile;
use Jornel\Core\CutFile\Heading;
use Jornel\Core\CutFile\Layer;
use Jornel\Core\CutFile\Mesh;
use Jornel\Core\CutFile\Paper;
use Jornel\Core\CutFile\PartDrawing;
use Jornel\Core\CutFile\PrintedPart;
use Jornel\Core\CutFile\PrintedParts;
use Jornel\Core\CutFile\ScaleDrawing;
use Jornel\Core\CutFile\SvgFile;
use Jornel\Core\CutFile\Tiling;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Geometry\Polygon;
use Jornel\Core\Shape\Cone;
use Jornel\Core\Shape\EndCap;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use SimpleXMLElement;

/** Files have the part's own sizes; what other programs make of them is tested in tests/Feature/CutFilesTest. */
final class FilesTest extends TestCase
{
    #[DataProvider('parts')]
    public function test_an_svg_has_the_part_at_full_size_in_millimetres(CutPart $part): void
    {
        $svg = new SimpleXMLElement(SvgFile::of(PartDrawing::of($part, self::heading())));
        $svg->registerXPathNamespace('s', 'http://www.w3.org/2000/svg');
        self::assertSame((string) $svg['width'], explode(' ', (string) $svg['viewBox'])[2].'mm');
        $outline = self::points((string) ($svg->xpath('//s:g[@id="CUT"]/s:polygon')[0]['points'] ?? ''));
        self::assertEqualsWithDelta(1e6 * (new Polygon($part->outline))->area(), abs((new Polygon($outline))->area()), 1.0);
        self::assertEqualsWithDelta(1000.0 * $part->width(), max(array_column($outline, 'x')) - min(array_column($outline, 'x')), 1e-3);
        $round = array_values(array_filter($part->holes, fn ($hole): bool => $hole->middle !== null));
        self::assertCount(count($round), $svg->xpath('//s:g[@id="CUT"]/s:circle') ?: []);
    }

    #[DataProvider('parts')]
    public function test_a_dxf_has_the_same_outline_on_the_layer_for_cuts_in_either_unit(CutPart $part): void
    {
        foreach ([[false, 1000.0], [true, 1.0 / 0.0254]] as [$inInches, $scale]) {
            $dxf = DxfFile::of(PartDrawing::of($part, self::heading()), $inInches);
            preg_match_all('/  0\nVERTEX\n  8\nCUT\n 10\n(-?[\d.]+)\n 20\n(-?[\d.]+)\n/', $dxf, $found, PREG_SET_ORDER);
            $points = array_map(fn (array $one): PlanePoint => new PlanePoint((float) $one[1], (float) $one[2]), array_slice($found, 0, count($part->outline)));
            self::assertCount(count($part->outline), $points);
            foreach ($part->outline as $i => $corner) {
                self::assertEqualsWithDelta($scale * $corner->x, $points[$i]->x, 1e-5);
                self::assertEqualsWithDelta($scale * $corner->y, $points[$i]->y, 1e-5);
            }
            self::assertSame(0, preg_match('/[^\x00-\x7f]/', $dxf), 'release 12 knows ASCII only');
        }
    }

    /** @return iterable<string, array{CutPart}> */
    public static function parts(): iterable
    {
        foreach ([
            'cube' => Sample::design(), 'array' => Sample::design('array-box', 'pc-140', '20x20x1-g13-dense'), 'wedge' => Sample::design('wedge'),
            'cone' => Sample::design('ring', 'pc-120', 'ring-180x200', options: ['cone' => 'folded']), 'drawer' => Sample::design('drawer', options: ['frames' => 'mitre']),
        ] as $name => $design) {
            foreach (CutList::of($design, $design->assemble()) as $part) {
                yield "{$name} {$part->label}" => [$part];
            }
        }
    }

    public function test_every_file_says_project_part_count_and_date_and_that_sizes_are_to_be_checked(): void
    {
        $design = Sample::design();
        $shroud = CutList::of($design, $design->assemble(), 2)[1];
        foreach ([SvgFile::of(PartDrawing::of($shroud, self::heading())), DxfFile::of(PartDrawing::of($shroud, self::heading()))] as $file) {
            foreach (['Alder Fen', 'B Shroud, 2 to cut', '28 November 2026', 'Check sizes before you cut'] as $words) {
                self::assertStringContainsString($words, $file);
            }
        }
        self::assertStringNotContainsString('Check sizes', SvgFile::of(PartDrawing::of($shroud, new Heading('Alder Fen', '28 November 2026', true))));
    }

    public function test_the_diagonals_of_a_shroud_cross_in_the_middle_of_its_hole(): void
    {
        // With a second hole for the knob the crossing is not marked, so a fan whose knob lies elsewhere is taken.
        $design = Sample::design()->with(fan: Sample::fan(['knob' => 'top']));
        $shroud = CutList::of($design, $design->assemble())[1];
        $marks = array_filter(PartDrawing::of($shroud, self::heading())->lines, fn (array $line): bool => $line['layer'] === Layer::Mark && $line['corners'][0]->distanceTo($line['corners'][1]) > 0.3);
        self::assertCount(2, $marks);
        $hole = $shroud->holes[0]->centre();
        foreach ($marks as $line) {
            self::assertEqualsWithDelta(0.0, PlanePoint::turn($line['corners'][0], $line['corners'][1], $hole), 1e-12);
        }
    }

    /** Sizes of paper from ISO 216 and ANSI/ASME Y14.1. */
    public function test_tiles_cover_the_drawing_and_overlap(): void
    {
        self::assertSame([210.0, 297.0], Paper::A4->size());
        self::assertEqualsWithDelta([8.5 * 25.4, 11.0 * 25.4], Paper::Letter->size(), 1e-9);
        foreach (Paper::cases() as $paper) {
            foreach ([0.05, 0.18, 0.19, 0.5, 0.52, 1.3] as $side) {
                $drawing = (new CutDrawing([]))->line(Layer::Cut, PlanePoint::list([[0.0, 0.0], [$side, 0.0], [$side, $side], [0.0, $side]]), true);
                $tiling = Tiling::of($drawing, $paper);
                [$left, $low] = $tiling->origin(0, 0);
                [$right, $high] = $tiling->origin($tiling->columns - 1, $tiling->rows - 1);
                self::assertLessThanOrEqual(0.0, max($left, $low));
                self::assertGreaterThanOrEqual(1000.0 * $side, min($right + $tiling->width, $high + $tiling->height));
                if ($tiling->columns > 1) {
                    self::assertEqualsWithDelta(Tiling::OVERLAP, $tiling->origin(0, 0)[0] + $tiling->width - $tiling->origin(1, 0)[0], 1e-9);
                    // One column less would not do.
                    self::assertLessThan(1000.0 * $side + 2.0, $tiling->width + ($tiling->columns - 2) * ($tiling->width - Tiling::OVERLAP));
                }
            }
        }
    }

    public function test_a_scale_drawing_keeps_all_on_its_page_at_one_scale(): void
    {
        $design = Sample::design('drawer');
        $parts = CutList::of($design, $design->assemble());
        foreach (Paper::cases() as $paper) {
            $drawing = ScaleDrawing::of($parts, $paper, self::heading());
            [$width, $height] = $drawing->size();
            self::assertCount((int) ceil(count($parts) / 6), $drawing->pages);
            foreach ($drawing->pages as $page) {
                [$left, $low, $right, $high] = $page->extent();
                self::assertGreaterThanOrEqual(0.009, min($left, $low));
                self::assertLessThanOrEqual($width / 1000.0 - 0.009, $right);
                self::assertLessThanOrEqual($height / 1000.0 - 0.009, $high);
            }
        }
    }

    /** Solids against the volumes of plain geometry: a frustum's shell, a plate with a ring. */
    public function test_printed_parts_are_closed_and_as_large_as_they_should_be(): void
    {
        $cone = new Cone(0.176, 0.112, 0.032);
        $round = Mesh::STEPS / 2.0 / M_PI * sin(2.0 * M_PI / Mesh::STEPS);
        self::assertEqualsWithDelta(1e9 * $cone->volume() * $round, PrintedPart::cone($cone)->mesh->volume(), 0.02 * 1e9 * $cone->volume());
        self::assertEqualsWithDelta(1e9 * (new EndCap(0.18))->volume() * $round, PrintedPart::endCap(0.18)->mesh->volume(), 1.0);
        foreach ([...PrintedParts::of(Sample::design('ring', 'pc-120', 'ring-180x200')), ...PrintedParts::of(Sample::design('array-box', 'pc-140', '20x20x1-g13-dense'))] as $part) {
            $edges = [];
            foreach ($part->mesh->triangles as $triangle) {
                foreach ([[0, 1], [1, 2], [2, 0]] as [$from, $to]) {
                    $key = fn (array $at): string => sprintf('%.5f %.5f %.5f', $at[0] + 0.0, $at[1] + 0.0, $at[2] + 0.0);
                    [$a, $b] = [str_replace('-0.00000', '0.00000', $key($triangle[$from])), str_replace('-0.00000', '0.00000', $key($triangle[$to]))];
                    $edges["{$a} {$b}"] = ($edges["{$a} {$b}"] ?? 0) + 1;
                }
            }
            foreach ($edges as $edge => $count) {
                [$a, $b, $c, $d, $e, $f] = explode(' ', $edge);
                self::assertSame(1, $count, $part->id);
                self::assertSame(1, $edges["{$d} {$e} {$f} {$a} {$b} {$c}"] ?? 0, "{$part->id}: an edge with one side");
            }
        }
    }

    private static function heading(): Heading
    {
        return new Heading('Alder Fen', '28 November 2026');
    }

    /** @return non-empty-list<PlanePoint> */
    private static function points(string $text): array
    {
        $points = array_map(fn (string $pair): PlanePoint => new PlanePoint(...array_map(floatval(...), explode(',', $pair))), explode(' ', $text));

        return $points;
    }
}
