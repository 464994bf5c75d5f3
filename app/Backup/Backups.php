<?php

namespace App\Backup;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** The folder of backups: what is written there, what stays, and whether one was missed. */
final readonly class Backups
{
    /** One a day, and two hours for it, h. */
    private const OFTEN = 26;

    public function __construct(private Database $database)
    {
    }

    /**
     * Writes all records to a file, and reads it back into a database of its own to see that it can be.
     *
     * @param  string  $prefix  files that begin so are kept apart from others
     *
     * @throws BackupFault
     */
    public function make(string $prefix = 'jornel', ?string $database = null): BackupFile
    {
        $database ??= $this->database->current();
        $path = $this->newPath($prefix);
        $partial = "{$path}.partial";
        try {
            $written = BackupFile::write($partial, $this->database->schema($database), Carbon::now()->toIso8601String(), fn (callable $take) => $this->database->dump($database, $take));
            $this->tryReading($written, $database);
            File::move($partial, $path);
        } finally {
            File::delete($partial);
        }
        foreach (array_slice(array_reverse(File::glob("{$this->folder()}/{$prefix}-*.sql.gz")), config()->integer('jornel.backups_kept')) as $old) {
            File::delete($old);
        }

        return BackupFile::checked($path);
    }

    /** What an organiser is told when the last backup is older than a day; empty when all is well, or nothing is that old. */
    public function missed(): string
    {
        $due = Carbon::now()->subHours(self::OFTEN);
        $last = max([0, ...array_map(fn (string $path): int => (int) filemtime($path), File::glob("{$this->folder()}/jornel-*.sql.gz"))]);
        $begun = DB::table('people')->min('created_at');
        if ($last >= $due->getTimestamp() || ! is_string($begun) || Carbon::parse($begun)->greaterThan($due)) {
            return '';
        }

        return $last === 0
            ? 'No backup was ever made. Run ./jornel doctor on the machine that Jornel runs on.'
            : sprintf('The last backup is of %s. Run ./jornel doctor on the machine that Jornel runs on.', Carbon::createFromTimestamp($last)->format('j F Y'));
    }

    public function folder(): string
    {
        return config()->string('jornel.backups');
    }

    /** One that no file has yet. */
    private function newPath(string $prefix): string
    {
        File::ensureDirectoryExists($this->folder(), 0700);
        $name = "{$this->folder()}/{$prefix}-".Carbon::now()->format('Ymd-His');
        for ($again = 2, $path = "{$name}.sql.gz"; File::exists($path); $again++) {
            $path = "{$name}-{$again}.sql.gz";
        }

        return $path;
    }

    private function tryReading(BackupFile $file, string $database): void
    {
        $trial = $this->database->beside('trial');
        try {
            $this->database->load($trial, $file->sql());
            $missing = array_values(array_diff($this->database->tables($database), $this->database->tables($trial)));
            if ($missing !== []) {
                throw BackupFault::missing($missing);
            }
        } finally {
            $this->database->drop($trial);
        }
    }
}
