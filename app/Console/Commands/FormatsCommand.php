<?php

namespace App\Console\Commands;

use App\Formats\Format;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use Jornel\Core\Document\Register\Formats;

class FormatsCommand extends Command
{
    protected $signature = 'jornel:formats';

    protected $description = 'Write the JSON Schema of every open format to formats/, as the core defines them';

    public function handle(): int
    {
        foreach (Formats::names() as $name) {
            File::put(base_path("formats/{$name}.schema.json"), Format::named($name)->schema());
        }
        $this->line(count(Formats::names()).' formats');

        return self::SUCCESS;
    }
}
