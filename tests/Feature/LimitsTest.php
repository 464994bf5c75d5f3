<?php

namespace Tests\Feature;

use App\Http\Middleware\LimitBody;
use App\Http\Middleware\SecurityHeaders;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;

/** What is sent is judged by its size before anything goes through it. */
class LimitsTest extends FeatureTestCase
{
    public function test_a_body_of_more_than_a_megabyte_is_refused(): void
    {
        $this->actingAs($this->person())->postJson('/api/v1/needs', ['answers' => ['use' => [str_repeat('a', LimitBody::MOST)]]])->assertStatus(413);
        $this->postJson('/api/v1/session', ['email' => str_repeat('a', LimitBody::MOST), 'password' => 'x'])->assertStatus(413);
    }

    public function test_more_values_than_any_screen_sends_are_refused(): void
    {
        $person = $this->person();
        $this->actingAs($person)->postJson('/api/v1/needs', ['answers' => array_fill_keys(range(1, 12000), ['a'])])->assertStatus(413);
        $this->actingAs($person)->postJson('/api/v1/evaluations', ['drawn' => array_fill(0, 20000, 'a')] + $this->evaluation())->assertStatus(413);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function lists(): iterable
    {
        yield 'answers to a need' => ['/api/v1/needs', ['answers' => array_fill_keys(array_map(fn (int $i): string => "q{$i}", range(1, 900)), ['a'])], 'answers'];
        yield 'marks of drawings' => ['/api/v1/evaluations', ['room' => self::ENTRIES, 'goal' => 'air-changes-5', 'unit' => self::CHOICES, 'drawn' => array_fill(0, 3000, 'a')], 'drawn'];
        yield 'units to compare' => ['/api/v1/comparisons', ['room' => self::ENTRIES, 'goal' => 'air-changes-5', 'units' => array_fill(0, 400, self::CHOICES)], 'units'];
        yield 'furnishings' => ['/api/v1/plans', ['room' => self::ENTRIES + ['furnishings' => array_fill(0, 900, ['kind' => 'seat', 'x' => 1, 'y' => 1])], 'unit' => null], 'room.furnishings'];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('lists')]
    public function test_a_list_that_is_too_long_is_one_fault_and_no_list_of_faults(string $path, array $body, string $field): void
    {
        $this->assertFaults($this->actingAs($this->person())->postJson($path, $body), [$field]);
    }

    public function test_keys_that_are_not_known_are_named_a_few_at_a_time(): void
    {
        $refused = $this->actingAs($this->person())->postJson('/api/v1/walls', array_fill_keys(array_map(fn (int $i): string => "key{$i}", range(1, 900)), 1));

        self::assertCount(20, preg_grep('/^key/', array_keys($refused->assertUnprocessable()->json('errors'))));
    }

    #[TestWith(['/'])]
    #[TestWith(['/rooms/1/build'])]
    #[TestWith(['/api/v1/session'])]
    #[TestWith(['/api/v1/nothing-such'])]
    public function test_every_answer_says_what_a_browser_may_do_with_it(string $path): void
    {
        $answer = $this->get($path);
        foreach (SecurityHeaders::ALL as $name => $value) {
            $answer->assertHeader($name, $value);
        }
        self::assertStringContainsString("script-src 'self';", SecurityHeaders::POLICY);
    }

    public function test_a_number_with_letters_after_it_is_no_record(): void
    {
        $room = $this->room();
        $programme = $room->site->programme;
        $this->actingAs($this->person(programme: $programme));

        $this->getJson("/api/v1/programmes/{$programme->id}")->assertOk();
        $this->getJson("/api/v1/programmes/{$programme->id}abc")->assertNotFound();
        $this->getJson("/api/v1/programmes/0{$programme->id}")->assertNotFound();
        $this->getJson('/api/v1/rooms/99999999999999999999999')->assertNotFound();
    }

    public function test_what_stands_in_the_address_is_no_part_of_a_body(): void
    {
        $this->actingAs($this->person());

        $this->assertFaults($this->patchJson('/api/v1/session?measure=metric', []), ['measure']);
    }
}
