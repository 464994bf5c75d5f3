<?php

namespace App\Console\Commands;

use App\Console\DatabaseTool;
use Illuminate\Console\Command;

class RestoreCommand extends Command
{
    protected $signature = 'jornel:restore {file : a backup} {--force : do not ask}';

    protected $description = 'Replace all records by those of a backup, after backing up the present ones';

    public function handle(DatabaseTool $database): int
    {
        $file = $this->argument('file');
        if (! is_string($file) || ! is_file($file)) {
            $this->error('There is no such file. Backups are under '.config()->string('jornel.backups').'.');

            return self::FAILURE;
        }
        if ($this->option('force') !== true && ! $this->confirm('This replaces all present records. Go on?')) {
            return self::FAILURE;
        }
        $this->call('jornel:backup', ['--name' => 'before-restore']);
        $database->load($file);
        $this->line("Restored from {$file}. What was there before is in before-restore.sql.gz.");

        return self::SUCCESS;
    }
}
