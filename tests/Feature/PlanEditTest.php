<?php

namespace Tests\Feature;

use App\Models\Person;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;

class PlanEditTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs(Person::factory()->create(['measure' => 'metric']));
    }

    public function test_a_plain_rectangle_is_drawn_as_soon_as_a_corner_is_moved_and_stays_plain_as_long_as_only_things_are(): void
    {
        $room = ['length' => '6 m', 'width' => '4 m', 'height' => ''] + self::ENTRIES;
        $thing = ['kind' => 'seat', 'x' => 1.0, 'y' => 1.0, 'width' => '', 'depth' => '', 'height' => '', 'leads_to' => ''];

        $moved = $this->edit(['furnishings' => [$thing]] + ['height' => '2.5 m'] + $room, ['what' => 'move-thing', 'index' => 0, 'x' => 2.02, 'y' => 1.0])->assertOk();
        self::assertEquals([[], 2.0], [$moved->json('outline'), $moved->json('furnishings.0.x')]);

        $drawn = $this->edit(['height' => '2.5 m'] + $room, ['what' => 'move-corner', 'index' => 2, 'x' => 7.0, 'y' => 5.0, 'near' => 0.0])->assertOk();
        self::assertEquals([[0, 0], [6, 0], [7, 5], [0, 4]], array_map(fn (array $corner): array => [$corner['x'], $corner['y']], $drawn->json('outline')));
        // Half of the diagonals’ cross product: |(7, 5) x (-6, 4)| / 2 = 29 m2.
        self::assertSame('29.0 m²', $drawn->json('plan.floor_area.metric'));
    }

    public function test_a_first_rectangle_gets_a_usual_ceiling(): void
    {
        $drawn = $this->edit(['length' => '', 'width' => '', 'height' => ''] + self::ENTRIES, ['what' => 'rectangle', 'x' => 1.0, 'y' => 1.0, 'x2' => 5.0, 'y2' => 4.0])->assertOk();

        self::assertEquals([4, '2.5 m', '12.0 m²'], [count($drawn->json('outline')), $drawn->json('height'), $drawn->json('plan.floor_area.metric')]);
    }

    #[TestWith([['what' => 'fold', 'index' => 0], 'edit.what'])]
    #[TestWith([['what' => 'move-corner', 'index' => 9, 'x' => 0.0, 'y' => 0.0], 'edit.index'])]
    #[TestWith([['what' => 'put', 'kind' => 'throne'], 'edit.kind'])]
    #[TestWith([['what' => 'put', 'kind' => 'door', 'colour' => 'red'], 'edit.colour'])]
    public function test_what_cannot_be_done_is_told_at_its_field(array $edit, string $field): void
    {
        $this->assertFaults($this->edit(['length' => '6 m', 'width' => '4 m', 'height' => '2.5 m'] + self::ENTRIES, $edit), [$field]);
    }

    private function edit(array $room, array $edit): TestResponse
    {
        return $this->postJson('/api/v1/plans/edits', ['room' => $room, 'edit' => $edit]);
    }
}
