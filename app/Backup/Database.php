<?php

namespace App\Backup;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use RuntimeException;
use Symfony\Component\Process\Exception\ProcessFailedException;
use Symfony\Component\Process\Process;
use Traversable;

/** Whole databases: written out, read in, and put in each other’s place, with the server’s own programs. */
final class Database
{
    /** Codes of MariaDB: no access to that database; no such right. */
    private const NOT_ALLOWED = [1044, 1227];

    /** @return string name of the one that the application works with */
    public function current(): string
    {
        return config()->string('database.connections.mariadb.database');
    }

    /**
     * Another one beside it, empty.
     *
     * @throws BackupFault when the user of the database may not
     */
    public function beside(string $what): string
    {
        $name = $this->current().'_'.$what;
        try {
            $this->drop($name);
            DB::statement("CREATE DATABASE `{$name}` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci");
        } catch (QueryException $fault) {
            throw in_array($fault->errorInfo[1] ?? 0, self::NOT_ALLOWED, true) ? BackupFault::noDatabaseBeside($name) : $fault;
        }

        return $name;
    }

    public function drop(string $name): void
    {
        DB::statement("DROP DATABASE IF EXISTS `{$name}`");
    }

    /** @return list<string> */
    public function tables(string $name): array
    {
        return array_values(array_map(strval(...), DB::table('information_schema.tables')->where('table_schema', $name)->orderBy('table_name')->pluck('table_name')->all()));
    }

    /** @return string name of its last migration */
    public function schema(string $name): string
    {
        return (string) DB::table("{$name}.migrations")->max('migration');
    }

    /** @return array<string, int> records of each table that people write */
    public function counted(string $name): array
    {
        $counts = [];
        foreach (['people', 'programmes', 'rooms', 'versions', 'stock_movements', 'units', 'unit_ticks', 'surveys', 'readings', 'logs', 'log_rows', 'meters', 'build_days'] as $table) {
            $counts[$table] = DB::table("{$name}.{$table}")->count();
        }

        return $counts;
    }

    /**
     * Puts the tables of one in the place of those of the application, which go to a third: all of them or none, in one
     * statement, for which whatever is being written is waited for.
     */
    public function exchange(string $incoming, string $replaced): void
    {
        $moves = [];
        foreach ($this->tables($this->current()) as $table) {
            $moves[] = "`{$this->current()}`.`{$table}` TO `{$replaced}`.`{$table}`";
        }
        foreach ($this->tables($incoming) as $table) {
            $moves[] = "`{$incoming}`.`{$table}` TO `{$this->current()}`.`{$table}`";
        }
        DB::statement('RENAME TABLE '.implode(', ', $moves));
    }

    /** @param  callable(string): void  $take  what is written out, piece by piece */
    public function dump(string $name, callable $take): void
    {
        $this->withCredentials(function (string $credentials) use ($name, $take): void {
            $dump = new Process(['mariadb-dump', "--defaults-extra-file={$credentials}", '--single-transaction', '--skip-comments', $name], timeout: null);
            $dump->disableOutput();
            $said = '';
            $dump->run(function (string $stream, string $text) use ($take, &$said): void {
                if ($stream === Process::OUT) {
                    $take($text);
                } else {
                    $said = substr($said.$text, -500);
                }
            });
            if (! $dump->isSuccessful()) {
                throw new RuntimeException("mariadb-dump failed: {$said}");
            }
        });
    }

    /**
     * @param  Traversable<string>  $sql
     *
     * @throws BackupFault
     */
    public function load(string $name, Traversable $sql): void
    {
        $this->withCredentials(function (string $credentials) use ($name, $sql): void {
            try {
                (new Process(['mariadb', "--defaults-extra-file={$credentials}", $name], timeout: null))->setInput($sql)->mustRun();
            } catch (ProcessFailedException $fault) {
                throw BackupFault::notLoaded(trim($fault->getProcess()->getErrorOutput()));
            }
        });
    }

    /** @param  callable(string): void  $run  is given a file with what the server wants to know of whoever asks */
    private function withCredentials(callable $run): void
    {
        /** @var array{host: string, port: string, username: string, password: string} $settings */
        $settings = config()->array('database.connections.mariadb');
        $file = tempnam(sys_get_temp_dir(), 'jornel');
        if ($file === false) {
            throw new RuntimeException('No temporary file can be made.');
        }
        try {
            File::chmod($file, 0600);
            File::put($file, sprintf("[client]\nhost=%s\nport=%s\nprotocol=tcp\nuser=%s\npassword=\"%s\"\n", $settings['host'], $settings['port'], $settings['username'], $settings['password']));
            $run($file);
        } finally {
            File::delete($file);
        }
    }
}
