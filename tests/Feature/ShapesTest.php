<?php

namespace Tests\Feature;

use Jornel\Core\Shape\Shapes;

/** The screens' own questions for every shape there is. */
class ShapesTest extends FeatureTestCase
{
    public function test_every_shape_can_be_chosen_with_the_parts_that_are_offered_for_it_and_saved(): void
    {
        $room = $this->room();
        $this->actingAs($this->person(\App\Models\Role::Builder, $room->site->programme));
        $misfits = $this->postJson('/api/v1/misfits', ['unit' => self::CHOICES])->assertOk()->json();
        $offered = collect($this->getJson('/api/v1/catalogue')->json('shapes'))->pluck('id');

        self::assertEqualsCanonicalizing(array_keys(Shapes::all()), $offered->all());
        foreach ($offered as $shape) {
            $instead = array_intersect_key($misfits['instead'][$shape] ?? [], ['fan' => 1, 'filter' => 1]);
            self::assertSame(isset($misfits['shapes'][$shape]), $instead !== [], $shape);
            $unit = $instead + ['shape' => $shape] + self::CHOICES;
            $answer = $this->postJson('/api/v1/evaluations', ['unit' => $unit] + $this->evaluation())->assertOk();
            self::assertNotEmpty($answer->json('unit.drawing.strokes'), $shape);
            self::assertNotEmpty($answer->json('unit.form.tools'), $shape);
            $version = $this->postJson("/api/v1/rooms/{$room->id}/builds", ['name' => $shape, 'unit' => $unit])->assertCreated()->json('latest.id');
            $sheet = (string) $this->get("/api/v1/versions/{$version}/sheet")->assertOk()->getContent();
            self::assertStringStartsWith('%PDF', $sheet);
            self::assertSame(1, preg_match_all('~/Type /Page\b~', $sheet), "{$shape}: the sheet is one page");
        }
    }

    public function test_options_direction_and_prefilter_are_read_and_refused_at_their_fields(): void
    {
        $this->actingAs($this->person());
        $ask = fn (array $unit) => $this->postJson('/api/v1/evaluations', ['unit' => $unit + self::CHOICES] + $this->evaluation());
        $ask(['options' => ['layout' => 'two-between-two'], 'direction' => 'push', 'prefilter' => '20x20x1-coarse'])->assertOk();

        $this->assertFaults($ask(['options' => ['layout' => 'spiral']]), ['unit.options.layout']);
        $this->assertFaults($ask(['options' => ['colour' => 'red']]), ['unit.options.colour']);
        $this->assertFaults($ask(['direction' => 'sideways']), ['unit.direction']);
        $this->assertFaults($ask(['prefilter' => '16x20x1-coarse']), ['unit.prefilter']);
    }
}
