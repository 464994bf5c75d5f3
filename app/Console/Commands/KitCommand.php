<?php

namespace App\Console\Commands;

use App\Formats\Format;
use App\Sheet\CutFiles;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\File;
use Jornel\Core\CutFile\Heading;
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
            $folder = $this->option('files');
            if (is_string($folder) && $folder !== '') {
                $this->write($kit, $folder);
            }

            return $kit->told();
        });
    }

    private function write(KitDocument $kit, string $folder): void
    {
        File::ensureDirectoryExists($folder);
        $count = 0;
        foreach ((new CutFiles($kit->plan, new Heading('Jornel', Date::now()->format('j F Y')), $kit->kit))->all() as $name => $content) {
            File::put("{$folder}/{$name}", $content);
            $count++;
        }
        $this->getOutput()->getErrorStyle()->writeln("{$count} files in {$folder}");
    }
}
