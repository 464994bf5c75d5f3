<?php

namespace App\Console\Commands;

use App\Formats\NotInFormat;
use Closure;
use Jornel\Core\Fault\Invalid;
use Jornel\Core\Fault\InvalidEntries;

/** Reads a document from a file or the standard input, and tells every fault in it with its path. */
trait AnswersDocument
{
    /** Bytes. */
    private const LARGEST = 20_000_000;

    /**
     * @param  Closure(string): array<string, mixed>  $answer  of the document's text
     */
    private function answer(Closure $answer): int
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
            $told = $answer($json);
        } catch (NotInFormat $fault) {
            return $this->refuse($fault->getMessage());
        } catch (InvalidEntries $faults) {
            return $this->refuse(implode("\n", array_map(fn (Invalid $fault): string => "{$fault->field}: {$fault->getMessage()}", $faults->faults)));
        } catch (Invalid $fault) {
            return $this->refuse("{$fault->field}: {$fault->getMessage()}");
        }
        $this->output->writeln((string) json_encode($told, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR));

        return self::SUCCESS;
    }

    private function refuse(string $why): int
    {
        $this->getOutput()->getErrorStyle()->writeln($why);

        return self::INVALID;
    }
}
