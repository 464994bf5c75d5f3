<?php

namespace App\Console\Commands;

use App\Formats\Format;
use Illuminate\Console\Command;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\GuideDocument;
use Jornel\Core\Document\Register\Documents;

class GuideCommand extends Command
{
    use AnswersDocument;

    protected $signature = 'jornel:guide {file : a document of the kind `guide`, or - for standard input}';

    protected $description = 'The steps of making a unit; prints JSON';

    public function handle(DataFiles $data): int
    {
        return $this->answer(fn (string $json): array => Documents::answer(Format::named(GuideDocument::kind())->read($json), $data));
    }
}
