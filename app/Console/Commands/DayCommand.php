<?php

namespace App\Console\Commands;

use App\Formats\Format;
use Illuminate\Console\Command;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\DayDocument;
use Jornel\Core\Part\Record;

class DayCommand extends Command
{
    use AnswersDocument;

    protected $signature = 'jornel:day {file : a document of the kind `day`, or - for standard input}';

    protected $description = 'Who does what when on a build day; prints JSON';

    public function handle(DataFiles $data): int
    {
        $began = hrtime(true);

        return $this->answer(function (string $json) use ($data, $began): array {
            $document = Format::named(DayDocument::kind())->read($json);

            return DayDocument::read(new Record($document + ['from' => 'rated']), $data)->told(fn (): float => (hrtime(true) - $began) / 1e6);
        });
    }
}
