<?php

namespace App\Console\Commands;

use App\Evidence\EvidenceFile;
use App\Models\Person;
use App\Models\Unit;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Throwable;

class EvidenceCommand extends Command
{
    protected $signature = 'jornel:evidence {file : evidence of a unit, as it was exported} {unit : number of the record of the unit} {--by= : email of whoever reads it in}';

    protected $description = 'Read the evidence of a unit back in; what is there already stays as it is';

    public function handle(): int
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
            // @phpstan-ignore argument.type (what does not fit fails, and nothing of it is kept)
            DB::transaction(fn () => EvidenceFile::read($json, $unit, $person));
        } catch (Throwable $fault) {
            $this->error("The file cannot be read: {$fault->getMessage()}");

            return self::FAILURE;
        }
        $this->info('Read.');

        return self::SUCCESS;
    }
}
