<?php

namespace App\Backup;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Throwable;

/** Puts the records of a backup in the place of the present ones: all of them or none. */
final readonly class Restore
{
    public function __construct(private Database $database, private Backups $backups)
    {
    }

    /**
     * @return array{restored: BackupFile, before: BackupFile, counts: array<string, int>} the file, what was there before, and records now
     *
     * @throws BackupFault with nothing changed, or with what was there left in a database beside
     */
    public function __invoke(string $path): array
    {
        $file = BackupFile::checked($path);
        if ($file->schema > $this->newestSchema()) {
            throw BackupFault::newer($path, $file->schema);
        }
        $incoming = $this->database->beside('incoming');
        try {
            $this->database->load($incoming, $file->sql());
            $this->bringUpToDate($incoming);
            // A name that no earlier restore has used: what stands there may be the only copy.
            $replaced = $this->database->beside('replaced_'.Carbon::now()->format('YmdHis'));
            $this->database->exchange($incoming, $replaced);
        } finally {
            $this->database->drop($incoming);
        }
        // Sessions name people by numbers that may be other people’s now.
        File::cleanDirectory(config()->string('session.files'));
        // Only now, so that what was acknowledged until the very exchange is kept too.
        try {
            $before = $this->backups->make('before-restore', $replaced);
        } catch (Throwable $fault) {
            throw BackupFault::keptBeside($replaced, $fault);
        }
        $this->database->drop($replaced);

        return ['restored' => $file, 'before' => $before, 'counts' => $this->database->counted($this->database->current())];
    }

    private function newestSchema(): string
    {
        return max(['', ...array_map(fn (string $path): string => basename($path, '.php'), File::glob(database_path('migrations/*.php')))]);
    }

    /** Records of an older schema get what was added to it since. */
    private function bringUpToDate(string $database): void
    {
        config(['database.connections.incoming' => ['database' => $database] + config()->array('database.connections.mariadb')]);
        try {
            DB::usingConnection('incoming', fn (): int => Artisan::call('migrate', ['--database' => 'incoming', '--force' => true]));
        } finally {
            DB::purge('incoming');
        }
    }
}
