<?php

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process as Child;

/** Evidence as files, with a meter's logs beside them. */
class ProveCommandTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/jornel-prove-'.bin2hex(random_bytes(6));
        mkdir($this->folder, 0700);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        rmdir($this->folder);
    }

    public function test_every_example_is_answered(): void
    {
        foreach (['decay' => 'runs', 'decay-logs' => 'clean_air_m3_s', 'traverse' => 'flow_m3_s', 'level' => 'unit_dba', 'tissue' => 'ranking', 'fit' => 'fitted'] as $example => $key) {
            $run = $this->prove(dirname(__DIR__, 2)."/formats/examples/{$example}.json");
            self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
            self::assertNotEmpty(json_decode($run->getOutput(), true)[$key]);
        }
    }

    public function test_a_log_lies_beside_its_document_and_what_is_odd_in_it_is_told(): void
    {
        $log = "Zeit;PM2,5\n";
        for ($i = 0; $i < 120; $i++) {
            $log .= sprintf("03.10.2026 %02d:%02d;%s\n", 9 + intdiv($i, 60), $i % 60, $i === 50 ? '--' : str_replace('.', ',', (string) round(6.0 + 280.0 * exp(-$i / 15.0), 2)));
        }
        file_put_contents("{$this->folder}/with.csv", $log);
        file_put_contents("{$this->folder}/test.json", '{"kind":"decay","room":{"volume_m3":189},"runs":[{"name":"with","unit_on":true,"csv":"with.csv"}]}');
        $answer = json_decode($this->prove("{$this->folder}/test.json")->getOutput(), true);

        self::assertEqualsWithDelta(4.0, $answer['runs'][0]['rate_per_hour']['value'], 0.01);
        self::assertSame([['left-out', 52]], array_map(fn (array $note): array => [$note['code'], $note['line']], $answer['runs'][0]['notes']));
    }

    #[TestWith(['{"kind":"kit"}', 'kind: Choose one of: decay, traverse, level, tissue, fit.'])]
    #[TestWith(['{"kind":"decay","room":{"volume_m3":1},"runs":[{"name":"a","unit_on":true,"csv":"nowhere.csv"}]}', 'runs.0.csv: There is no such file: nowhere.csv'])]
    #[TestWith(['{"kind":"decay","room":{"volume_m3":1},"runs":[{"name":"a","unit_on":true,"csv":"a.csv","csv_text":"b"}]}', 'runs.0.csv_text: This key is not known here.'])]
    #[TestWith(['{"kind":"decay","room":{"volume_m3":-1},"runs":[]}', 'room.volume_m3: Too small'])]
    #[TestWith(['{"kind":"traverse","outlet":{"width_in":20},"grid":"equal-area","readings_fpm":[[1,2]]}', 'outlet: '])]
    #[TestWith(['{"kind":"traverse","outlet":{"diameter_in":20},"grid":"spiral","readings_fpm":[[1,2]]}', 'grid: Choose one of: log-tchebycheff, log-linear, equal-area.'])]
    #[TestWith(['{"kind":"level","on_dba":[1000],"off_dba":[30],"distance_m":1}', 'on_dba.0: Too large: at most 200.'])]
    #[TestWith(['{"kind":"tissue","unit":{"shape":"cube","fan":"box-20-plain","filter":"20x20x1-g13-economy","joining":"duct-tape"},"answers":{"face-1":"maybe"}}', 'answers.face-1: Choose one of: in, still, out.'])]
    public function test_faults_are_told_with_their_path(string $document, string $fault): void
    {
        file_put_contents("{$this->folder}/wrong.json", $document);
        $run = $this->prove("{$this->folder}/wrong.json");

        self::assertSame(2, $run->getExitCode());
        self::assertStringContainsString($fault, $run->getErrorOutput());
        self::assertSame('', $run->getOutput());
    }

    private function prove(string $file): Child
    {
        $run = new Child(['./jornel', 'prove', $file], dirname(__DIR__, 2), timeout: 120);
        $run->run();

        return $run;
    }
}
