<?php

namespace Tests\Feature;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;

/** What outside programs make of the cut files: ezdxf audits them, admesh finds solids closed, OpenSCAD compiles, poppler measures. */
class CutFilesTest extends FeatureTestCase
{
    private const DPI = 300;

    private string $folder = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/jornel-cut-files-'.getmypid();
        File::deleteDirectory($this->folder);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_all_files_of_a_kit_are_what_other_programs_take_them_for(): void
    {
        $document = ['kind' => 'kit', 'units' => [
            ['unit' => ['shape' => 'cube', 'fan' => 'box-20-plain', 'filter' => '20x20x1-g13-dense', 'joining' => 'duct-tape']],
            ['unit' => ['shape' => 'ring', 'fan' => 'pc-120', 'filter' => 'ring-180x200', 'joining' => 'hot-glue']],
            ['unit' => ['shape' => 'array-box', 'fan' => 'pc-140', 'filter' => '20x20x1-g13-dense', 'joining' => 'duct-tape']],
        ]];
        $answer = $this->kit($document);
        self::assertSame([], $answer['unplaced']);
        $files = array_map(fn ($file): string => $file->getFilename(), File::files($this->folder));
        foreach (['1a-base.svg', '1b-shroud.dxf', '1b-shroud-inches.dxf', 'full-size-a4.pdf', 'full-size-letter.pdf', 'drawing-a4.pdf', '2-cone.stl', '2-cone.scad', '2-cap.stl', '3-spacer.stl', '3-filter-clip.scad', '3-corner-clip.stl', 'shopping-list.csv'] as $file) {
            self::assertContains($file, $files);
        }

        $audit = Process::run(['/usr/bin/python3', '-c', <<<'PYTHON'
            import ezdxf, glob, json, sys
            told = {}
            for file in glob.glob(sys.argv[1] + '/*.dxf'):
                drawing = ezdxf.readfile(file)
                auditor = drawing.audit()
                layers = sorted({e.dxf.layer for e in drawing.modelspace()})
                circles = sorted(round(e.dxf.radius, 4) for e in drawing.modelspace().query('CIRCLE'))
                told[file.split('/')[-1]] = {'errors': len(auditor.errors), 'fixes': len(auditor.fixes), 'layers': layers, 'circles': circles}
            print(json.dumps(told))
            PYTHON, $this->folder])->throw();
        $told = json_decode($audit->output(), true);
        self::assertNotEmpty($told);
        foreach ($told as $file => $one) {
            self::assertSame([0, 0], [$one['errors'], $one['fixes']], $file);
            self::assertSame([], array_diff($one['layers'], ['CUT', 'FOLD', 'MARK', 'TEXT']), $file);
        }
        $radius = $answer['cuts'][1]['holes_mm'][0]['radius'];
        self::assertEqualsWithDelta([$radius], $told['1b-shroud.dxf']['circles'], 1e-3);
        self::assertEqualsWithDelta([$radius / 25.4], $told['1b-shroud-inches.dxf']['circles'], 1e-3);

        foreach (File::glob("{$this->folder}/*.stl") as $solid) {
            $said = Process::run(['admesh', $solid])->throw()->output();
            self::assertMatchesRegularExpression('/Total disconnected facets\s*:\s*0\s+0/', $said, $solid);
            self::assertMatchesRegularExpression('/Number of parts\s*:\s*1\s/', $said, $solid);
            self::assertMatchesRegularExpression('/Facets reversed\s*:\s*0/', $said, $solid);
            $text = substr($solid, 0, -4).'.scad';
            $own = (float) preg_replace('/.*Volume\s*:\s*([\d.]+).*/s', '$1', $said);
            Process::timeout(120)->run(['openscad', '-o', "{$this->folder}/compiled.stl", $text])->throw();
            $compiled = (float) preg_replace('/.*Volume\s*:\s*([\d.]+).*/s', '$1', Process::run(['admesh', "{$this->folder}/compiled.stl"])->throw()->output());
            File::delete("{$this->folder}/compiled.stl");
            self::assertEqualsWithDelta($compiled, $own, 0.002 * $compiled, $solid);
        }
    }

