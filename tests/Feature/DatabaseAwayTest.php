<?php

namespace Tests\Feature;

use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;

class DatabaseAwayTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        config(['database.connections.mariadb.port' => '1', 'session.driver' => 'array', 'cache.default' => 'array']);
        DB::purge();
    }

    public function test_the_interface_answers_plainly_and_asks_to_try_again(): void
    {
        $answer = $this->postJson('/api/v1/session', ['email' => 'wren@alderfen.example', 'password' => 'x']);

        $answer->assertStatus(503)->assertHeader('Retry-After');
        self::assertSame(['message'], array_keys($answer->json()));
    }

    public function test_the_page_itself_still_loads(): void
    {
        $this->get('/rooms/1')->assertOk()->assertSee('jornel', false);
    }
}
