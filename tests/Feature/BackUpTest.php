<?php

namespace Tests\Feature;

use App\Backup\BackupFault;
use App\Backup\BackupFile;
use App\Backup\Backups;
use App\Backup\Database;
use App\Backup\Restore;
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
        config(['jornel.backups' => $this->folder, 'session.files' => "{$this->folder}-sessions"]);
        File::ensureDirectoryExists("{$this->folder}-sessions");
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        File::deleteDirectory("{$this->folder}-sessions");
        parent::tearDown();
    }

    public function test_what_was_backed_up_comes_back_and_what_came_later_is_kept_apart(): void
    {
        $before = $this->records();
        $file = $this->backup();
        File::put("{$this->folder}-sessions/somebody", 'signed in');
        DB::table('versions')->delete();
        $late = Programme::factory()->create(['name' => 'Too late']);

        $this->artisan('jornel:restore', ['file' => $file, '--force' => true])->expectsOutputToContain('Restored from')->expectsOutputToContain('before-restore-')->assertSuccessful();
        DB::reconnect();
        self::assertSame($before, $this->records());
        self::assertNull(Programme::query()->find($late->id));
        self::assertSame([], File::files("{$this->folder}-sessions"), 'whoever was signed in may be somebody else now');

        // The other way round: what was replaced is whole, and restoring it twice leaves it as it was.
        $kept = File::glob("{$this->folder}/before-restore-*.sql.gz");
        self::assertCount(1, $kept);
        $this->artisan('jornel:restore', ['file' => $kept[0], '--force' => true])->assertSuccessful();
        DB::reconnect();
        self::assertSame(['Too late', 0], [Programme::query()->findOrFail($late->id)->name, DB::table('versions')->count()]);
        self::assertFileExists($kept[0]);
        $this->artisan('jornel:restore', ['file' => $file, '--force' => true])->assertSuccessful();
        DB::reconnect();
        self::assertSame($before, $this->records());
    }

    public function test_a_file_that_is_cut_off_changed_or_foreign_changes_nothing(): void
    {
        $whole = (string) file_get_contents($this->backup());
        $sql = (string) gzdecode($whole);
        $before = $this->records();
        $bad = [
            'cut off in the middle' => [substr($whole, 0, intdiv(strlen($whole), 2)), 'cut off'],
            'cut off near its end' => [substr($whole, 0, -40), 'cut off'],
            'its last line gone' => [(string) gzencode(substr($sql, 0, -95)), 'cut off'],
            'one letter changed' => [(string) gzencode(str_replace('Millrace', 'Millrage', $sql)), 'not as it was written'],
            'a dump of something else' => [(string) gzencode("DROP TABLE people;\n"), 'no backup of Jornel'],
            'no archive at all' => ["DROP TABLE people;\n", 'no backup of Jornel'],
            'empty' => ['', 'no backup of Jornel'],
        ];
        foreach ($bad as $what => [$bytes, $said]) {
            File::put("{$this->folder}/bad.sql.gz", $bytes);
            $this->artisan('jornel:restore', ['file' => "{$this->folder}/bad.sql.gz", '--force' => true])->expectsOutputToContain($said)->assertFailed();
            self::assertSame($before, $this->records(), $what);
        }
    }

    public function test_sql_that_fails_half_way_changes_nothing(): void
    {
        $before = $this->records();
        File::ensureDirectoryExists($this->folder);
        $file = BackupFile::write("{$this->folder}/half.sql.gz", '2026_11_24_000001_create_framework_tables', 'now', function (callable $take): void {
            $take("CREATE TABLE people (id INT);\nINSERT INTO people VALUES (1);\nINSERT INTO nothing_such VALUES (1);\n");
        });

        $this->artisan('jornel:restore', ['file' => $file->path, '--force' => true])->expectsOutputToContain('Nothing was changed')->assertFailed();
        self::assertSame($before, $this->records());
    }

    public function test_what_was_there_is_never_lost_when_it_cannot_be_written_out(): void
    {
        $before = $this->records();
        $file = $this->backup();
        Programme::factory()->create(['name' => 'Too late']);
        // No folder can be made there.
        config(['jornel.backups' => '/dev/null/nowhere']);
        try {
            ($this->app->make(Restore::class))($file);
            self::fail('It should have said so.');
        } catch (BackupFault $fault) {
            self::assertMatchesRegularExpression('/stands in the database (\\w+): /', $fault->getMessage());
            preg_match('/in the database (\\w+)/', $fault->getMessage(), $found);
            $name = $found[1];
        }
        DB::reconnect();

        self::assertSame($before, $this->records());
        self::assertSame(1, DB::table("{$name}.programmes")->where('name', 'Too late')->count());
        DB::statement("DROP DATABASE `{$name}`");
    }

    public function test_a_user_who_may_make_no_database_beside_is_told_where_to_read_on(): void
    {
        config(['database.connections.mariadb.database' => 'mysql']);
        $this->expectException(BackupFault::class);
        $this->expectExceptionMessage('deploy/README.md');
        $this->app->make(Database::class)->beside('trial');
    }

    public function test_a_backup_of_a_newer_schema_is_refused(): void
    {
        File::ensureDirectoryExists($this->folder);
        $file = BackupFile::write("{$this->folder}/newer.sql.gz", '2999_01_01_000001_something', 'now', fn (callable $take) => $take("SELECT 1;\n"));

        $this->artisan('jornel:restore', ['file' => $file->path, '--force' => true])->expectsOutputToContain('newer Jornel')->assertFailed();
    }

    public function test_a_full_disk_leaves_no_backup_and_says_so(): void
    {
        $this->expectException(BackupFault::class);
        $this->expectExceptionMessage('is the disk full?');
        BackupFile::write('/dev/full', 'schema', 'now', fn (callable $take) => $take(random_bytes(2_000_000)));
    }

    public function test_only_the_newest_backups_are_kept(): void
    {
        File::ensureDirectoryExists($this->folder);
        foreach (range(10, 29) as $day) {
            File::put("{$this->folder}/jornel-202601{$day}-031000.sql.gz", '');
        }
        File::put("{$this->folder}/before-restore-20260101-000000.sql.gz", '');
        $this->backup();

        self::assertCount(14, File::glob("{$this->folder}/jornel-*.sql.gz"));
        self::assertFileDoesNotExist("{$this->folder}/jornel-20260110-031000.sql.gz");
        self::assertFileExists("{$this->folder}/before-restore-20260101-000000.sql.gz");
    }

    public function test_a_backup_that_breaks_off_leaves_nothing_that_looks_whole(): void
    {
        config(['database.connections.mariadb.password' => 'wrong']);
        try {
            $this->app->make(Backups::class)->make();
            self::fail('It should have failed.');
        } catch (\RuntimeException) {
            self::assertSame([], File::files($this->folder));
        }
    }

    public function test_a_missed_backup_is_said(): void
    {
        $backups = $this->app->make(Backups::class);
        DB::table('people')->update(['created_at' => now()->subDays(9)]);
        self::assertStringStartsWith('No backup was ever made.', $backups->missed());
        $file = $this->backup();
        self::assertSame('', $backups->missed());
        touch($file, now()->subDays(3)->getTimestamp());
        clearstatcache();
        self::assertStringContainsString('The last backup is of '.now()->subDays(3)->format('j F Y'), $backups->missed());
        DB::table('people')->update(['created_at' => now()]);
        self::assertSame('', $backups->missed(), 'nothing here is a day old');
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

    private function backup(): string
    {
        $this->artisan('jornel:backup')->assertSuccessful();

        return File::glob("{$this->folder}/jornel-*.sql.gz")[count(File::glob("{$this->folder}/jornel-*.sql.gz")) - 1];
    }

    /** Everything that people have written, and how the tables are made. */
    /** All tables that are backed up, by their checksums. */
    private function records(): string
    {
        $tables = array_filter(array_map(fn (object $row): string => (string) current((array) $row), DB::select('SHOW TABLES')), fn (string $table): bool => ! in_array($table, ['cache', 'cache_locks', 'sessions'], true));
        self::assertContains('log_rows', $tables);

        return (string) json_encode(array_map(fn (string $table): array => [DB::select("CHECKSUM TABLE {$table}"), DB::table($table)->count(), DB::select("SHOW CREATE TABLE {$table}")], array_values($tables)));
    }
}
