<?php

namespace App\Actions;

use App\Models\Build;
use App\Models\Person;
use App\Models\Programme;
use App\Models\StockMovement;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Kit\Stock;
use Jornel\Core\Kit\StockLine;
use Jornel\Core\Kit\StockMove;

/** What a programme has on its shelf, from all that moved. */
final readonly class Shelf
{
    /** @return array<string, StockLine> by kind and code */
    public function lines(Programme $programme): array
    {
        $lines = [];
        foreach ($programme->movements as $movement) {
            $part = "{$movement->kind} {$movement->code}";
            $lines[$part] = ($lines[$part] ?? StockLine::empty())->after($movement->move, $movement->pieces, $movement->build_id);
        }

        return $lines;
    }

    /** Pieces that a build may count on: those that are free, and those promised to it. */
    public function stock(Programme $programme, ?Build $build): Stock
    {
        $pieces = [];
        foreach ($this->lines($programme) as $part => $line) {
            $pieces[explode(' ', $part, 2)[1]] = $line->freeFor($build?->id);
        }

        return Stock::of($pieces);
    }

    /**
     * Keeps a movement if there are as many pieces as it moves; two people at once wait for each other.
     */
    public function move(Programme $programme, Person $person, string $kind, string $code, StockMove $move, int $pieces, ?Build $build, string $note): StockMovement
    {
        return DB::transaction(function () use ($programme, $person, $kind, $code, $move, $pieces, $build, $note): StockMovement {
            $programme->newQuery()->whereKey($programme->id)->lockForUpdate()->firstOrFail();
            $line = $this->lines($programme)["{$kind} {$code}"] ?? StockLine::empty();
            $line->after($move, $pieces, $build?->id);

            return $programme->movements()->create([
                'kind' => $kind, 'code' => $code, 'move' => $move, 'pieces' => $pieces, 'build_id' => $build?->id, 'note' => $note, 'person_id' => $person->id,
            ]);
        });
    }
}
