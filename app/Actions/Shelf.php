<?php

namespace App\Actions;

use App\Models\Build;
use App\Models\Person;
use App\Models\Programme;
use App\Models\StockMovement;
use App\Models\Version;
use Closure;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Kit\InvalidStock;
use Jornel\Core\Kit\KitPart;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Kit\Stock;
use Jornel\Core\Kit\StockLine;
use Jornel\Core\Kit\StockMove;
use Jornel\Core\Part\PartKind;

/** What a programme has on its shelf, from all that moved. */
final readonly class Shelf
{
    /** @return array<string, StockLine> by kind and code */
    public function lines(Programme $programme): array
    {
        $lines = [];
        foreach ($programme->movements as $movement) {
            $part = $movement->kind->key($movement->code);
            $lines[$part] = ($lines[$part] ?? StockLine::empty())->after($movement->move, $movement->pieces, $movement->build_id);
        }

        return $lines;
    }

    /** Pieces that a build may count on: those that are free, and those reserved for it. */
    public function stock(Programme $programme, ?Build $build): Stock
    {
        $pieces = [];
        foreach ($this->lines($programme) as $part => $line) {
            $pieces[PartKind::ofKey($part)[1]] = $line->freeFor($build?->id);
        }

        return Stock::of($pieces);
    }

    /**
     * Keeps a movement if there are as many pieces as it moves; two people at once wait for each other.
     */
    public function move(Programme $programme, Person $person, PartKind $kind, string $code, StockMove $move, int $pieces, ?Build $build, string $note): StockMovement
    {
        return $this->alone($programme, function () use ($programme, $person, $kind, $code, $move, $pieces, $build, $note): StockMovement {
            $line = $this->lines($programme)[$kind->key($code)] ?? StockLine::empty();
            $line->after($move, $pieces, $build?->id);

            return $programme->movements()->create([
                'kind' => $kind, 'code' => $code, 'move' => $move, 'pieces' => $pieces, 'build_id' => $build?->id, 'note' => $note, 'person_id' => $person->id,
            ]);
        });
    }

    /**
     * Moves all of a version's kit that can be moved so, for its build.
     *
     * @return list<KitPart> as they stand after it
     *
     * @throws InvalidStock when there is nothing to move
     */
    public function moveKit(Version $version, ShoppingList $kit, Person $person, StockMove $move): array
    {
        $programme = $version->build->room->site->programme;

        return $this->alone($programme, function () use ($programme, $version, $kit, $person, $move): array {
            $moved = array_filter(KitPart::list($kit, $this->lines($programme), $version->build_id), fn (KitPart $part): bool => $part->moved($move) > 0);
            if ($moved === []) {
                throw InvalidStock::nothingToMove($move);
            }
            foreach ($moved as $part) {
                $programme->movements()->create([
                    'kind' => $part->kind, 'code' => $part->part, 'move' => $move, 'pieces' => $part->moved($move),
                    'build_id' => $version->build_id, 'note' => "kit of version {$version->number}", 'person_id' => $person->id,
                ]);
            }

            return KitPart::list($kit, $this->lines($programme->unsetRelation('movements')), $version->build_id);
        });
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $move
     * @return T
     */
    private function alone(Programme $programme, Closure $move): mixed
    {
        return DB::transaction(function () use ($programme, $move): mixed {
            $programme->newQuery()->whereKey($programme->id)->lockForUpdate()->firstOrFail();
            $programme->unsetRelation('movements');

            return $move();
        });
    }
}
