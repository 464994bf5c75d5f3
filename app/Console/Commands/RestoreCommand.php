<?php

namespace App\Console\Commands;

use App\Backup\BackupFault;
use App\Backup\Backups;
use App\Backup\Restore;
use Illuminate\Console\Command;

class RestoreCommand extends Command
{
    protected $signature = 'jornel:restore {file : a backup} {--force : do not ask}';

    protected $description = 'Put the records of a backup in the place of the present ones, which are backed up under a name of their own';

    public function handle(Restore $restore, Backups $backups): int
    {
        $file = $this->argument('file');
        if (! is_string($file) || ! is_file($file)) {
            $this->error("There is no such file. Backups are under {$backups->folder()}.");

            return self::FAILURE;
        }
        if ($this->option('force') !== true && ! $this->confirm('This replaces all present records. Go on?')) {
            return self::FAILURE;
        }
        try {
            ['restored' => $restored, 'before' => $before, 'counts' => $counts] = $restore($file);
        } catch (BackupFault $fault) {
            $this->error($fault->getMessage());

            return self::FAILURE;
        }
        $this->line("Restored from {$restored->path}, written {$restored->made}.");
        $this->line("What was there before is in {$before->path}.");
        $this->line('Everybody signs in again. There are now: '.implode(', ', array_map(fn (string $table, int $count): string => "{$count} ".str_replace('_', ' ', $table), array_keys($counts), $counts)).'.');

        return self::SUCCESS;
    }
}
