<?php

namespace App\Console\Commands;

use App\OpenApi\Description;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

class OpenApiCommand extends Command
{
    protected $signature = 'jornel:openapi {file : where to write it}';

    protected $description = 'Write the description of the HTTP interface, made from the attributes on the controllers';

    public function handle(Description $description): int
    {
        $file = $this->argument('file');
        File::put(is_string($file) ? $file : 'openapi.json', $description->json());

        return self::SUCCESS;
    }
}
