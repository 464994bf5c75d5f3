<?php

namespace App\Console\Commands;

use App\Formats\Format;
use App\Formats\UnknownFormat;
use Illuminate\Console\Command;

class SchemaCommand extends Command
{
    protected $signature = 'jornel:schema {format : such as evaluate}';

    protected $description = 'Print the JSON Schema of an open format';

    public function handle(): int
    {
        $name = $this->argument('format');
        try {
            $this->output->write(Format::named(is_string($name) ? $name : '')->schema());
        } catch (UnknownFormat $unknown) {
            $this->getOutput()->getErrorStyle()->writeln($unknown->getMessage());

            return self::INVALID;
        }

        return self::SUCCESS;
    }
}
