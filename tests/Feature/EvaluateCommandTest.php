<?php

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process as Child;

/** The command as it is called, with files and standard input. */
class EvaluateCommandTest extends TestCase
{
    public function test_every_example_is_answered(): void
    {
        $examples = glob(dirname(__DIR__, 2).'/formats/examples/evaluate-*.json') ?: [];
        self::assertGreaterThan(2, count($examples));
        foreach ($examples as $example) {
            $run = $this->run_(['evaluate', $example]);
            self::assertSame(0, $run->getExitCode(), $example.$run->getErrorOutput());
            $answer = json_decode($run->getOutput(), true);
            $told = $answer['speeds'][0]['clean_air_m3_s']['cadr_smoke'] ?? $answer['total']['clean_air_m3_s']['cadr_smoke'];
            self::assertGreaterThan(0.0, $told, $example);
        }
    }

    public function test_every_kind_of_document_has_an_example_that_is_answered(): void
    {
        foreach (['clearance' => 'minutes_to_remove', 'room-series' => 'intervals', 'building' => 'propagators', 'sound' => 'seats'] as $kind => $key) {
            $run = $this->run_(['evaluate', dirname(__DIR__, 2)."/formats/examples/{$kind}.json"]);
            self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
            self::assertNotEmpty(json_decode($run->getOutput(), true)[$key]);
        }
    }

    public function test_standard_input_is_read_and_numbers_come_in_full(): void
    {
        $run = $this->run_(['evaluate', '-'], (string) file_get_contents(dirname(__DIR__, 2).'/formats/examples/evaluate-bare.json'));

        self::assertMatchesRegularExpression('/"pressure_pa": 16\.833\d{10,}/', $run->getOutput());
    }

