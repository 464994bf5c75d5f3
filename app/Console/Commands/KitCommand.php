<?php

namespace App\Console\Commands;

use App\Formats\Format;
use Illuminate\Console\Command;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\KitDocument;
use Jornel\Core\Part\Record;

class KitCommand extends Command
{
    use AnswersDocument;

    protected $signature = 'jornel:kit {file : a document of the kind `kit`, or - for standard input} {--files= : a folder that all cut files are written to}';

    protected $description = 'What to buy and what to cut for some units; prints JSON, and writes drawings at full size';

    public function handle(DataFiles $data): int
    {
        return $this->answer(function (string $json) use ($data): array {
            $document = Format::named(KitDocument::kind())->read($json);
            $kit = KitDocument::read(new Record($document + ['from' => 'rated']), $data);

            return $kit->told();
        });
    }
}