    public function test_bars_and_parts_are_printed_at_full_size(): void
    {
        $this->kit(['kind' => 'kit', 'cuts' => [['label' => 'A', 'outline_mm' => [[0, 0], [150, 0], [150, 100], [0, 100]]]], 'sheets' => [['id' => 's', 'width_mm' => 200, 'height_mm' => 200]]]);
        foreach (['a4', 'letter'] as $paper) {
            Process::run(['pdftoppm', '-r', (string) self::DPI, '-gray', '-singlefile', "{$this->folder}/full-size-{$paper}.pdf", "{$this->folder}/{$paper}"])->throw();
            [$width, $height, $pixels] = $this->grey("{$this->folder}/{$paper}.pgm");
            $long = [];
            for ($y = 0; $y < $height; $y++) {
                $run = $best = 0;
                for ($x = 0; $x < $width; $x++) {
                    $run = ord($pixels[$y * $width + $x]) < 128 ? $run + 1 : 0;
                    $best = max($best, $run);
                }
                $long[] = $best * 25.4 / self::DPI;
            }
            foreach (['100 mm' => 100.0, '4 in' => 101.6, 'the part' => 150.0] as $what => $length) {
                $nearest = array_reduce($long, fn (float $best, float $one): float => abs($one - $length - 0.35) < abs($best - $length - 0.35) ? $one : $best, 0.0);
                // Half of a line's own width, 0.35 mm, is seen beyond each end.
                self::assertEqualsWithDelta($length + 0.35, $nearest, 0.2, "{$what} on {$paper}");
            }
        }
    }

    public function test_what_is_wrong_is_told_with_its_path_and_nothing_is_written(): void
    {
        $square = [[0, 0], [100, 0], [100, 100], [0, 100]];
        foreach ([
            'cuts.0.holes_mm.0: This hole is not inside its part.' => ['cuts' => [['label' => 'A', 'outline_mm' => $square, 'holes_mm' => [['x' => 100, 'y' => 50, 'radius' => 20]]]]],
            'cuts.0.outline_mm: These corners are no outline' => ['cuts' => [['label' => 'A', 'outline_mm' => [[0, 0], [100, 100], [100, 0], [0, 100]]]]],
            'cuts.1.label: “A” is named twice.' => ['cuts' => [['label' => 'A', 'outline_mm' => $square], ['label' => 'A', 'outline_mm' => $square]]],
            'kerf_mm: Too small' => ['cuts' => [['label' => 'A', 'outline_mm' => $square]], 'kerf_mm' => -1],
            'units.0.unit.bare' => ['units' => [['unit' => ['bare' => ['fans' => [['free_flow_cfm' => 100, 'shut_off_pa' => 10]], 'faces' => [['layers' => [['drop' => [['velocity_m_s' => 1, 'pressure_pa' => 10]], 'width_mm' => 400, 'height_mm' => 400, 'grade' => '13']]]]]]]]],
            'bought.0.material: “tin” is not in the catalogue' => ['cuts' => [['label' => 'A', 'outline_mm' => $square]], 'bought' => [['material' => 'tin']]],
            'pinned.A.1' => ['cuts' => [['label' => 'A', 'outline_mm' => $square]], 'sheets' => [['id' => 's', 'width_mm' => 150, 'height_mm' => 150]], 'pinned' => [['label' => 'A', 'sheet' => 's', 'x_mm' => 100, 'y_mm' => 0]]],
        ] as $said => $document) {
            File::ensureDirectoryExists($this->folder);
            File::put("{$this->folder}/asked.json", json_encode(['kind' => 'kit'] + $document, JSON_THROW_ON_ERROR));
            $ran = Process::path(base_path())->run([PHP_BINARY, 'artisan', 'jornel:kit', "{$this->folder}/asked.json", "--files={$this->folder}/none"]);
            self::assertSame(2, $ran->exitCode(), $said.$ran->output());
            self::assertStringContainsString($said, $ran->errorOutput());
            self::assertDirectoryDoesNotExist("{$this->folder}/none");
        }
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private function kit(array $document): array
    {
        File::ensureDirectoryExists($this->folder);
        File::put("{$this->folder}/asked.json", json_encode($document, JSON_THROW_ON_ERROR));
        $ran = Process::path(base_path())->timeout(60)->run([PHP_BINARY, 'artisan', 'jornel:kit', "{$this->folder}/asked.json", "--files={$this->folder}"])->throw();

        return json_decode($ran->output(), true, flags: JSON_THROW_ON_ERROR);
    }

    /** @return array{int, int, string} width, height and pixels of a grey picture */
    private function grey(string $file): array
    {
        $content = (string) file_get_contents($file);
        preg_match('/^P5\s+(\d+)\s+(\d+)\s+255\s/', $content, $head);

        return [(int) $head[1], (int) $head[2], substr($content, strlen($head[0]))];
    }
}
