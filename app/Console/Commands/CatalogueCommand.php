<?php

namespace App\Console\Commands;

use App\Models\Part;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Part\Catalogue;

class CatalogueCommand extends Command
{
    protected $signature = 'jornel:catalogue';

    protected $description = 'Bring the parts catalogue up to the data files; what versions were computed with is untouched';

    public function handle(DataFiles $data): int
    {
        $entries = $data->entries();
        Catalogue::fromEntries($entries);
        DB::transaction(function () use ($entries): void {
            foreach ($entries as $position => $entry) {
                Part::query()->updateOrCreate(
                    ['kind' => $entry['kind'], 'code' => $entry['data']['id']],
                    ['position' => $position, 'figures' => $entry['data']],
                );
            }
        });
        $this->line(count($entries).' parts in the catalogue');

        return self::SUCCESS;
    }
}
