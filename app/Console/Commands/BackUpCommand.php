<?php

namespace App\Console\Commands;

use App\Backup\BackupFault;
use App\Backup\Backups;
use Illuminate\Console\Command;

class BackUpCommand extends Command
{
    protected $signature = 'jornel:backup';

    protected $description = 'Write all records to a compressed file under var/backups, read it back for a test, and keep the newest fourteen';

    public function handle(Backups $backups): int
    {
        try {
            $file = $backups->make();
        } catch (BackupFault $fault) {
            $this->error($fault->getMessage());

            return self::FAILURE;
        }
        $this->line("Backed up to {$file->path}, and read back for a test.");

        return self::SUCCESS;
    }
}
