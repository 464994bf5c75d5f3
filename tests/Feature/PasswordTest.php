<?php

namespace Tests\Feature;

use App\Models\Person;
use App\Models\Programme;
use App\Models\Role;
use Illuminate\Support\Facades\Hash;
use Symfony\Component\Process\Process;

/** Forgotten passwords and invitations, by mail and by an organiser's link. */
class PasswordTest extends FeatureTestCase
{
    private const NEW = 'reeds by the millrace';

    private ?Process $sink = null;

    private string $mail = '';

    protected function tearDown(): void
    {
        $this->sink?->stop(0.0);
        if ($this->mail !== '') {
            unlink($this->mail);
        }
        parent::tearDown();
    }

    public function test_a_forgotten_password_is_set_by_a_link_that_is_sent_and_works_once(): void
    {
        $this->startSink();
        $person = $this->person();
        $this->postJson('/api/v1/passwords', ['email' => strtoupper($person->email)])->assertAccepted();
        $mail = $this->mail();
        self::assertStringContainsString("RCPT TO:<{$person->email}>", $mail);
        self::assertStringContainsString('Subject: Set a new password', $mail);
        self::assertSame(1, preg_match('~https://jornel\.example/password/([0-9a-f]{64})\?email=(\S+)~', $mail, $link));

        $this->assertFaults($this->putJson("/api/v1/passwords/{$link[1]}", ['email' => rawurldecode($link[2]), 'password' => 'short']), ['password']);
        $this->putJson("/api/v1/passwords/{$link[1]}", ['email' => $this->person()->email, 'password' => self::NEW])->assertNotFound();
        $this->putJson("/api/v1/passwords/{$link[1]}", ['email' => rawurldecode($link[2]), 'password' => self::NEW])->assertOk()->assertJsonPath('email', $person->email);
        $this->assertAuthenticatedAs($person);
        self::assertTrue(Hash::check(self::NEW, $person->refresh()->password));
        $this->putJson("/api/v1/passwords/{$link[1]}", ['email' => rawurldecode($link[2]), 'password' => 'another one by now'])->assertNotFound();
    }

    public function test_whether_there_is_an_account_is_not_told(): void
    {
        $this->startSink();
        $this->postJson('/api/v1/passwords', ['email' => 'nobody@alderfen.example'])->assertAccepted()->assertNoContent(202);
        $person = $this->person();
        $this->postJson('/api/v1/passwords', ['email' => $person->email])->assertAccepted()->assertNoContent(202);
        // A second one within the minute is not sent.
        $this->postJson('/api/v1/passwords', ['email' => $person->email])->assertAccepted();

        self::assertSame(1, substr_count($this->mail(), 'RCPT TO'));
        $this->assertFaults($this->postJson('/api/v1/passwords', ['email' => 'no address']), ['email']);
    }

    public function test_a_link_is_too_old_after_an_hour(): void
    {
        [$programme, $organiser] = $this->programme();
        $member = $this->person(Role::Reader, $programme);
        $path = $this->actingAs($organiser)->postJson("/api/v1/programmes/{$programme->id}/people/{$member->id}/password-link")->assertCreated()->json('path');
        $this->travel(61)->minutes();

        $this->putJson($this->api($path), ['email' => $member->email, 'password' => self::NEW])->assertNotFound();
    }

    public function test_an_organiser_makes_a_link_for_a_member_who_belongs_to_no_other_programme(): void
    {
        [$programme, $organiser] = $this->programme();
        $member = $this->person(Role::Builder, $programme);
        $link = "/api/v1/programmes/{$programme->id}/people/{$member->id}/password-link";
        $this->actingAs($member)->postJson($link)->assertForbidden();
        $this->actingAs($this->person(Role::Organiser, Programme::factory()->create()))->postJson($link)->assertNotFound();
        $path = $this->actingAs($organiser)->postJson($link)->assertCreated()->assertJsonPath('minutes', 60)->json('path');
        $this->putJson($this->api($path), ['email' => $member->email, 'password' => self::NEW])->assertOk();

        // Whoever also belongs elsewhere would be taken over there, too.
        Programme::factory()->create()->people()->attach($member->id, ['role' => Role::Organiser->value]);
        $this->assertFaults($this->actingAs($organiser)->postJson($link), ['person']);
        $this->actingAs($organiser)->postJson("/api/v1/programmes/{$programme->id}/people/{$this->person()->id}/password-link")->assertNotFound();
    }

    public function test_a_link_of_an_organiser_holds_no_longer_once_its_member_comes_into_another_programme(): void
    {
        [$programme, $organiser] = $this->programme();
        $member = $this->person(Role::Builder, $programme);
        $path = $this->actingAs($organiser)->postJson("/api/v1/programmes/{$programme->id}/people/{$member->id}/password-link")->assertCreated()->json('path');
        $this->actingAs($member)->postJson('/api/v1/programmes', ['name' => 'Of their own'])->assertCreated();

        $this->putJson($this->api($path), ['email' => $member->email, 'password' => self::NEW])->assertNotFound();
    }

    public function test_an_invitation_is_sent_where_an_address_is_given(): void
    {
        $this->startSink();
        [$programme, $organiser] = $this->programme();
        $path = $this->actingAs($organiser)->postJson("/api/v1/programmes/{$programme->id}/invitations", ['role' => 'builder', 'email' => 'tern@alderfen.example'])->assertCreated()->json('path');
        $mail = $this->mail();

        self::assertStringContainsString('RCPT TO:<tern@alderfen.example>', $mail);
        self::assertStringContainsString("https://jornel.example{$path}", $mail);
        self::assertStringContainsString('as Builder', $mail);
        $this->assertFaults($this->postJson("/api/v1/programmes/{$programme->id}/invitations", ['role' => 'builder', 'email' => 'tern']), ['email']);
    }

    /** @return array{Programme, Person} */
    private function programme(): array
    {
        $programme = Programme::factory()->create();

        return [$programme, $this->person(Role::Organiser, $programme)];
    }

    private function api(string $path): string
    {
        return '/api/v1/passwords/'.explode('?', basename($path))[0];
    }

    private function startSink(): void
    {
        $this->mail = (string) tempnam(sys_get_temp_dir(), 'mail');
        $this->sink = new Process([PHP_BINARY, base_path('tests/smtp-sink.php'), $this->mail], timeout: 60);
        $this->sink->start();
        $this->sink->waitUntil(fn (string $type, string $out): bool => trim($out) !== '');
        config(['mail.default' => 'smtp', 'mail.mailers.smtp.port' => (int) $this->sink->getOutput(), 'app.url' => 'https://jornel.example']);
    }

    /** All that was sent, with lines that were folded for the way put together again. */
    private function mail(): string
    {
        return quoted_printable_decode(str_replace("\r\n", "\n", (string) file_get_contents($this->mail)));
    }
}