    #[TestWith(['{"unit":{"bare":{"fans":[{"free_flow_cfm":1,"shut_off_pa":3,"colour":"red"}],"faces":[]}}}', 'unit.bare.fans.0.colour: This key is not known here.'])]
    #[TestWith(['{"unit":{"bare":{"fans":[{"free_flow_furlongs":1,"shut_off_pa":3}],"faces":[]}}}', 'unit.bare.fans.0.free_flow_furlongs: This key is not known here.'])]
    #[TestWith(['{"room":{"volume_ft3":-5},"unit":{"shape":"cube","fan":"a","filter":"b","joining":"c"}}', 'room.volume_ft3: Too small: it must be above 0.'])]
    #[TestWith(['{"room":{"volume_ft3":"big"},"unit":{"shape":"cube","fan":"a","filter":"b","joining":"c"}}', 'room.volume_ft3: Of the wrong kind'])]
    #[TestWith(['{"air":{"density_kg_m3":1.2,"altitude_m":5},"unit":{"shape":"cube","fan":"a","filter":"b","joining":"c"}}', 'air: The same is given more than once'])]
    #[TestWith(['{"room":{"volume_ft3":5}}', 'the document: Missing: one of placements, unit.'])]
    #[TestWith(['{"unit":{"shape":"cube","fan":"nope","filter":"20x20x1-g13-economy","joining":"duct-tape"}}', 'unit.fan: There is no fan “nope”'])]
    #[TestWith(['{"unit":{"shape":"cube","fan":"blower-cage","filter":"20x20x1-g13-economy","joining":"duct-tape"}}', 'unit.fan: “Cube of four” has no seat for a fan of the kind “blower”'])]
    #[TestWith(['{"unit":{"shape":"cube","fan":{"like":"box-20-plain","family":"garden fan"},"filter":"20x20x1-g13-economy","joining":"duct-tape"}}', 'unit.fan.family: Choose one of: box fan, round floor fan'])]
    #[TestWith(['{"kind":"sonnet"}', 'kind: Choose one of: evaluate, clearance'])]
    #[TestWith(['{"kind":"sound","sources":[{"level_dba":50}],"seats":[{"distances_m":[1,2]}]}', 'seats.0.distances_m'])]
    #[TestWith(['{"kind":"building","rooms":[{"name":"a","volume_m3":50}],"states":[{"name":"s","flows":[{"from_room":"outdoors","to_room":"a","flow_cfm":10}]}],"intervals":[{"state":"s","time_h":1}]}', 'flows: 0.0047195 m3/s enter “a” and 0 leave it'])]
    #[TestWith(['{"kind":"room-series","room":{"volume_m3":50},"intervals":[{"time_h":-1}]}', 'intervals.0.time_h: Too small'])]
    #[TestWith(['{"unit":{"shape":"cube","fan":{"like":"box-20-plain","colour":"red"},"filter":"20x20x1-g13-economy","joining":"duct-tape"}}', 'unit.fan.colour: This key is not known here.'])]
    #[TestWith(['{"unit":{"shape":"cube","fan":"box-20-plain","filter":"20x20x1-g13-economy","joining":"duct-tape","options":{"layout":"spiral"}}}', 'unit.options.layout: Choose one of: pinwheel, two-between-two.'])]
    #[TestWith(['{"room":{"outline":[{"x_m":0,"y_m":0},{"x_m":4,"y_m":4},{"x_m":4,"y_m":0},{"x_m":0,"y_m":4}],"height_m":2.5},"unit":{"shape":"cube","fan":"box-20-plain","filter":"20x20x1-g13-economy","joining":"duct-tape"}}', 'room.outline: The walls cross'])]
    #[TestWith(['{"pollutants":[{"id":"x","weights":[0.5,0.5,0.5]}],"unit":{"shape":"cube","fan":"box-20-plain","filter":"20x20x1-g13-economy","joining":"duct-tape"}}', 'pollutants.0.weights: Three weights'])]
    #[TestWith(['{"kind":"sound","sources":[{"level_dba":50,"count":1000000000}],"seats":[{"distances_m":[1]}]}', 'sources.0.count: Too large: at most 500.'])]
    #[TestWith(['{"kind":"room-series","room":{"volume_m3":50},"intervals":[{"time_h":1,"repeat":1000000}]}', 'intervals.0.repeat: With this they are too many: 200,000 at most.'])]
    #[TestWith(['[1, 2]', 'This is no object.'])]
    #[TestWith(['{"unit":', 'This is not JSON'])]
    public function test_what_is_wrong_is_refused_with_its_path_and_no_answer(string $json, string $said): void
    {
        $run = $this->run_(['evaluate', '-'], $json);

        self::assertSame(2, $run->getExitCode());
        self::assertSame('', $run->getOutput());
        self::assertStringContainsString($said, $run->getErrorOutput());
        self::assertStringNotContainsString('Stack trace', $run->getErrorOutput());
    }

    public function test_a_quantity_given_in_two_units_is_refused(): void
    {
        $document = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/formats/examples/evaluate-bare.json'), true);
        $document['unit']['bare']['leak_area_m2'] = 0.01;
        $run = $this->run_(['evaluate', '-'], (string) json_encode($document));

        self::assertSame(2, $run->getExitCode());
        self::assertStringContainsString('unit.bare: The same is given more than once', $run->getErrorOutput());
    }

    public function test_the_schema_is_printed_and_others_are_named(): void
    {
        self::assertSame('Jornel: evaluate', json_decode($this->run_(['schema', 'evaluate'])->getOutput(), true)['title']);
        $unknown = $this->run_(['schema', 'nonsense']);
        self::assertSame(2, $unknown->getExitCode());
        self::assertStringContainsString('There are: evaluate', $unknown->getErrorOutput());
    }

    public function test_a_file_that_is_not_there_is_told(): void
    {
        self::assertStringContainsString('There is no such file', $this->run_(['evaluate', '/nowhere.json'])->getErrorOutput());
    }

    /** @param  list<string>  $words */
    private function run_(array $words, ?string $input = null): Child
    {
        $run = new Child(['php', 'artisan', "jornel:{$words[0]}", $words[1]], dirname(__DIR__, 2), null, $input, 60);
        $run->run();

        return $run;
    }
}
