<?php

namespace App\Console\Commands;

use App\Formats\Format;
use Illuminate\Console\Command;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\Proof\NamedLogs;
use Jornel\Core\Document\Register\Documents;
use Jornel\Core\Proof\Log\LogText;

class ProveCommand extends Command
{
    use AnswersDocument;

    protected $signature = 'jornel:prove {file : evidence as a document of the kind decay, traverse, level, tissue or fit, or - for standard input}';

    protected $description = 'What evidence says of a unit; prints JSON';

    public function handle(DataFiles $data): int
    {
        return $this->answer(function (string $json) use ($data): array {
            $format = Format::of($json, Documents::proofs());
            /** @var array<string, mixed> $document */
            $document = NamedLogs::into($format->read($json), $this->text(...));

            return Documents::answer($document, $data);
        });
    }

    private function text(string $name): ?string
    {
        $file = $this->found($name);

        // One byte more than is read shows that there are too many.
        return $file === null ? null : (string) file_get_contents($file, length: LogText::LARGEST + 1);
    }

    private function found(string $name): ?string
    {
        $document = $this->argument('file');
        $beside = is_string($document) && $document !== '-' ? dirname($document).'/' : '';
        foreach (str_starts_with($name, '/') ? [$name] : [$beside.$name, $name] as $file) {
            if (is_file($file)) {
                return $file;
            }
        }

        return null;
    }
}
