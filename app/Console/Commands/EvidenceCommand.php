<?php

namespace App\Console\Commands;

use App\Actions\Evaluate;
use App\Evidence\EvidenceFile;
use App\Evidence\EvidenceImport;
use App\Evidence\ProvedUnit;
use App\Models\Person;
use App\Models\Unit;
use Illuminate\Console\Command;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Fault\Invalid;
use Throwable;

class EvidenceCommand extends Command
{
    protected $signature = 'jornel:evidence {file : evidence of a unit, as it was exported} {unit : number of the record of the unit} {--by= : email of whoever reads it in}';

    protected $description = 'Read the evidence of a unit back in; what is there already stays as it is';

    public function handle(Evaluate $evaluate, DataFiles $data): int
    {
        $file = $this->argument('file');
        $json = is_string($file) && is_file($file) ? json_decode((string) file_get_contents($file), true) : null;
        if (! is_array($json) || ($json['kind'] ?? null) !== EvidenceFile::KIND) {
            $this->error('This is no evidence of a unit.');

            return self::FAILURE;
        }
        $unit = Unit::query()->whereKey($this->argument('unit'))->first();
        $person = Person::query()->where('email', $this->option('by'))->first() ?? $unit?->starter;
        if ($unit === null || $person === null) {
            $this->error('There is no such unit, or nobody who reads it in.');

            return self::FAILURE;
        }
        try {
            (new EvidenceImport(ProvedUnit::of($unit, $evaluate, $data), $person))->read($json);
        } catch (ValidationException $faults) {
            foreach ($faults->errors() as $path => $said) {
                $this->error("{$path}: ".implode(' ', Arr::flatten($said)));
            }

            return self::FAILURE;
        } catch (Invalid $fault) {
            $this->error("{$fault->field}: {$fault->getMessage()}");

            return self::FAILURE;
        } catch (Throwable $fault) {
            report($fault);
            $this->error('The file cannot be read, and nothing of it is kept. The log of Jornel has the reason.');

            return self::FAILURE;
        }
        $this->info('Read.');

        return self::SUCCESS;
    }
}
