<?php

namespace App\Console\Commands;

use App\Console\DatabaseTool;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\File;

class BackUpCommand extends Command
{
    protected $signature = 'jornel:backup {--name= : file name, without its ending}';

    protected $description = 'Write all records to a compressed file under var/backups, and keep the newest fourteen';

    public function handle(DatabaseTool $database): int
    {
        $folder = config()->string('jornel.backups');
        File::ensureDirectoryExists($folder, 0700);
        $name = $this->option('name');
        $file = $folder.'/'.(is_string($name) ? basename($name) : 'jornel-'.Carbon::now()->format('Ymd-His')).'.sql.gz';
        $database->dump($file);
        foreach (array_slice(array_reverse(File::glob("{$folder}/jornel-*.sql.gz")), config()->integer('jornel.backups_kept')) as $old) {
            File::delete($old);
        }
        $this->line("Backed up to {$file}");

        return self::SUCCESS;
    }
}
