<?php

namespace App\Console\Commands;

use App\Formats\Format;
use App\Formats\NotInFormat;
use Illuminate\Console\Command;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\Documents;
use Jornel\Core\Fault\Invalid;
use Jornel\Core\Fault\InvalidEntries;

class EvaluateCommand extends Command
{
    /** Bytes. */
    private const LARGEST = 20_000_000;

    protected $signature = 'jornel:evaluate {file : a document, or - for standard input}';

    protected $description = 'Answer any document: a unit, a room in time, a building, sound, clearance; prints JSON';

    public function handle(DataFiles $data): int
    {
        $file = $this->argument('file');
        if (is_string($file) && is_file($file) && filesize($file) > self::LARGEST) {
            return $this->refuse(sprintf('This document is larger than %d MB.', self::LARGEST / 1_000_000));
        }
        $json = match (true) {
            $file === '-' => (string) stream_get_contents(STDIN, self::LARGEST),
            is_string($file) && is_file($file) => (string) file_get_contents($file),
            default => null,
        };
        if ($json === null) {
            $this->getOutput()->getErrorStyle()->writeln('There is no such file.');

            return self::FAILURE;
        }
        try {
            $answer = Documents::answer(Format::of($json)->read($json), $data);
        } catch (NotInFormat $fault) {
            return $this->refuse($fault->getMessage());
        } catch (InvalidEntries $faults) {
            return $this->refuse(implode("\n", array_map(fn (Invalid $fault): string => "{$fault->field}: {$fault->getMessage()}", $faults->faults)));
        } catch (Invalid $fault) {
            return $this->refuse("{$fault->field}: {$fault->getMessage()}");
        }
        $this->output->writeln((string) json_encode($answer, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR));

        return self::SUCCESS;
    }

    private function refuse(string $why): int
    {
        $this->getOutput()->getErrorStyle()->writeln($why);

        return self::INVALID;
    }
}
