<?php

namespace Tests\Feature;

use App\Jobs\BackUp;
use App\Models\Programme;
use Illuminate\Console\Scheduling\Event;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** On its own without a transaction: a backup sees only what is committed. */
class BackUpTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/jornel-backups-'.bin2hex(random_bytes(4));
        config(['jornel.backups' => $this->folder]);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_what_was_backed_up_comes_back_and_what_came_later_goes(): void
    {
        $before = DB::table('versions')->orderBy('id')->get()->toJson();
        self::assertNotSame('[]', $before);
        $this->artisan('jornel:backup', ['--name' => 'jornel-test'])->assertSuccessful();

        DB::table('versions')->delete();
        $late = Programme::factory()->create(['name' => 'Too late']);
        $this->artisan('jornel:restore', ['file' => "{$this->folder}/jornel-test.sql.gz", '--force' => true])->assertSuccessful();
        DB::reconnect();

        self::assertSame($before, DB::table('versions')->orderBy('id')->get()->toJson());
        self::assertNull(Programme::query()->find($late->id));
        self::assertFileExists("{$this->folder}/before-restore.sql.gz");
    }

    public function test_only_the_newest_backups_are_kept(): void
    {
        File::ensureDirectoryExists($this->folder);
        foreach (range(10, 29) as $day) {
            File::put("{$this->folder}/jornel-202601{$day}-031000.sql.gz", '');
        }
        $this->artisan('jornel:backup')->assertSuccessful();

        self::assertCount(14, File::glob("{$this->folder}/jornel-*.sql.gz"));
        self::assertFileDoesNotExist("{$this->folder}/jornel-20260110-031000.sql.gz");
    }

    public function test_a_backup_that_breaks_off_leaves_nothing_that_looks_whole(): void
    {
        config(['database.connections.mariadb.password' => 'wrong']);
        try {
            $this->artisan('jornel:backup', ['--name' => 'jornel-broken'])->run();
            self::fail('It should have failed.');
        } catch (\RuntimeException) {
            self::assertFileDoesNotExist("{$this->folder}/jornel-broken.sql.gz");
        }
    }

    public function test_restoring_what_is_not_there_says_so(): void
    {
        $this->artisan('jornel:restore', ['file' => '/nowhere.sql.gz'])->expectsOutputToContain('There is no such file')->assertFailed();
    }

    public function test_it_runs_daily(): void
    {
        $events = array_filter($this->app->make(Schedule::class)->events(), fn (Event $event): bool => str_contains((string) $event->description, BackUp::class));

        self::assertSame('10 3 * * *', array_values($events)[0]->expression);
    }
}
