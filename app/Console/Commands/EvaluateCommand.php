<?php

namespace App\Console\Commands;

use App\Formats\Format;
use Illuminate\Console\Command;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\Register\Documents;

class EvaluateCommand extends Command
{
    use AnswersDocument;

    protected $signature = 'jornel:evaluate {file : a document, or - for standard input}';

    protected $description = 'Answer any document: a unit, a room in time, a building, sound, clearance, a kit; prints JSON';

    public function handle(DataFiles $data): int
    {
        return $this->answer(fn (string $json): array => Documents::answer(Format::of($json)->read($json), $data));
    }
}
